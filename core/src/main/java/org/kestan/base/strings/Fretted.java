package org.kestan.base.strings;

import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.StringLine;

/**
 * A string pressed to a fret (§3.16, §3.20): it passes under the finger and over the fret's crown, is longer than when
 * open, and so has more tension. Its stiffness keeps its ends from bending, so each end sounds as if it were farther
 * in by {@code e = √(EI/T)}, half of that at a fret (stiff-string theory: Fletcher &amp; Rossing, <i>The Physics of
 * Musical Instruments</i>). Positions in mm from the nut end.
 *
 * @param fret its number
 * @param at position of the fret
 * @param stretch how much longer it is than open, mm
 * @param openTension its tension open, N
 * @param tension its tension pressed, N
 * @param openEnd e of the open string, mm
 */
public record Fretted(int fret, double at, double stretch, double openTension, double tension, double openEnd) {

    private static final double CENTS_PER_OCTAVE = 1200;
    private static final double FRETS_PER_OCTAVE = 12;

    /** At a fret, an end moves in by half of e; this is the number of e for both ends of a fretted string together. */
    private static final double STOPPED_ENDS = 1.5;

    private static final double OPEN_ENDS = 2;

    /**
     * Presses a string.
     *
     * @param string the string
     * @param line its open line over the fret line
     * @param neck the frets below the fret line, under this string
     * @param fret the number of the fret, from 1
     * @param saddle position of the saddle
     * @param ends what it does past its ends and under the finger
     */
    public static Fretted at(
            LoadedString string,
            StringLine line,
            NeckCurve neck,
            Frets frets,
            int fret,
            double saddle,
            StringEnds ends) {
        double at = frets.at(fret);
        double crown = -neck.dipAt(at);
        double open = Math.hypot(saddle, line.heightAt(saddle) - line.atNut());
        double pressed = toTheCrown(line.atNut(), neck, frets, fret, ends.finger())
                + Math.hypot(saddle - at, line.heightAt(saddle) - crown);
        double tension = string.tension() + string.wire().stiffness() * (pressed - open) / (open + ends.beyond());
        return new Fretted(fret, at, pressed - open, string.tension(), tension, string.end());
    }

    /** A string of unknown properties: it neither stretches nor resists bending. */
    public static Fretted byLengths(Frets frets, int fret) {
        return new Fretted(fret, frets.at(fret), 0, 1, 1, 0);
    }

    /**
     * From the nut over the crown of the previous fret, if the string would pass below it, to the finger and the
     * crown.
     */
    private static double toTheCrown(double nut, NeckCurve neck, Frets frets, int fret, double finger) {
        double at = frets.at(fret);
        double before = frets.at(fret - 1);
        double crown = -neck.dipAt(at);
        double pressedAt = (before + at) / 2;
        double low = crown - finger;
        double to = Math.hypot(at - pressedAt, crown - low);
        double passes = nut + (low - nut) * before / pressedAt;
        double rests = fret == 1 ? nut : Math.max(passes, -neck.dipAt(before));
        return Math.hypot(before, rests - nut) + Math.hypot(pressedAt - before, low - rests) + to;
    }

    /** How much the stretch alone sharpens it, cents. */
    public double sharp() {
        return CENTS_PER_OCTAVE * log2(growth());
    }

    /** The factor by which tension alone raises the frequency. */
    private double growth() {
        return Math.sqrt(tension / openTension);
    }

    /** How much the ends of the fretted string shorten it: e varies with the root of the tension. */
    private double stoppedEnds() {
        return STOPPED_ENDS * openEnd / growth();
    }

    private double interval() {
        return Math.pow(2, fret / FRETS_PER_OCTAVE);
    }

    /**
     * How sharp the note is compared with equal temperament from the open string.
     *
     * @param saddle position of the saddle
     * @param forward how far the nut stands nearer to the frets than the nut end
     * @return cents
     */
    public double cents(double saddle, double forward) {
        double open = saddle - forward - OPEN_ENDS * openEnd;
        double stopped = saddle - at - stoppedEnds();
        return CENTS_PER_OCTAVE * log2(growth() * open / stopped / interval());
    }

    /**
     * Where the saddle has to be for the note to be in tune.
     *
     * @param sharper cents by which it is sharper than this model says
     * @param forward how far the nut stands nearer to the frets than the nut end
     */
    public double saddle(double sharper, double forward) {
        double grown = growth() * Math.pow(2, sharper / CENTS_PER_OCTAVE);
        return (interval() * (at + stoppedEnds()) - grown * (forward + OPEN_ENDS * openEnd)) / (interval() - grown);
    }

    private static double log2(double ratio) {
        return Math.log(ratio) / Math.log(2);
    }
}
