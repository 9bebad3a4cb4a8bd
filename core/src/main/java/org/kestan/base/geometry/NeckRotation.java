package org.kestan.base.geometry;

import java.util.Optional;

/**
 * A neck reset as a rigid rotation about the pivot, the line where the heel meets the underside of the fretboard: at
 * the joint, {@code o} below the fret line (§3.7).
 *
 * @param jointToSaddle D, pivot to saddle along the top, mm, positive
 * @param fretsOverTop o, fretboard and fret over the top at the joint, mm
 */
public record NeckRotation(double jointToSaddle, double fretsOverTop) {

    /**
     * @throws IllegalArgumentException if D is not positive
     */
    public NeckRotation {
        if (!(jointToSaddle > 0)) {
            throw new IllegalArgumentException("joint to saddle must be above zero: " + jointToSaddle);
        }
    }

    /**
     * The angle that brings the saddle crown to a wanted height above the fret line:
     * {@code Y = hs + o + Δz}, {@code R = √(D² + Y²)}, {@code θ = atan2(Y, D) − asin((hs* + o)/R)}.
     *
     * @param saddleHeight hs, crown above the fret line now, mm
     * @param wantedHeight hs*, crown above the fret line afterward, mm
     * @param crownRise Δz, how much the crown itself is raised from the top, mm
     * @return θ, positive = set back; empty if no rotation brings the crown there
     */
    public Optional<Angle> angleFor(double saddleHeight, double wantedHeight, double crownRise) {
        double rise = saddleHeight + fretsOverTop + crownRise;
        double reach = Math.hypot(jointToSaddle, rise);
        double sine = (wantedHeight + fretsOverTop) / reach;
        if (!(Math.abs(sine) <= 1)) {
            return Optional.empty();
        }
        return Optional.of(Angle.ofRadians(Math.atan2(rise, jointToSaddle) - Math.asin(sine)));
    }

    /**
     * Neck pitch for a fret line at the given height over the top at the saddle: {@code atan((projection − o)/D)}.
     *
     * @param projection height of the fret line over the soundboard at the saddle, mm
     * @return positive = set back
     */
    public Angle pitch(double projection) {
        return Angle.ofRadians(Math.atan((projection - fretsOverTop) / jointToSaddle));
    }
}
