package org.kestan.base.strings;

import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.StringLine;

/**
 * A string pressed to a fret (§3.16): it takes the way over the fret's crown, is longer than open, and so tighter. The
 * string is taken as a spring without bending stiffness, pressed right at the crown.
 *
 * @param stretch how much longer it is than open, mm
 * @param tension its tension then, N
 * @param sharp how much the stretch alone sharpens it, cents
 */
public record Fretted(double stretch, double tension, double sharp) {

    private static final double CENTS_PER_OCTAVE = 1200;

    /**
     * Presses a string.
     *
     * @param string the string
     * @param line its open line over the fret line
     * @param neck the frets below the fret line, under this string
     * @param fret position of the fret, mm from the nut end
     * @param saddle position of the saddle, mm from the nut end
     */
    public static Fretted at(LoadedString string, StringLine line, NeckCurve neck, double fret, double saddle) {
        double crown = -neck.dipAt(fret);
        double open = Math.hypot(saddle, line.heightAt(saddle) - line.atNut());
        double pressed =
                Math.hypot(fret, line.atNut() - crown) + Math.hypot(saddle - fret, line.heightAt(saddle) - crown);
        double tension = string.tension() + string.wire().stiffness() * (pressed - open) / open;
        return new Fretted(pressed - open, tension, CENTS_PER_OCTAVE / 2 * log2(tension / string.tension()));
    }

    /**
     * How far back of the scale length the saddle has to stand for fret 12 to sound the octave: from
     * {@code (L + Δ)·s = L + 2Δ} with s the square root of the tension's growth, {@code Δ = L(s − 1)/(2 − s)} (§3.20).
     *
     * @param scale L, mm
     * @param openTension tension of the open string, N
     * @return mm
     */
    public double setBack(double scale, double openTension) {
        double growth = Math.sqrt(tension / openTension);
        return scale * (growth - 1) / (2 - growth);
    }

    private static double log2(double ratio) {
        return Math.log(ratio) / Math.log(2);
    }
}
