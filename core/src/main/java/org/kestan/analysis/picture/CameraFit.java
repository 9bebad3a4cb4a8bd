package org.kestan.analysis.picture;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.kestan.base.geometry.Frets;

/**
 * The camera that took a picture, fitted by least squares to the frets and lengths known in it, with what cameras and
 * the people holding them are usually like as prior knowledge (Bishop, <i>Pattern Recognition and Machine
 * Learning</i>, §3.3). What the picture does not show stays as uncertain as it was, and is included in every
 * half-width.
 */
public final class CameraFit {

    /** What cameras are usually like: from memory. */
    private static final double USUAL_FOCAL = 0.9;

    private static final double FOCAL_DOUBT = 0.45;
    private static final double USUAL_DISTANCE = 350;
    private static final double DISTANCE_DOUBT = 1;
    private static final double TOLD_DISTANCE_DOUBT = 0.01;
    private static final double TOLD_FOCAL_DOUBT = 0.08;
    private static final double YAW_DOUBT = Math.toRadians(4);
    private static final double ROLL_DOUBT = Math.toRadians(10);
    private static final double DISTORTION_DOUBT = 0.015;

    /** Without frets nothing shows how it was held. */
    private static final double SQUARE_DOUBT = Math.toRadians(3);

    /** How far crowns are off their places along the board, and off a common line, mm: from memory. */
    private static final double FRET_PLACE = 0.01;

    private static final double CROWN_LINE = 0.12;

    /** How far off a known length may be, as a share. */
    private static final double KNOWN_DOUBT = 0.003;

    private static final int STEPS = 40;
    private static final double NUDGE = 1e-5;

    private final int width;
    private final int height;
    private final double[] at;
    private final RealMatrix covariance;
    private final double misfit;
    private final boolean mirrored;
    private final double reference;

    private CameraFit(
            int width,
            int height,
            double[] at,
            RealMatrix covariance,
            double misfit,
            boolean mirrored,
            double reference) {
        this.width = width;
        this.height = height;
        this.at = at;
        this.covariance = covariance;
        this.misfit = misfit;
        this.mirrored = mirrored;
        this.reference = reference;
    }

    /**
     * A length with its uncertainty.
     *
     * @param value mm, 0 or more
     * @param deviation standard deviation, mm
     */
    public record Measured(double value, double deviation) {}

    /** A picture's size and lens. */
    public record Frame(int width, int height, OptionalDouble focal) {}

    /** One observed number, with what a camera would give for it. */
    private record Observation(ToDoubleFunction<Camera> expected, double read, double deviation) {}

    /**
     * Fits a camera.
     *
     * @param frame the picture; its focal length in pixels where it tells
     * @param marks with at least two frets, or a length that is known
     * @param deviations how far each fret may lie off its mark, pixels, in their order
     * @param knownDeviation how far the ends of known lengths may lie off their marks, pixels
     * @throws IllegalArgumentException if nothing gives the scale
     */
    public static CameraFit of(Frame frame, PictureMarks marks, List<Double> deviations, double knownDeviation) {
        boolean frets = marks.frets().size() > 1 && marks.scale().isPresent();
        if (!frets && marks.known().isEmpty()) {
            throw new IllegalArgumentException("no scale");
        }
        Problem problem = new Problem(frame, marks, frets);
        double[] start = problem.start();
        return problem.solve(start, problem.observations(deviations, knownDeviation));
    }

    /** All prior knowledge, and how it is improved. */
    private static final class Problem {
        private final Frame frame;
        private final PictureMarks marks;
        private final boolean frets;
        private final double[] places;
        private final boolean mirrored;
        private final double roll;
        private final double reference;

