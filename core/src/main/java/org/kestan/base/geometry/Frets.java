package org.kestan.base.geometry;

/**
 * The positions of the frets of an equal-tempered fretboard.
 *
 * @param scale scale length in mm, positive
 */
public record Frets(double scale) {

    /** The highest number accepted as a fret. */
    public static final int HIGHEST = 36;

    /** The last fret of a usual fretboard. */
    public static final int USUAL_LAST = 20;

    /**
     * @throws IllegalArgumentException if the scale is not a positive finite number
     */
    public Frets {
        if (!(scale > 0) || Double.isInfinite(scale)) {
            throw new IllegalArgumentException("scale must be above zero: " + scale);
        }
    }

    /**
     * Distance of a fret from the nut end of the fretboard: {@code x = L·(1 − 2^(−n/12))}.
     *
     * <p>Source: equal temperament, twelve equal semitones to the octave (Fletcher and Rossing, <i>The Physics of
     * Musical Instruments</i>).
     *
     * @param fret fret number, 0 for the nut end
     * @return mm from the nut end
     * @throws IllegalArgumentException if the fret number is negative or above {@link #HIGHEST}
     */
    public double at(int fret) {
        if (fret < 0 || fret > HIGHEST) {
            throw new IllegalArgumentException("no such fret: " + fret);
        }
        return scale * (1 - Math.pow(2, -fret / 12.0));
    }

    /**
     * The fret, from {@code low} to {@code high}, whose position is nearest to x; the lower one if two are equally
     * near.
     *
     * @param x mm from the nut end
     */
    public int nearest(double x, int low, int high) {
        int best = low;
        for (int fret = low + 1; fret <= high; fret++) {
            if (Math.abs(at(fret) - x) < Math.abs(at(best) - x)) {
                best = fret;
            }
        }
        return best;
    }
}
