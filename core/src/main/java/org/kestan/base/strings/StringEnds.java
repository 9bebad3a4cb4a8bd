package org.kestan.base.strings;

/**
 * What a string does beyond its sounding length and under the finger, mm, none negative.
 *
 * @param finger how far the finger pushes it past the fret's crown, halfway to the fret before
 * @param beyond the pieces past the nut and past the saddle that share its stretch, together
 */
public record StringEnds(double finger, double beyond) {

    /** Pressed exactly at the crown, held exactly at nut and saddle. */
    public static final StringEnds NONE = new StringEnds(0, 0);
}
