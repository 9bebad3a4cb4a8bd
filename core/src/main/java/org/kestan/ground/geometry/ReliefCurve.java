package org.kestan.ground.geometry;

/**
 * The dip of the frets below the fret line: constant curvature between fret 1 and the joint fret, none past it.
 *
 * @param curvature curvature κ in 1/mm; positive dips, negative is a back bow
 * @param from position of fret 1, mm from the nut end
 * @param to position of the joint fret, mm from the nut end
 */
public record ReliefCurve(double curvature, double from, double to) {

    /**
     * The curve whose gap, under a string held down at two points, is the one read between them:
     * {@code κ = 2·gap / ((x_m − x_a)(x_b − x_m))} (domain notes §3.2).
     *
     * <p>The parabola stands for a circular arc; at a relief of 0.5 mm the two differ by less than 1 µm (circular
     * segments, <i>Machinery's Handbook</i>).
     *
     * @param gap gap read with feelers, mm; negative for a back bow
     * @param heldLow where the string is held nearer the nut, mm from the nut end
     * @param heldHigh where it is held nearer the body, mm
     * @param readAt where the gap is read, mm, strictly between the two
     * @param fret1 position of fret 1, mm
     * @param joint position of the joint fret, mm
     * @throws IllegalArgumentException if the reading point does not lie strictly between the held ones
     */
    public static ReliefCurve fromGap(
            double gap, double heldLow, double heldHigh, double readAt, double fret1, double joint) {
        if (!(heldLow < readAt && readAt < heldHigh)) {
            throw new IllegalArgumentException("relief is read between the two held frets");
        }
        return new ReliefCurve(2 * gap / ((readAt - heldLow) * (heldHigh - readAt)), fret1, joint);
    }

    /**
     * How far the fret at x lies below the fret line: {@code q = (κ/2)(x − x_1)(x_J − x)}.
     *
     * @param x mm from the nut end
     * @return mm, positive below the line; 0 past the joint fret
     */
    public double dipAt(double x) {
        return x > to ? 0 : curvature / 2 * (x - from) * (to - x);
    }

    /** The deepest dip, at the middle of the curve, in mm. */
    public double deepest() {
        return dipAt((from + to) / 2);
    }

    /**
     * How much higher the saddle crown stands above the fret line once the relief has gone from this curve to another,
     * the body staying where it is: {@code Δhs = (κ* − κ)(x_J − x_1)·D/2} (§3.5).
     *
     * @param next the curve after the truss rod was turned
     * @param jointToSaddle D, joint to saddle along the top, mm
     * @return mm, positive when the crown gains height above the fret line
     */
    public double saddleShift(ReliefCurve next, double jointToSaddle) {
        return (next.curvature - curvature) * (to - from) * jointToSaddle / 2;
    }

    /**
     * How much steeper the frets run down past the joint after the same change: {@code Δq'(x_J) = −(κ* − κ)(x_J − x_1)/2}
     * (§3.11).
     *
     * @param next the curve after the truss rod was turned
     * @return mm for each mm past the joint, positive downward
     */
    public double steepening(ReliefCurve next) {
        return -(next.curvature - curvature) * (to - from) / 2;
    }

    /**
     * How much higher the string stands above the fret line at the nut end after the same change:
     * {@code Δh0 = (κ* − κ)·x_1·x_J/2} (§3.5).
     *
     * @param next the curve after the truss rod was turned
     * @return mm
     */
    public double nutShift(ReliefCurve next) {
        return (next.curvature - curvature) * from * to / 2;
    }
}