        Problem(Frame frame, PictureMarks marks, boolean frets) {
            this.frame = frame;
            this.marks = marks;
            this.frets = frets;
            if (frets) {
                Frets board = new Frets(marks.scale().getAsDouble());
                double[] far = marks.frets().stream()
                        .mapToDouble(mark -> board.at(mark.fret()))
                        .toArray();
                reference = Arrays.stream(far).average().orElse(0);
                int first = 0;
                int last = 0;
                for (int i = 0; i < far.length; i++) {
                    first = far[i] < far[first] ? i : first;
                    last = far[i] > far[last] ? i : last;
                }
                PixelPoint from = marks.frets().get(first).at();
                PixelPoint to = marks.frets().get(last).at();
                double angle = Math.atan2(to.y() - from.y(), to.x() - from.x());
                // Seen from the other side, the nut is on the right; the direction along the neck is then reversed.
                mirrored = Math.abs(angle) > Math.PI / 2 + Math.toRadians(20);
                roll = mirrored ? Math.atan2(from.y() - to.y(), from.x() - to.x()) : angle;
                boolean turned = mirrored;
                double middle = reference;
                places = Arrays.stream(far)
                        .map(place -> turned ? middle - place : place - middle)
                        .toArray();
            } else {
                mirrored = false;
                roll = 0;
                reference = 0;
                places = new double[0];
            }
        }

        private double longer() {
            return Math.max(frame.width(), frame.height());
        }

        /** Pixels per millimeter, as marked. */
        private double roughScale() {
            if (frets) {
                int n = places.length;
                double most = 0;
                double scale = 1;
                for (int i = 0; i < n; i++) {
                    for (int j = i + 1; j < n; j++) {
                        double apart = Math.abs(places[j] - places[i]);
                        if (apart > most) {
                            most = apart;
                            scale = marks.frets()
                                            .get(i)
                                            .at()
                                            .distance(marks.frets().get(j).at())
                                    / apart;
                        }
                    }
                }
                return scale;
            }
            PictureMarks.Known known = marks.known().get(0);
            return known.from().distance(known.to()) / known.length();
        }

        private double[] start() {
            double[] start = new double[Camera.SIZE];
            double scale = Math.max(1e-3, roughScale());
            double usual = frame.focal().orElse(USUAL_FOCAL * longer());
            start[Camera.FOCAL] =
                    Math.log(marks.distance().isPresent() ? marks.distance().getAsDouble() * scale : usual);
            start[Camera.DISTANCE] = start[Camera.FOCAL] - Math.log(scale);
            start[Camera.ROLL] = roll;
            if (frets) {
                double x = 0;
                double y = 0;
                for (PictureMarks.FretMark mark : marks.frets()) {
                    x += (mark.at().x() - frame.width() / 2.0) / places.length;
                    y += (mark.at().y() - frame.height() / 2.0) / places.length;
                }
                start[Camera.ALONG] = x * Math.cos(roll) + y * Math.sin(roll);
                start[Camera.HORIZON] = -x * Math.sin(roll) + y * Math.cos(roll);
            }
            return start;
        }

        private double[] expected() {
            double[] expected = start();
            expected[Camera.FOCAL] = Math.log(frame.focal().orElse(USUAL_FOCAL * longer()));
            expected[Camera.DISTANCE] = Math.log(marks.distance().orElse(USUAL_DISTANCE));
            expected[Camera.ROLL] = Math.toRadians(90) * Math.round(roll / Math.toRadians(90));
            return expected;
        }

        private double[] doubts() {
            double[] doubts = new double[Camera.SIZE];
            doubts[Camera.FOCAL] = frame.focal().isPresent() ? TOLD_FOCAL_DOUBT : FOCAL_DOUBT;
            doubts[Camera.DISTANCE] = marks.distance().isPresent() ? TOLD_DISTANCE_DOUBT : DISTANCE_DOUBT;
            doubts[Camera.YAW] = frets ? YAW_DOUBT : SQUARE_DOUBT;
            doubts[Camera.ROLL] = ROLL_DOUBT;
            doubts[Camera.ALONG] = frets ? longer() : 1;
            doubts[Camera.HORIZON] = frets ? longer() : 1;
            doubts[Camera.DISTORTION] = DISTORTION_DOUBT;
            return doubts;
        }

