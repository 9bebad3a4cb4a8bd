package org.kestan.devices.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.kestan.analysis.picture.PixelPoint;

/**
 * The two edges of a gap, near where somebody marked them. An edge counts if it continues beside the line on which it
 * was found: straight for a string, arched for a crown.
 *
 * @param from the first, pixels along the line from the first mark
 * @param to the second
 * @param fromDeviation how far the first may lie off, pixels
 * @param toDeviation the second
 * @param doubt how far the first may be off because another edge is as clear, or the board's own is clearer, pixels; 0
 *     if there is none
 */
record EdgePair(double from, double to, double fromDeviation, double toDeviation, double doubt) {

    /** How far off a mark may be, pixels. */
    static final double REACH = 14;

    private static final double PRIOR = 7;

    /** Edges less steep than this share of the steepest nearby are ignored. */
    private static final double SHARE = 0.3;

    /** If there are equally steep edges between two others, those are not the gap's. */
    private static final double BETWEEN = 0.35;

    private static final double STEEP = 0.55;

    /** An edge this steep, as a share of the first, is as clear. */
    private static final double AS_CLEAR = 0.8;

    private static final double SAME_WAY = 0.6;
    private static final double LEAST_APART = 1.5;

    /** How far from the line an edge may continue, pixels. */
    private static final double GOES_ON = 1.6;

    private static final double LEAST_SUPPORT = 0.3;

    /** An edge between the two counts if it continues in this share of the strips. */
    private static final double GOES_ON_SURELY = 0.6;

    /**
     * How far to both sides of a crown the board is looked at, in radii of its arch; an edge that continues straight
     * there is the board's.
     */
    private static final double[] BESIDE = {-2.6, -1.8, 1.8, 2.6};

    /** The greatest height of a crown over the board, in radii of its arch. */
    private static final double HIGHEST = 1.4;

    /** A crown's edge less steep than this share of the board's is doubtful. */
    private static final double FAINT = 0.5;

    private static final double BESIDE_BAND = 0.25;
    private static final double BESIDE_NEAR = 1.2;
    private static final double BESIDE_STEEP = 0.4;

    /** How far blur, sharpening and compression move an edge, pixels: from trials with rendered pictures. */
    private static final double RENDERED = 0.08;

    /** A small arch is less certain: pixels, for a radius of one. */
    private static final double ARCHED = 3.2;

    /** How precisely the end of a string's edge is found, as a share of its blur: from the same trials. */
    private static final double THIN = 0.15;

    /**
     * How to look for an edge.
     *
     * @param offset where its middle lies, pixels across the line
     * @param half how far it is looked at to each side, pixels
     * @param radius of its arch, pixels; infinite for a straight one
     */
    record Shape(double offset, double half, double radius) {

        private boolean arched() {
            return radius < Double.POSITIVE_INFINITY;
        }

        /** How far it is behind its middle, seen from the gap. */
        private double sag(double k) {
            return arched() ? k * k / (2 * radius) : 0;
        }
    }

    /** Adjacent strips across a line, each with its edges. */
    private static final class Strips {
        private static final int COUNT = 9;

        private final Shape shape;
        private final double[] offsets;
        private final List<Profile> profiles;
        private final Profile whole;
        private final List<Profile> beside;

        Strips(GrayPicture picture, PixelPoint mark, double right, double down, double from, double to, Shape shape) {
            this.shape = shape;
            int count = (int) Math.max(1, Math.min(COUNT, Math.floor(2 * shape.half())));
            double width = 2 * shape.half() / count;
            offsets = IntStream.range(0, count)
                    .mapToDouble(i -> -shape.half() + (i + 0.5) * width)
                    .toArray();
            profiles = IntStream.range(0, count)
                    .mapToObj(i -> Profile.of(
                            picture,
                            mark,
                            right,
                            down,
                            from,
                            to,
                            shape.offset() + offsets[i] - width / 2,
                            shape.offset() + offsets[i] + width / 2))
                    .toList();
            // The top of an arch is nearly straight over a small part of its width.
            double straight = shape.arched() ? Math.max(1, shape.half() / 5) : shape.half();
            whole = Profile.of(
                    picture, mark, right, down, from, to, shape.offset() - straight, shape.offset() + straight);
            double band = BESIDE_BAND * shape.radius();
            beside = shape.arched()
                    ? Arrays.stream(BESIDE)
                            .map(each -> shape.offset() + each * shape.radius())
                            .mapToObj(at -> Profile.of(picture, mark, right, down, from, to, at - band, at + band))
                            .toList()
                    : List.of();
        }

