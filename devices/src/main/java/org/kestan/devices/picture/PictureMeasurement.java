package org.kestan.devices.picture;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.kestan.analysis.picture.CameraFit;
import org.kestan.analysis.picture.PictureMarks;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.analysis.picture.PictureWarning;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;

/**
 * The measurement of a marked picture: the camera is worked out from frets and known lengths, edges are found near the
 * marks, and the lengths between them are read.
 *
 * @param readings those that can be seen, in the order of the marks
 * @param millimetersPerPixel at the first gap, else in the middle of the frets; empty if nothing tells the scale
 * @param warnings what is wrong
 * @param frets where the crowns of the marked frets were found
 */
public record PictureMeasurement(
        List<PictureReading> readings,
        OptionalDouble millimetersPerPixel,
        List<PictureWarning> warnings,
        List<PictureMarks.FretMark> frets) {

    /** Readings over a fret, under a string or a straightedge. */
    private static final Set<Reading> OVER_FRETS = Set.of(
            Reading.ACTION_BASS,
            Reading.ACTION_TREBLE,
            Reading.NUT_BASS,
            Reading.NUT_TREBLE,
            Reading.RELIEF,
            Reading.RELIEF_SLACK,
            Reading.PROFILE_GAP);

    /** The part of a normal distribution within a half-width on either side. */
    private static final double NINETY_FIVE = 1.96;

    /** How far a string usually is inside the edge of the board, mm: common practice, no source. */
    private static final double USUAL_INSET = 2.5;

    private static final double INSET_DOUBT = 1.2;
    private static final double TOLD_INSET_DOUBT = 0.06;

    /** The uncertainty of a mark with nothing found near it, pixels. */
    private static final double MARKED = 6;

    /** The uncertainty of a fret that was found, pixels and mm. */
    private static final double FOUND = 0.15;

    private static final double FOUND_MM = 0.004;

    /** If frets fit no likely camera better than this, one has the wrong number. */
    private static final double WRONG_FRET = 3.5;

    /** If frets fit this well, all are right. */
    private static final double GOOD = 1.6;

    /** With fewer frets, none can be checked against the others. */
    private static final int ENOUGH = 3;

    /** The uncertainty of a fret that is off from all others, pixels. */
    private static final double LOST = 1000;

    private static final double CROWN_BAND = 0.55;

    /** Radius of a crown, mm: from memory. */
    private static final double ARCH = 1.3;

    private static final double STRING_BAND = 1.6;
    private static final double WIDEST = 60;
    private static final double OTHER_BAND = 0.35;

    /** A gap within this angle of square or parallel is meant to be so. */
    private static final double ABOUT = Math.toRadians(30);

    /** Returns whether a line is read over a fret, to the underside of a string or a straightedge. */
    public static boolean isOverFret(Reading line) {
        return OVER_FRETS.contains(line);
    }

    /** Takes unmodifiable copies. */
    public PictureMeasurement {
        readings = List.copyOf(readings);
        warnings = List.copyOf(warnings);
        frets = List.copyOf(frets);
    }

    /**
     * Measures.
     *
     * @param focal focal length in pixels where the picture tells
     */
    public static PictureMeasurement of(GrayPicture picture, OptionalDouble focal, PictureMarks marks) {
        return new Measuring(picture, focal, marks).measure();
    }

    /** A measurement in progress. */
    private static final class Measuring {
        private final GrayPicture picture;
        private final CameraFit.Frame frame;
        private final PictureMarks marks;
        private final List<PictureWarning> warnings = new ArrayList<>();
        private final List<PictureReading> readings = new ArrayList<>();
        private OptionalDouble millimetersPerPixel = OptionalDouble.empty();

        Measuring(GrayPicture picture, OptionalDouble focal, PictureMarks marks) {
            this.picture = picture;
            this.marks = marks;
            frame = new CameraFit.Frame(picture.width(), picture.height(), focal);
        }

        PictureMeasurement measure() {
            boolean frets = marks.frets().size() > 1 && marks.scale().isPresent();
            if (!frets && marks.known().isEmpty()) {
                warnings.add(new PictureWarning(PictureWarning.What.NO_SCALE, ""));
                return done(marks.frets());
            }
            CameraFit rough =
                    CameraFit.of(frame, marks, Collections.nCopies(marks.frets().size(), MARKED), MARKED);
            int up = up(rough);
            List<PictureMarks.FretMark> found = new ArrayList<>();
            List<Double> deviations = new ArrayList<>();
            for (PictureMarks.FretMark mark : marks.frets()) {
                snap(mark, rough, up, found, deviations);
            }
            List<PictureMarks.Known> known =
                    marks.known().stream().map(this::snap).toList();
            CameraFit fit = fit(found, known, deviations);
            if (frets && fit.misfit() > WRONG_FRET) {
                warnings.add(new PictureWarning(PictureWarning.What.FRETS_DO_NOT_FIT, ""));
                return done(found);
            }
            PixelPoint middle = !marks.gaps().isEmpty()
                    ? marks.gaps().get(0).from()
                    : frets ? found.get(found.size() / 2).at() : known.get(0).from();
            millimetersPerPixel = OptionalDouble.of(1 / fit.scale(middle));
            for (PictureMarks.Gap gap : marks.gaps()) {
                measure(gap, fit, found, up);
            }
            return done(found);
        }

        /** If one fret is off from what all others say, something else was taken for it, and its mark counts little. */
        private CameraFit fit(
                List<PictureMarks.FretMark> found, List<PictureMarks.Known> known, List<Double> deviations) {
            CameraFit fit = CameraFit.of(frame, marks.with(found, known), deviations, FOUND);
            for (int round = 0; round < found.size() - ENOUGH && fit.misfit() > GOOD; round++) {
                CameraFit best = fit;
                int worst = -1;
                for (int i = 0; i < found.size(); i++) {
                    List<Double> without = new ArrayList<>(deviations);
                    without.set(i, LOST);
                    CameraFit other = CameraFit.of(frame, marks.with(found, known), without, FOUND);
                    if (other.misfit() < best.misfit()) {
                        best = other;
                        worst = i;
                    }
                }
                if (worst < 0) {
                    break;
                }
                deviations.set(worst, LOST);
                fit = best;
                double at = new Frets(marks.scale().orElseThrow(Expect.present("scale length")))
                        .at(found.get(worst).fret());
                found.set(worst, new PictureMarks.FretMark(found.get(worst).fret(), fit.crown(at)));
            }
            return fit;
        }

        private PictureMeasurement done(List<PictureMarks.FretMark> found) {
            return new PictureMeasurement(readings, millimetersPerPixel, warnings, found);
        }

        /** 1 if strings are to the left of the direction of the board, as in an upright picture. */
        private int up(CameraFit rough) {
            double right = Math.cos(rough.direction());
            double down = Math.sin(rough.direction());
            double votes = 0;
            for (PictureMarks.Gap gap : marks.gaps()) {
                if (isOverFret(gap.line().reading())) {
                    double dx = gap.to().x() - gap.from().x();
                    double dy = gap.to().y() - gap.from().y();
                    votes += dx * down - dy * right;
                }
            }
            return votes < 0 ? -1 : 1;
        }

        private void snap(
                PictureMarks.FretMark mark,
                CameraFit rough,
                int up,
                List<PictureMarks.FretMark> found,
                List<Double> deviations) {
            double right = Math.cos(rough.direction());
            double down = Math.sin(rough.direction());
            double scale = rough.scale(mark.at());
            Optional<FretFinder.Axis> axis = FretFinder.find(picture, mark.at(), right, down, up, scale);
            if (axis.isEmpty()) {
                warnings.add(new PictureWarning(PictureWarning.What.NO_FRET, Integer.toString(mark.fret())));
            }
            double off = axis.map(FretFinder.Axis::off).orElse(0.0);
            found.add(new PictureMarks.FretMark(mark.fret(), mark.at().plus(off * right, off * down)));
            deviations.add(axis.map(each -> Math.hypot(each.deviation(), Math.hypot(FOUND, FOUND_MM * scale)))
                    .orElse(MARKED));
        }

        private PictureMarks.Known snap(PictureMarks.Known known) {
            double length = known.from().distance(known.to());
            if (length < 2) {
                return known;
            }
            double right = (known.to().x() - known.from().x()) / length;
            double down = (known.to().y() - known.from().y()) / length;
            EdgePair.Shape band = new EdgePair.Shape(0, 3, Double.POSITIVE_INFINITY);
            return EdgePair.find(picture, known.from(), right, down, length, band, band)
                    .map(pair -> new PictureMarks.Known(
                            known.from().plus(pair.from() * right, pair.from() * down),
                            known.from().plus(pair.to() * right, pair.to() * down),
                            known.length()))
                    .orElse(known);
        }

        private void measure(PictureMarks.Gap gap, CameraFit fit, List<PictureMarks.FretMark> found, int up) {
            double length = gap.from().distance(gap.to());
            boolean inside = picture.has(gap.from().x(), gap.from().y(), 1)
                    && picture.has(gap.to().x(), gap.to().y(), 1);
            if (!inside) {
                warnings.add(new PictureWarning(
                        PictureWarning.What.OUTSIDE, gap.line().key()));
                return;
            }
            double dx = gap.to().x() - gap.from().x();
            double dy = gap.to().y() - gap.from().y();
            boolean overFret = isOverFret(gap.line().reading());
            CameraFit.Way way = way(fit, dx, dy, overFret, !marks.frets().isEmpty());
            double right = length > 0 ? dx / length : 0;
            double down = length > 0 ? dy / length : -1;
            if (way == CameraFit.Way.ACROSS) {
                right = up * Math.sin(fit.direction());
                down = up * -Math.cos(fit.direction());
                if (!overFret && dx * right + dy * down < 0) {
                    right = -right;
                    down = -down;
                }
            }
            double along = Math.max(0, dx * right + dy * down);
            double scale = fit.scale(gap.from());
            PixelPoint from = overFret ? overCrown(gap.from(), fit, found, up, scale) : gap.from();
            double half = Math.max(1, (overFret ? CROWN_BAND : OTHER_BAND) * scale);
            EdgePair.Shape first = new EdgePair.Shape(0, half, overFret ? ARCH * scale : Double.POSITIVE_INFINITY);
            double wide = Math.min(WIDEST, Math.max(1, (overFret ? STRING_BAND : OTHER_BAND) * scale));
            // If it is not a string, the second edge is looked for where it was marked.
            double offset = overFret ? 0 : -dx * down + dy * right;
            EdgePair.Shape second = new EdgePair.Shape(offset, wide, Double.POSITIVE_INFINITY);
            Optional<EdgePair> pair = EdgePair.find(picture, from, right, down, along, first, second);
            if (pair.isEmpty()) {
                warnings.add(new PictureWarning(
                        PictureWarning.What.NO_EDGE, gap.line().key()));
                return;
            }
            EdgePair edges = pair.get();
            PixelPoint one = from.plus(edges.from() * right, edges.from() * down);
            PixelPoint other = from.plus(edges.to() * right - offset * down, edges.to() * down + offset * right);
            boolean inset =
                    overFret && (marks.inset().isPresent() || !marks.frets().isEmpty());
            CameraFit.Measured measured = fit.length(
                    one,
                    other,
                    way,
                    inset ? marks.inset().orElse(USUAL_INSET) : 0,
                    inset ? (marks.inset().isPresent() ? TOLD_INSET_DOUBT : INSET_DOUBT) : 0,
                    edges.fromDeviation(),
                    edges.toDeviation());
            double doubt = edges.doubt() / Math.max(1e-3, scale);
            if (doubt > 0) {
                warnings.add(new PictureWarning(
                        PictureWarning.What.EDGE_BETWEEN, gap.line().key()));
            }
            readings.add(new PictureReading(
                    gap.line(), measured.value(), Math.max(doubt, NINETY_FIVE * measured.deviation()), one, other));
        }

        private static CameraFit.Way way(CameraFit fit, double dx, double dy, boolean overFret, boolean frets) {
            if (overFret && frets) {
                return CameraFit.Way.ACROSS;
            }
            if (!frets) {
                return CameraFit.Way.STRAIGHT;
            }
            double angle = Math.abs(Math.atan2(dy, dx) - fit.direction()) % Math.PI;
            double off = Math.min(angle, Math.PI - angle);
            return off < ABOUT
                    ? CameraFit.Way.ALONG
                    : off > Math.PI / 2 - ABOUT ? CameraFit.Way.ACROSS : CameraFit.Way.STRAIGHT;
        }

        /** A marked fret whose crown is there, or else one that can be found. */
        private PixelPoint overCrown(
                PixelPoint mark, CameraFit fit, List<PictureMarks.FretMark> found, int up, double scale) {
            double right = Math.cos(fit.direction());
            double down = Math.sin(fit.direction());
            for (PictureMarks.FretMark fret : found) {
                double dx = fret.at().x() - mark.x();
                double dy = fret.at().y() - mark.y();
                double off = dx * right + dy * down;
                if (Math.abs(off) < FretFinder.REACH + scale
                        && Math.abs(-dx * down + dy * right) < 4 * scale + FretFinder.REACH) {
                    return mark.plus(off * right, off * down);
                }
            }
            return FretFinder.find(picture, mark, right, down, up, scale)
                    .map(axis -> mark.plus(axis.off() * right, axis.off() * down))
                    .orElse(mark);
        }
    }

    /** Combines what several pictures say about one line, weighted by how well each is known. */
    public static List<PictureReading> together(List<PictureReading> all) {
        List<PictureReading> merged = new ArrayList<>();
        for (PictureReading each : all) {
            Measurable line = each.line();
            if (merged.stream().noneMatch(known -> known.line().equals(line))) {
                List<PictureReading> same =
                        all.stream().filter(other -> other.line().equals(line)).toList();
                merged.add(PictureReading.mean(same));
            }
        }
        return merged;
    }
}
