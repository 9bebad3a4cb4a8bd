package org.kestan.base.geometry;

/**
 * An open string as a straight line over the fret line.
 *
 * @param atNut height h0 above the fret line at the nut end, mm
 * @param slope rise per mm toward the bridge
 */
public record StringLine(double atNut, double slope) {

    /**
     * The line through two heights (§3.3).
     *
     * @param x1 first position, mm from the nut end
     * @param y1 height there above the fret line, mm
     * @param x2 second position, mm; not x1
     * @param y2 height there, mm
     * @throws IllegalArgumentException if the two positions are the same
     */
    public static StringLine through(double x1, double y1, double x2, double y2) {
        if (x1 == x2) {
            throw new IllegalArgumentException("two different positions are needed");
        }
        double slope = (y2 - y1) / (x2 - x1);
        return new StringLine(y1 - slope * x1, slope);
    }

    /** Height above the fret line at x (mm from the nut end), in mm. */
    public double heightAt(double x) {
        return atNut + slope * x;
    }

    /**
     * The same string after its two ends have moved.
     *
     * @param nutShift rise at the nut end, mm
     * @param saddleShift rise at the saddle, mm
     * @param saddle position of the saddle, mm from the nut end, not 0
     */
    public StringLine shifted(double nutShift, double saddleShift, double saddle) {
        return through(0, atNut + nutShift, saddle, heightAt(saddle) + saddleShift);
    }
}
