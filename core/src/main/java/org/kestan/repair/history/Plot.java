package org.kestan.repair.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.expect.Expect;

/**
 * One quantity over the years, laid out in a picture: places in its unit of length, x to the right, y down.
 *
 * @param points what was read: x, y for each
 * @param middle the trend's line, x, y behind one another; empty if nothing was fitted
 * @param narrow the band in which the line lies (95 %), a closed shape; empty in the same way
 * @param wide the band in which a reading will lie (95 %), in the same way
 * @param years the first days of years
 * @param values round values of the upright scale, from the least
 */
public record Plot(
        List<double[]> points, double[] middle, double[] narrow, double[] wide, List<Mark> years, List<Mark> values) {

    private static final int AHEAD_YEARS = 4;
    private static final int STEPS = 40;
    private static final double MOST_YEARS = 6;
    private static final double MOST_VALUES = 5;
    private static final double LEAST_SPAN = 0.05;

    /**
     * A mark on a scale.
     *
     * @param at x of a year, y of a value
     * @param value the year, or the value in the quantity's own measure
     */
    public record Mark(double at, double value) {}

    /**
     * The area for the drawing.
     *
     * @param left of it
     * @param top of it
     * @param width of it
     * @param height of it
     */
    public record Frame(double left, double top, double width, double height) {

        double bottom() {
            return top + height;
        }
    }

    /** Converts days and values to places. */
    private record Scale(Frame frame, LocalDate first, double along, double least, double up) {

        double x(LocalDate day) {
            return frame.left + (day.toEpochDay() - first.toEpochDay()) * along;
        }

        double y(double value) {
            double y = frame.bottom() - (value - least) * up;
            return Math.max(frame.top, Math.min(frame.bottom(), y));
        }
    }

    /**
     * Lays out readings with their trend, a few years ahead.
     *
     * @param points at least one, by their days
     * @param grain the least step between two values of the upright scale, positive
     */
    public static Plot of(List<Trend.Point> points, Optional<Trend> trend, Frame frame, double grain) {
        LocalDate first = points.get(0).day();
        LocalDate last = points.get(points.size() - 1).day().plusYears(trend.isPresent() ? AHEAD_YEARS : 1);
        double days = Math.max(1, last.toEpochDay() - first.toEpochDay());
        double low = points.stream().mapToDouble(Trend.Point::value).min().orElseThrow(Expect.present("at least one"));
        double high = points.stream().mapToDouble(Trend.Point::value).max().orElseThrow(Expect.present("at least one"));
        // A band much wider than the readings would hide them.
        double most = 2 * Math.max(LEAST_SPAN, high - low);
        List<LocalDate> steps = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            steps.add(first.plusDays(Math.round(days * i / STEPS)));
        }
        if (trend.isPresent()) {
            for (LocalDate day : steps) {
                double half = Math.min(trend.get().prediction(day), most);
                low = Math.min(low, trend.get().at(day) - half);
                high = Math.max(high, trend.get().at(day) + half);
            }
        }
        double pad = Math.max(0.02, (high - low) * 0.08);
        Scale scale = new Scale(frame, first, frame.width / days, low - pad, frame.height / (high - low + 2 * pad));
        return new Plot(
                points.stream()
                        .map(each -> new double[] {scale.x(each.day()), scale.y(each.value())})
                        .toList(),
                trend.map(each -> line(each, steps, scale)).orElse(new double[0]),
                trend.map(each -> band(each, steps, scale, false)).orElse(new double[0]),
                trend.map(each -> band(each, steps, scale, true)).orElse(new double[0]),
                years(first, last, scale),
                values(low - pad, high + pad, grain, scale));
    }

    private static List<Mark> values(double low, double high, double grain, Scale scale) {
        return Ticks.between(low, high, grain, MOST_VALUES).stream()
                .map(each -> new Mark(scale.y(each), each))
                .toList();
    }

    private static List<Mark> years(LocalDate first, LocalDate last, Scale scale) {
        List<Mark> marks = new ArrayList<>();
        int step = Math.max(1, (int) Math.ceil((last.getYear() - first.getYear()) / MOST_YEARS));
        for (int year = first.getYear() + 1; year <= last.getYear(); year += step) {
            marks.add(new Mark(scale.x(LocalDate.of(year, 1, 1)), year));
        }
        return marks;
    }

    private static double[] line(Trend trend, List<LocalDate> days, Scale scale) {
        double[] all = new double[2 * days.size()];
        for (int i = 0; i < days.size(); i++) {
            all[2 * i] = scale.x(days.get(i));
            all[2 * i + 1] = scale.y(trend.at(days.get(i)));
        }
        return all;
    }

    /** Along its upper edge and back along its lower one. */
    private static double[] band(Trend trend, List<LocalDate> days, Scale scale, boolean prediction) {
        int n = days.size();
        double[] all = new double[4 * n];
        for (int i = 0; i < n; i++) {
            LocalDate day = days.get(i);
            double half = prediction ? trend.prediction(day) : trend.confidence(day);
            int back = 4 * n - 2 * (i + 1);
            all[2 * i] = scale.x(day);
            all[2 * i + 1] = scale.y(trend.at(day) + half);
            all[back] = scale.x(day);
            all[back + 1] = scale.y(trend.at(day) - half);
        }
        return all;
    }
}
