package org.kestan.base.geometry;

/**
 * How far the frets' crowns are below the fret line (§3.2): {@code q(x) = (1 − t²)(bow + lean·t + waist·t²)} between
 * fret 1 and the joint fret, with t from −1 to 1; past the joint a straight line. In t, the coefficients of the
 * polynomial {@code (x − x_1)(x_J − x)(a + b·x + c·x²)} have similar magnitudes. Millimeters.
 *
 * @param from position of fret 1, from the nut end
 * @param to position of the joint fret, beyond fret 1
 * @param bow the dip in the middle, positive below the line; alone it is constant curvature
 * @param lean more of it toward the body, less toward the nut
 * @param waist more of it at both ends than in the middle
 * @param fall how much the frets go down for each mm past the joint
 */
public record NeckCurve(double from, double to, double bow, double lean, double waist, double fall) {

    /** How many coefficients a curve has. */
    public static final int TERMS = 3;

    /** A neck whose frets are in one line. */
    public static NeckCurve straight(double from, double to) {
        return new NeckCurve(from, to, 0, 0, 0, 0);
    }

    /** Constant curvature κ, 1/mm, positive dips: {@code q = (κ/2)(x − x_1)(x_J − x)}. */
    public static NeckCurve arc(double curvature, double from, double to) {
        return straight(from, to).bent(curvature);
    }

    /**
     * Constant curvature whose gap, under a string held down at two points, is the one read between them: {@code κ =
     * 2·gap / ((x_m − x_a)(x_b − x_m))} (§3.2).
     *
     * <p>The parabola stands for a circular arc; at a relief of 0.5 mm the two differ by less than 1 µm (circular
     * segments, <i>Machinery's Handbook</i>).
     *
     * @param gap gap read with feelers, mm; negative for a back bow
     * @param held where the straightedge lies and where it is read
     * @param from position of fret 1
     * @param to position of the joint fret
     */
    public static NeckCurve ofGap(double gap, Place held, double from, double to) {
        return arc(held.curvature(gap), from, to);
    }

    /**
     * Where a gap is read, mm from the nut end.
     *
     * @param low where the straightedge lies, or the string is held, nearer the nut
     * @param high where it lies nearer the body
     * @param at where the gap is read
     */
    public record Place(double low, double high, double at) {

        /**
         * @throws IllegalArgumentException if the straightedge does not lie on two frets
         */
        public Place {
            if (!(low < high)) {
                throw new IllegalArgumentException("a straightedge lies on two frets");
            }
        }

        /**
         * The constant curvature that gives a gap here by itself, 1/mm.
         *
         * @throws IllegalArgumentException if the reading point does not lie strictly between the held ones
         */
        public double curvature(double gap) {
            if (!(low < at && at < high)) {
                throw new IllegalArgumentException("a gap is read between the two held frets");
            }
            return 2 * gap / ((at - low) * (high - at));
        }

        /** How far along from the low point to the high one the gap is read, 0 to 1. */
        public double share() {
            return (at - low) / (high - low);
        }
    }

    /** One term of the curve, 0 to {@link #TERMS} − 1, at x: {@code (1 − t²)·t^i}; zero past the joint. */
    public double term(int i, double x) {
        if (x > to) {
            return 0;
        }
        double t = (2 * x - from - to) / (to - from);
        return (1 - t * t) * Math.pow(t, i);
    }

    /**
     * How far the fret at x is below the fret line.
     *
     * @param x mm from the nut end
     * @return mm, positive below the line
     */
    public double dipAt(double x) {
        if (x > to) {
            return fall * (x - to);
        }
        double t = (2 * x - from - to) / (to - from);
        return (1 - t * t) * (bow + t * (lean + t * waist));
    }

    /** The gap under a straightedge resting on two frets, mm. */
    public double gap(Place held) {
        double share = held.share();
        return dipAt(held.at()) - (1 - share) * dipAt(held.low()) - share * dipAt(held.high());
    }

    /** How steeply the frets descend just before the joint: {@code q'(x_J)}, mm per mm. */
    private double steepness() {
        return -4 * (bow + lean + waist) / (to - from);
    }

    /**
     * How much higher the saddle crown is above the fret line after the neck has changed from this curve to another,
     * with the body staying where it is: {@code Δhs = −D·Δq'(x_J)} (§3.5).
     *
     * @param next the curve after the truss rod was turned
     * @param jointToSaddle D, joint to saddle along the top
     * @return positive when the crown gains height above the fret line
     */
    public double saddleShift(NeckCurve next, double jointToSaddle) {
        return -jointToSaddle * steepening(next);
    }

    /** How much more steeply the frets descend past the joint after the same change (§3.11): {@code Δq'(x_J)}. */
    public double steepening(NeckCurve next) {
        return next.steepness() - steepness();
    }

    /**
     * How much higher the string is above the fret line at the nut end after the same change: {@code −Δq(0)} (§3.5).
     */
    public double nutShift(NeckCurve next) {
        return dipAt(0) - next.dipAt(0);
    }

    /** The same with constant curvature added, 1/mm: the effect of a truss rod or of the load. */
    public NeckCurve bent(double curvature) {
        double half = (to - from) / 2;
        return new NeckCurve(from, to, bow + curvature / 2 * half * half, lean, waist, fall);
    }

    /** The curve midway between this one and another of the same neck. */
    public NeckCurve midwayTo(NeckCurve other) {
        return new NeckCurve(
                from,
                to,
                (bow + other.bow) / 2,
                (lean + other.lean) / 2,
                (waist + other.waist) / 2,
                (fall + other.fall) / 2);
    }

    /** The greatest dip between fret 1 and the joint, mm; 0 for a neck that does not dip anywhere. */
    public double deepest() {
        return most(straight(from, to));
    }

    /** The most by which this curve dips farther below the line than another, mm; 0 if it never does. */
    public double most(NeckCurve than) {
        double most = 0;
        for (int i = 1; i < STEPS; i++) {
            double x = from + (to - from) * i / STEPS;
            most = Math.max(most, dipAt(x) - than.dipAt(x));
        }
        return most;
    }

    /** Even, so that the middle is one of the places. */
    private static final int STEPS = 64;
}
