package org.kestan.base.geometry;

/**
 * A fretboard as a cone under strings that spread: its radius and the distance between the outer strings, each linear
 * along it. Millimeters; positions from the nut end.
 *
 * @param radiusNut radius at the nut end; infinite for a flat board
 * @param radiusBody radius at the body end; infinite for a flat board
 * @param end position of the body end, positive
 * @param spacingNut distance between the outer strings at the nut
 * @param spacingBridge distance between the outer strings at the saddle
 * @param saddle position of the saddle, positive
 */
public record Board(
        double radiusNut, double radiusBody, double end, double spacingNut, double spacingBridge, double saddle) {

    /** Returns whether its crowns are in one plane, as far as is known. */
    public boolean isFlat() {
        return Double.isInfinite(radiusNut) || Double.isInfinite(radiusBody);
    }

    /** Radius at x, extrapolated past the board; infinite for a flat one. */
    public double radiusAt(double x) {
        return isFlat() ? Double.POSITIVE_INFINITY : radiusNut + (radiusBody - radiusNut) * x / end;
    }

    /** Half the distance between the outer strings at x. */
    public double halfSpacingAt(double x) {
        return (spacingNut + (spacingBridge - spacingNut) * x / saddle) / 2;
    }

    /**
     * How much higher the crown is in the middle than under the outer strings at x: {@code R − √(R² − v²)} (circular
     * segments, <i>Machinery's Handbook</i>); 0 for a flat board, R if the strings are farther apart than the circle.
     */
    public double sagittaAt(double x) {
        double half = halfSpacingAt(x);
        double radius = radiusAt(x);
        if (Double.isInfinite(radius)) {
            return 0;
        }
        // Written so that a large radius does not lose precision.
        return half >= radius ? radius : half * half / (radius + Math.sqrt(radius * radius - half * half));
    }

    /**
     * How much higher a straightedge along the middle passes than the line under the outer strings, at a distance past
     * the joint: {@code c = s_J + (s_J − s_1)·distance/(x_J − x_1)} (§3.4).
     *
     * @param fret1 position of fret 1
     * @param joint position of the joint fret
     * @param distance past the joint
     */
    public double middleOverEdge(double fret1, double joint, double distance) {
        double atJoint = sagittaAt(joint);
        return atJoint + (atJoint - sagittaAt(fret1)) * distance / (joint - fret1);
    }
}
