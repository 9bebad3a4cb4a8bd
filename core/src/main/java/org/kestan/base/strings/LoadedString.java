package org.kestan.base.strings;

import org.kestan.base.geometry.Angle;

/**
 * A string at pitch.
 *
 * @param number its number, counted from the treble side
 * @param name what it is called: its note
 * @param wire what it is made of
 * @param frequency open, Hz
 * @param tension open, N
 * @param place where it lies between the outer strings: 0 bass, 1 treble
 */
public record LoadedString(int number, String name, Wire wire, double frequency, double tension, double place) {

    /**
     * Pressure of the string on what bends it: {@code 2·T·sin(β/2)} (§3.14).
     *
     * @param breakAngle β
     * @return N
     */
    public double press(Angle breakAngle) {
        return 2 * tension * Math.sin(breakAngle.radians() / 2);
    }

    /** How far each end moves in because of the string's stiffness, {@code e = √(EI/T)}, mm (§3.20). */
    public double end() {
        return Math.sqrt(wire.bending() / tension);
    }

    /** Tension after tuning down by half steps, N: tension varies with the square of the frequency. */
    public double tunedDown(double halfSteps) {
        return tension * Math.pow(2, -halfSteps / 6);
    }
}
