package org.kestan.analysis.picture;

/**
 * A place in a picture.
 *
 * @param x pixels from its left edge
 * @param y pixels from its top edge, downward
 */
public record PixelPoint(double x, double y) {

    /** The distance to another place, pixels. */
    public double distance(PixelPoint other) {
        return Math.hypot(other.x - x, other.y - y);
    }

    /** The place at an offset from here, pixels. */
    public PixelPoint plus(double right, double down) {
        return new PixelPoint(x + right, y + down);
    }
}