        private Observation[] observations(List<Double> deviations, double knownDeviation) {
            double scale = roughScale();
            Observation[] all = new Observation
                    [(frets ? 2 * places.length : 0) + marks.known().size()];
            int n = 0;
            double cos = Math.cos(roll);
            double sin = Math.sin(roll);
            for (int i = 0; frets && i < places.length; i++) {
                double place = places[i];
                PixelPoint mark = marks.frets().get(i).at();
                double deviation = deviations.get(i);
                all[n++] = new Observation(
                        camera -> {
                            PixelPoint seen = camera.project(place, 0, 0);
                            return seen.x() * cos + seen.y() * sin;
                        },
                        mark.x() * cos + mark.y() * sin,
                        Math.hypot(deviation, FRET_PLACE * scale));
                all[n++] = new Observation(
                        camera -> {
                            PixelPoint seen = camera.project(place, 0, 0);
                            return -seen.x() * sin + seen.y() * cos;
                        },
                        -mark.x() * sin + mark.y() * cos,
                        Math.hypot(deviation, CROWN_LINE * scale));
            }
            for (PictureMarks.Known known : marks.known()) {
                double pixels = known.from().distance(known.to());
                all[n++] = new Observation(
                        camera -> {
                            double[] from = camera.place(known.from(), 0);
                            double[] to = camera.place(known.to(), 0);
                            return Math.log(Math.hypot(to[0] - from[0], to[1] - from[1]));
                        },
                        Math.log(known.length()),
                        Math.hypot(Math.sqrt(2) * knownDeviation / Math.max(1, pixels), KNOWN_DOUBT));
            }
            return all;
        }

        private double cost(double[] at, Observation[] all, double[] expected, double[] doubts) {
            Camera camera = new Camera(at, frame.width(), frame.height());
            double cost = 0;
            for (Observation each : all) {
                cost += square((each.expected().applyAsDouble(camera) - each.read()) / each.deviation());
            }
            for (int i = 0; i < Camera.SIZE; i++) {
                cost += square((at[i] - expected[i]) / doubts[i]);
            }
            return cost;
        }

        /** Gauss-Newton steps, shortened as long as they lead away (Levenberg and Marquardt). */
        private CameraFit solve(double[] start, Observation[] all) {
            double[] at = start;
            double[] expected = expected();
            double[] doubts = doubts();
            double cost = cost(at, all, expected, doubts);
            double damping = 1e-3;
            RealMatrix normal = null;
            for (int step = 0; step < STEPS; step++) {
                normal = new Array2DRowRealMatrix(Camera.SIZE, Camera.SIZE);
                double[] gradient = new double[Camera.SIZE];
                gather(at, all, expected, doubts, normal, gradient);
                RealMatrix damped = normal.copy();
                for (int i = 0; i < Camera.SIZE; i++) {
                    damped.multiplyEntry(i, i, 1 + damping);
                }
                double[] by;
                try {
                    by = new LUDecomposition(damped)
                            .getSolver()
                            .solve(new ArrayRealVector(gradient))
                            .toArray();
                } catch (MathRuntimeException singular) {
                    break;
                }
                double[] next = at.clone();
                for (int i = 0; i < Camera.SIZE; i++) {
                    next[i] -= by[i];
                }
                double better = cost(next, all, expected, doubts);
                if (better < cost) {
                    boolean there = cost - better < 1e-9 * (1 + cost);
                    at = next;
                    cost = better;
                    damping /= 5;
                    if (there) {
                        break;
                    }
                } else {
                    damping *= 8;
                }
            }
            RealMatrix last = new Array2DRowRealMatrix(Camera.SIZE, Camera.SIZE);
            gather(at, all, expected, doubts, last, new double[Camera.SIZE]);
            int free = Math.max(1, places.length);
            return new CameraFit(
                    frame.width(),
                    frame.height(),
                    at,
                    new LUDecomposition(last).getSolver().getInverse(),
                    Math.sqrt(cost / free),
                    mirrored,
                    reference);
        }

