package org.kestan.devices.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.kestan.analysis.picture.PixelPoint;

/**
 * The brightness along a line through a picture, averaged across a band, and the edges in it: where the brightness
 * changes most steeply (Marr and Hildreth, <i>Theory of edge detection</i>, Proc. R. Soc. Lond. B 207, 1980), to a
 * fraction of a pixel by a parabola.
 */
final class Profile {

    /** Pixels between two values. */
    private static final double STEP = 0.5;

    private static final double SMOOTHING = 1.1;

    /** How many times the noise a change has to be. */
    private static final double CLEAR = 5;

    /** The steepness, in steps of brightness per pixel, that the eye sees as an edge, whatever the noise. */
    private static final double LEAST = 1.2;

    /** Something thinner than this is widened by its blur, pixels. */
    private static final double THIN = 7;

    private static final double MEDIAN_TO_DEVIATION = 1.4826;

    private final double first;
    private final double[] slope;
    private final double noise;

    private Profile(double first, double[] slope, double noise) {
        this.first = first;
        this.slope = slope;
        this.noise = noise;
    }

    /**
     * An edge.
     *
     * @param at pixels along the line
     * @param slope change of brightness a pixel; above zero where it gets brighter
     */
    record Edge(double at, double slope) {}

    /**
     * Looks along a line.
     *
     * @param origin where {@code 0} lies
     * @param right how far a pixel along the line goes to the right
     * @param down how far it goes down
     * @param from pixels along the line where to begin
     * @param to where to end
     * @param left of the band, pixels across the line
     * @param across the other side of the band
     */
    static Profile of(
            GrayPicture picture,
            PixelPoint origin,
            double right,
            double down,
            double from,
            double to,
            double left,
            double across) {
        int count = (int) Math.ceil((to - from) / STEP) + 1;
        double[] values = new double[count];
        int columns = Math.max(1, (int) Math.round(across - left) + 1);
        for (int i = 0; i < count; i++) {
            double t = from + i * STEP;
            double sum = 0;
            for (int c = 0; c < columns; c++) {
                double k = columns == 1 ? (left + across) / 2 : left + c * (across - left) / (columns - 1);
                sum += picture.at(origin.x() + t * right - k * down, origin.y() + t * down + k * right);
            }
            values[i] = sum / columns;
        }
        double[] smooth = smooth(values);
        double[] slope = new double[count];
        for (int i = 1; i < count - 1; i++) {
            slope[i] = (smooth[i + 1] - smooth[i - 1]) / (2 * STEP);
        }
        return new Profile(from, slope, noise(values));
    }

    private static double[] smooth(double[] values) {
        int reach = (int) Math.ceil(3 * SMOOTHING / STEP);
        double[] weights = new double[2 * reach + 1];
        double sum = 0;
        for (int i = -reach; i <= reach; i++) {
            weights[i + reach] = Math.exp(-0.5 * Math.pow(i * STEP / SMOOTHING, 2));
            sum += weights[i + reach];
        }
        double[] smooth = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            for (int j = -reach; j <= reach; j++) {
                smooth[i] += weights[j + reach] / sum * values[Math.max(0, Math.min(values.length - 1, i + j))];
            }
        }
        return smooth;
    }

    /** The noise of this band's slope where nothing changes, from second-order differences. */
    private static double noise(double[] values) {
        int apart = (int) Math.round(1 / STEP);
        double[] off = new double[Math.max(0, values.length - 2 * apart)];
        for (int i = 0; i < off.length; i++) {
            off[i] = Math.abs(values[i] - 2 * values[i + apart] + values[i + 2 * apart]);
        }
        Arrays.sort(off);
        double deviation = off.length == 0 ? 0 : MEDIAN_TO_DEVIATION * off[off.length / 2] / Math.sqrt(6);
        // A slope over a smoothed pixel or two is less noisy than over one pixel.
        return deviation / (2 * SMOOTHING * Math.sqrt(SMOOTHING));
    }

    /** Edges of a stretch in order, from the steepest down to a share of it; none if nothing stands out. */
    List<Edge> edges(double from, double to, double share) {
        int low = Math.max(1, (int) Math.ceil((from - first) / STEP));
        int high = Math.min(slope.length - 2, (int) Math.floor((to - first) / STEP));
        double most = 0;
        for (int i = low; i <= high; i++) {
            most = Math.max(most, Math.abs(slope[i]));
        }
        double least = Math.max(Math.max(LEAST, CLEAR * noise), share * most);
        List<Edge> edges = new ArrayList<>();
        for (int i = low; i <= high; i++) {
            double here = Math.abs(slope[i]);
            double before = Math.abs(slope[i - 1]);
            double after = Math.abs(slope[i + 1]);
            if (here >= least && here >= before && here > after) {
                double bend = before - 2 * here + after;
                double off = bend == 0 ? 0 : Math.max(-0.5, Math.min(0.5, (before - after) / (2 * bend)));
                edges.add(new Edge(first + (i + off) * STEP, slope[i]));
            }
        }
        return edges;
    }

    /**
     * How far too far out an edge appears because the other edge of something thin is close behind it: the blur pushes
     * both apart. The sharpness of the edge's own slope shows the blur.
     *
     * @param away 1 if the thin part lies farther along the line, else -1
     * @return pixels to add to the place where the edge is seen, toward the thin part; 0 if nothing lies close behind
     */
    double outward(Edge edge, int away) {
        Edge behind = null;
        for (Edge each : edges(edge.at() - THIN - 1, edge.at() + THIN + 1, 0.3)) {
            boolean follows = (each.at() - edge.at()) * away > 1;
            if (follows
                    && each.slope() * edge.slope() < 0
                    && (behind == null || Math.abs(each.at() - edge.at()) < Math.abs(behind.at() - edge.at()))) {
                behind = each;
            }
        }
        if (behind == null) {
            return 0;
        }
        double apart = Math.abs(behind.at() - edge.at());
        double blur = blur(edge, away);
        // The slope peaks of a bar of width w are apart by the solution of tanh(apart·w / 4σ²)·apart = w, solved for
        // w.
        double width = apart;
        for (int i = 0; i < 60; i++) {
            width = apart * Math.tanh(apart * width / (4 * blur * blur));
        }
        return (apart - Math.max(0.25, width)) / 2;
    }

    /**
     * How far the slope extends on the open side of an edge: to where it has fallen to the share that a normal
     * distribution has at its standard deviation.
     */
    private double blur(Edge edge, int away) {
        double share = Math.abs(edge.slope()) * Math.exp(-0.5);
        int i = (int) Math.round((edge.at() - first) / STEP);
        int by = -away;
        while (i + by > 0 && i + by < slope.length - 1 && Math.abs(slope[i]) > share) {
            i += by;
        }
        double before = Math.abs(slope[i - by]);
        double here = Math.abs(slope[i]);
        double part = before > here ? (before - share) / (before - here) : 0;
        double reach = Math.abs(first + (i - by + by * part) * STEP - edge.at());
        return Math.max(0.8, Math.min(4, reach));
    }

    /** How far noise alone moves an edge, pixels. */
    double deviation(Edge edge) {
        return noise / Math.max(LEAST, Math.abs(edge.slope())) * SMOOTHING;
    }
}