        /**
         * Returns whether what should be a crown's edge continues straight beyond the crown: then it is the board's.
         */
        private boolean boards(Profile.Edge edge) {
            return !beside.isEmpty()
                    && beside.stream()
                            .allMatch(profile ->
                                    profile.edges(edge.at() - BESIDE_NEAR, edge.at() + BESIDE_NEAR, 0.5).stream()
                                            .anyMatch(each -> each.slope() * edge.slope() > 0
                                                    && Math.abs(each.slope()) > BESIDE_STEEP * Math.abs(edge.slope())));
        }

        /** Where an edge continues, strip by strip, with its middle in each strip. */
        private List<double[]> onward(Profile.Edge edge, int away) {
            List<double[]> found = new ArrayList<>();
            for (int i = 0; i < offsets.length; i++) {
                double expected = edge.at() + away * shape.sag(offsets[i]);
                double best = GOES_ON;
                Profile.Edge nearest = null;
                for (Profile.Edge each : profiles.get(i).edges(expected - 4, expected + 4, 0.5)) {
                    double off = Math.abs(each.at() - expected);
                    if (off < best && each.slope() * edge.slope() > 0) {
                        best = off;
                        nearest = each;
                    }
                }
                if (nearest != null) {
                    found.add(new double[] {offsets[i], nearest.at()});
                }
            }
            return found;
        }

        private double support(Profile.Edge edge, int away) {
            return onward(edge, away).size() / (double) offsets.length;
        }

        /** The middle of an edge, from all strips in which it continues, and its uncertainty. */
        private double[] middle(Profile.Edge edge, int away) {
            List<double[]> all = onward(edge, away);
            double noise = whole.deviation(edge);
            if (!shape.arched() || all.size() < 5) {
                double[] at = all.stream().mapToDouble(each -> each[1]).toArray();
                double spread = spread(at, edge.at());
                return new double[] {edge.at(), Math.hypot(noise, spread / Math.sqrt(Math.max(1, at.length)))};
            }
            return arch(all, noise);
        }

        /** A parabola about the middle through the strips' values, with outliers counting less. */
        private static double[] arch(List<double[]> all, double noise) {
            double[] weights = new double[all.size()];
            Arrays.fill(weights, 1);
            double top = 0;
            double rest = 0;
            for (int round = 0; round < 5; round++) {
                double w = 0;
                double x = 0;
                double y = 0;
                double xx = 0;
                double xy = 0;
                for (int i = 0; i < all.size(); i++) {
                    double k2 = all.get(i)[0] * all.get(i)[0];
                    w += weights[i];
                    x += weights[i] * k2;
                    y += weights[i] * all.get(i)[1];
                    xx += weights[i] * k2 * k2;
                    xy += weights[i] * k2 * all.get(i)[1];
                }
                double bend = xx - x * x / w > 1e-9 ? (xy - x * y / w) / (xx - x * x / w) : 0;
                top = (y - bend * x) / w;
                double squares = 0;
                for (int i = 0; i < all.size(); i++) {
                    double off = all.get(i)[1] - top - bend * all.get(i)[0] * all.get(i)[0];
                    weights[i] = 1 / (1 + Math.pow(off / 0.35, 2));
                    squares += weights[i] * off * off;
                }
                rest = Math.sqrt(squares / Math.max(1, w));
            }
            return new double[] {top, Math.hypot(noise, 0.8 * rest / Math.sqrt(all.size()))};
        }

        private static double spread(double[] at, double middle) {
            double squares = 0;
            for (double each : at) {
                squares += (each - middle) * (each - middle);
            }
            return at.length == 0 ? GOES_ON : Math.sqrt(squares / at.length);
        }
    }