        private void gather(
                double[] at,
                Observation[] all,
                double[] expected,
                double[] doubts,
                RealMatrix normal,
                double[] gradient) {
            Camera camera = new Camera(at, frame.width(), frame.height());
            Camera[] nudged = new Camera[Camera.SIZE];
            double[] by = new double[Camera.SIZE];
            for (int i = 0; i < Camera.SIZE; i++) {
                by[i] = NUDGE * (i == Camera.ALONG || i == Camera.HORIZON ? longer() : 1);
                double[] next = at.clone();
                next[i] += by[i];
                nudged[i] = new Camera(next, frame.width(), frame.height());
            }
            for (Observation each : all) {
                double now = each.expected().applyAsDouble(camera);
                double off = (now - each.read()) / each.deviation();
                double[] slope = new double[Camera.SIZE];
                for (int i = 0; i < Camera.SIZE; i++) {
                    slope[i] = (each.expected().applyAsDouble(nudged[i]) - now) / by[i] / each.deviation();
                }
                for (int i = 0; i < Camera.SIZE; i++) {
                    gradient[i] += slope[i] * off;
                    for (int j = 0; j < Camera.SIZE; j++) {
                        normal.addToEntry(i, j, slope[i] * slope[j]);
                    }
                }
            }
            for (int i = 0; i < Camera.SIZE; i++) {
                gradient[i] += (at[i] - expected[i]) / (doubts[i] * doubts[i]);
                normal.addToEntry(i, i, 1 / (doubts[i] * doubts[i]));
            }
        }
    }

    private static double square(double number) {
        return number * number;
    }

    private Camera camera() {
        return new Camera(at, width, height);
    }

    /**
     * How badly the frets fit any likely camera: about 1 or less if all is well. A fret with the wrong number raises
     * it.
     */
    public double misfit() {
        return misfit;
    }

    /** Pixels per millimeter at a place, across the line of the crowns. */
    public double scale(PixelPoint seen) {
        Camera camera = camera();
        return camera.scale(camera.place(seen, 0)[0]);
    }

    /** The direction of the line of the crowns, radians from the right, downward. */
    public double direction() {
        return camera().direction();
    }

    /** Where a fret's crown should appear. */
    public PixelPoint crown(double fromNut) {
        return camera().project(mirrored ? reference - fromNut : fromNut - reference, 0, 0);
    }

    /** The direction of a length. */
    public enum Way {
        /** Perpendicular to the line of the crowns. */
        ACROSS,
        /** Along it. */
        ALONG,
        /** Along the line between the two places. */
        STRAIGHT
    }

    /**
     * The length between two edges.
     *
     * @param from a place in the plane of the frets' ends
     * @param to a place so far behind it
     * @param inset how far, mm
     * @param insetDeviation how far that may be wrong, mm
     * @param fromDeviation how far the first edge may lie off, pixels
     * @param toDeviation the second
     */
    public Measured length(
            PixelPoint from,
            PixelPoint to,
            Way way,
            double inset,
            double insetDeviation,
            double fromDeviation,
            double toDeviation) {
        double value = length(at, from, to, way, inset);
        double variance = square(insetDeviation * (length(at, from, to, way, inset + 0.01) - value) / 0.01);
        double[] slopes = new double[Camera.SIZE];
        for (int i = 0; i < Camera.SIZE; i++) {
            double by = NUDGE * (i == Camera.ALONG || i == Camera.HORIZON ? Math.max(width, height) : 1);
            double[] next = at.clone();
            next[i] += by;
            slopes[i] = (length(next, from, to, way, inset) - value) / by;
        }
        variance += new ArrayRealVector(slopes).dotProduct(covariance.operate(new ArrayRealVector(slopes)));
        double scale = scale(from);
        variance += (square(fromDeviation) + square(toDeviation)) / square(scale);
        return new Measured(Math.abs(value), Math.sqrt(variance));
    }

    private double length(double[] numbers, PixelPoint from, PixelPoint to, Way way, double inset) {
        Camera camera = new Camera(numbers, width, height);
        double[] first = camera.place(from, 0);
        double[] second = camera.place(to, inset);
        double along = second[0] - first[0];
        double across = second[1] - first[1];
        return switch (way) {
            case ACROSS -> across;
            case ALONG -> along;
            case STRAIGHT -> Math.hypot(along, across);
        };
    }
}
