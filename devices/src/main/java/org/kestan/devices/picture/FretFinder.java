package org.kestan.devices.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.picture.PixelPoint;

/**
 * Finds the middle of a fret's end: the axis shared by the most pairs of edges, one on each side, one getting brighter
 * where the other gets darker. Whatever is bright or dark, a fret's two flanks agree on it at every height, and
 * nothing else does. Source: the symmetry transform (D. Reisfeld, H. Wolfson, Y. Yeshurun, <i>Context-free attentional
 * operators</i>, Int. J. of Computer Vision 14, 1995), here for one direction.
 */
final class FretFinder {

    /** How far off a mark may be, pixels. */
    static final int REACH = 14;

    /** The smallest and largest width of a fret at half its height, mm. */
    private static final double NARROWEST = 0.7;

    private static final double WIDEST = 3.2;

    /** The height of a crown over the board, mm. */
    private static final double HEIGHT = 1.2;

    private static final double SHARE = 0.3;

    /** Pairs agree if their middles are this close, pixels. */
    private static final double AGREE = 1.5;

    /** The share of a crown's height that has to agree. */
    private static final double LEAST_HEIGHT = 0.25;

    private FretFinder() {}

    /**
     * An axis.
     *
     * @param off pixels from the mark along the board
     * @param deviation how far it may lie off, pixels
     */
    record Axis(double off, double deviation) {}

    /** Two flanks: their middle, and its weight. */
    private record Pair(double middle, double weight, int row) {}

    /**
     * Finds the axis near a mark.
     *
     * @param right how far a pixel along the board goes to the right
     * @param down how far it goes down
     * @param up 1 where the strings lie to the left of that direction, else -1
     * @param scale pixels a millimeter, roughly
     */
    static Optional<Axis> find(GrayPicture picture, PixelPoint mark, double right, double down, int up, double scale) {
        double step = Math.max(1, scale / 25);
        int rows = (int) Math.ceil((HEIGHT * scale + 2 * REACH) / step);
        double reach = REACH + WIDEST / 2 * scale + 2;
        List<Pair> pairs = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            double below = row * step - REACH;
            // Down from the mark toward the board.
            PixelPoint origin = mark.plus(-up * below * down, up * below * right);
            Profile profile = Profile.of(picture, origin, right, down, -reach - 4, reach + 4, -step / 2, step / 2);
            pair(profile.edges(-reach, reach, SHARE), scale, row, pairs);
        }
        return axis(pairs, scale / step);
    }

    private static void pair(List<Profile.Edge> edges, double scale, int row, List<Pair> pairs) {
        for (int i = 0; i < edges.size(); i++) {
            for (int j = i + 1; j < edges.size(); j++) {
                Profile.Edge one = edges.get(i);
                Profile.Edge other = edges.get(j);
                double width = (other.at() - one.at()) / scale;
                double middle = (one.at() + other.at()) / 2;
                if (width >= NARROWEST
                        && width <= WIDEST
                        && Math.abs(middle) <= REACH
                        && one.slope() * other.slope() < 0) {
                    pairs.add(new Pair(middle, width * Math.sqrt(-one.slope() * other.slope()), row));
                }
            }
        }
    }

    private static Optional<Axis> axis(List<Pair> pairs, double rowsPerMillimeter) {
        double best = 0;
        double at = 0;
        for (Pair each : pairs) {
            double votes = 0;
            for (Pair other : pairs) {
                double off = (other.middle() - each.middle()) / AGREE;
                votes += Math.abs(off) < 1 ? other.weight() * (1 - off * off) : 0;
            }
            if (votes > best) {
                best = votes;
                at = each.middle();
            }
        }
        double sum = 0;
        double weights = 0;
        double squares = 0;
        long count = 0;
        for (Pair each : pairs) {
            if (Math.abs(each.middle() - at) < AGREE) {
                sum += each.weight() * each.middle();
                weights += each.weight();
                count++;
            }
        }
        double middle = sum / weights;
        for (Pair each : pairs) {
            if (Math.abs(each.middle() - at) < AGREE) {
                squares += each.weight() * Math.pow(each.middle() - middle, 2) / weights;
            }
        }
        double center = at;
        long agreeing = pairs.stream()
                .filter(each -> Math.abs(each.middle() - center) < AGREE)
                .map(Pair::row)
                .distinct()
                .count();
        if (agreeing < Math.max(2, LEAST_HEIGHT * rowsPerMillimeter)) {
            return Optional.empty();
        }
        return Optional.of(new Axis(middle, Math.sqrt(squares / count)));
    }
}
