package org.kestan.base.sheet;

/**
 * The two frets at which a string is held down to read the relief.
 *
 * @param low the fret nearer the nut
 * @param high the fret nearer the body
 */
public record HeldFrets(int low, int high) {

    /** Returns both in the form used in a field. */
    public String text() {
        return low + " and " + high;
    }
}
