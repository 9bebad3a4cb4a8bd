package org.kestan.analysis.picture;

/**
 * A place in a picture.
 *
 * @param x pixels from its left edge
 * @param y pixels from its top edge, downward
 */
public record PixelPoint(double x, double y) {

    /** How far another place lies from here, pixels. */
    public double distance(PixelPoint other) {
        return Math.hypot(other.x - x, other.y - y);
    }

    /** The place so far from here, pixels. */
    public PixelPoint plus(double right, double down) {
        return new PixelPoint(x + right, y + down);
    }
}