    /**
     * Finds the edges.
     *
     * @param mark the first mark
     * @param right how far a pixel along the line goes to the right
     * @param down how far it goes down
     * @param length pixels to the second mark along the line
     * @param first what the first edge is like
     * @param second what the second is like
     */
    static Optional<EdgePair> find(
            GrayPicture picture, PixelPoint mark, double right, double down, double length, Shape first, Shape second) {
        double from = -REACH - 6;
        double to = length + REACH + 6;
        Strips one = new Strips(picture, mark, right, down, from, to, first);
        Strips other = new Strips(picture, mark, right, down, from, to, second);
        List<Profile.Edge> begins = begins(one, Math.min(REACH, length + REACH));
        List<Profile.Edge> ends = other.whole.edges(Math.max(length - REACH, -REACH), length + REACH, SHARE);
        double best = 0;
        Profile.Edge begun = null;
        Profile.Edge ended = null;
        for (Profile.Edge begin : begins) {
            double support = one.support(begin, -1);
            for (Profile.Edge end : ends) {
                if (support >= LEAST_SUPPORT && end.at() - begin.at() >= LEAST_APART) {
                    double goesOn = other.support(end, 1);
                    double score =
                            goesOn < LEAST_SUPPORT ? 0 : support * goesOn * score(begin, end, length, begins, ends);
                    if (score > best) {
                        best = score;
                        begun = begin;
                        ended = end;
                    }
                }
            }
        }
        if (begun == null) {
            return Optional.empty();
        }
        double[] begin = one.middle(begun, -1);
        double[] end = other.middle(ended, 1);
        double thin = other.whole.outward(ended, 1);
        return Optional.of(new EdgePair(
                begin[0],
                end[0] + thin,
                Math.hypot(Math.hypot(RENDERED, ARCHED / first.radius()), begin[1]),
                Math.hypot(Math.hypot(RENDERED, THIN * thin), end[1]),
                doubt(one, begun, ended)));
    }

    /**
     * The candidates for the first edge. If the board's own edge is visible, a crown is over it, by no more than
     * crowns are high.
     */
    private static List<Profile.Edge> begins(Strips strips, double to) {
        List<Profile.Edge> all = strips.whole.edges(-REACH, to, SHARE);
        double highest = all.stream()
                .filter(strips::boards)
                .mapToDouble(each -> each.at() + HIGHEST * strips.shape.radius())
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return all.stream()
                .filter(each -> each.at() <= highest && !strips.boards(each))
                .toList();
    }

    /**
     * A mark that is too far off finds an edge behind the intended one, which is in between and just as clear. And an
     * edge that is faint beside the board's own may be anything behind the fret.
     */
    private static double doubt(Strips strips, Profile.Edge begun, Profile.Edge ended) {
        double clear = AS_CLEAR * Math.abs(begun.slope());
        double support = Math.max(GOES_ON_SURELY, strips.support(begun, -1));
        double between = strips.whole.edges(begun.at() + 2, ended.at() - 2, SHARE).stream()
                .filter(each -> Math.abs(each.slope()) >= clear && strips.support(each, -1) >= support)
                .mapToDouble(each -> each.at() - begun.at())
                .max()
                .orElse(0);
        double behind = strips.whole.edges(-REACH, begun.at() - 1, SHARE).stream()
                .filter(each -> Math.abs(begun.slope()) < FAINT * Math.abs(each.slope()) && strips.boards(each))
                .mapToDouble(each -> begun.at() - each.at())
                .max()
                .orElse(0);
        return Math.max(between, behind);
    }

    private static double score(
            Profile.Edge begin, Profile.Edge end, double length, List<Profile.Edge> begins, List<Profile.Edge> ends) {
        double score = Math.sqrt(Math.abs(begin.slope() * end.slope()))
                * Math.exp(-0.5 * (square(begin.at() / PRIOR) + square((end.at() - length) / PRIOR)));
        if (begin.slope() * end.slope() > 0) {
            score *= SAME_WAY;
        }
        for (Profile.Edge each : begins) {
            if (between(each, begin, end) && Math.abs(each.slope()) > STEEP * Math.abs(begin.slope())) {
                score *= BETWEEN;
            }
        }
        for (Profile.Edge each : ends) {
            if (between(each, begin, end) && Math.abs(each.slope()) > STEEP * Math.abs(end.slope())) {
                score *= BETWEEN;
            }
        }
        return score;
    }

    private static boolean between(Profile.Edge each, Profile.Edge begin, Profile.Edge end) {
        return each.at() > begin.at() + 1 && each.at() < end.at() - 1;
    }

    private static double square(double number) {
        return number * number;
    }
}
