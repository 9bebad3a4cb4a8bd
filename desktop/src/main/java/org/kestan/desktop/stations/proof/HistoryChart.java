package org.kestan.desktop.stations.proof;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.kestan.desktop.parts.drawn.Sketch;
import org.kestan.words.HistoryWords;
import org.kestan.words.Words;
import org.kestan.work.history.History;
import org.kestan.work.history.Trend;

/** One quantity over the years: what was read, where it goes, and both bands (95 %), a few years on. */
final class HistoryChart extends Sketch {

    private static final double LEFT = 64;
    private static final double RIGHT = 14;
    private static final double TOP = 26;
    private static final double BOTTOM = 22;
    private static final int AHEAD_YEARS = 4;
    private static final int STEPS = 40;

    private final History.Quantity quantity;
    private List<Trend.Point> points = List.of();
    private Optional<Trend> trend = Optional.empty();
    private Words words;

    HistoryChart(History.Quantity quantity) {
        super("history-" + quantity.key());
        this.quantity = quantity;
    }

    void show(History history, Words in) {
        points = history.series().getOrDefault(quantity, List.of());
        trend = Optional.ofNullable(history.trends().get(quantity));
        words = in;
        setAccessibleText(Words.label(quantity) + ", " + points.size() + " readings");
        changed();
    }

    @Override
    protected void draw(double width, double height) {
        text(8, 17, Words.label(quantity), "chart-value");
        if (points.isEmpty()) {
            text(LEFT, height / 2, "not read yet", "chart-label");
            return;
        }
        LocalDate first = points.get(0).day();
        LocalDate last = points.get(points.size() - 1).day().plusYears(trend.isPresent() ? AHEAD_YEARS : 1);
        double days = Math.max(1, last.toEpochDay() - first.toEpochDay());
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Trend.Point each : points) {
            low = Math.min(low, each.value());
            high = Math.max(high, each.value());
        }
        for (int i = 0; i <= STEPS && trend.isPresent(); i++) {
            LocalDate day = first.plusDays(Math.round(days * i / STEPS));
            // A band that is far wider than what was read would hide it.
            double half = Math.min(trend.get().prediction(day), 2 * Math.max(0.05, high - low));
            low = Math.min(low, trend.get().at(day) - half);
            high = Math.max(high, trend.get().at(day) + half);
        }
        double pad = Math.max(0.02, (high - low) * 0.08);
        double bottom = low - pad;
        double up = (height - TOP - BOTTOM) / (high - low + 2 * pad);
        double along = (width - LEFT - RIGHT) / days;
        trend.ifPresent(each -> bands(each, first, days, bottom, up, along, height));
        line(LEFT, height - BOTTOM, width - RIGHT, height - BOTTOM, "chart-axis");
        int years = last.getYear() - first.getYear();
        int step = Math.max(1, (int) Math.ceil(years / 6.0));
        for (int year = first.getYear() + 1; year <= last.getYear(); year += step) {
            double x = LEFT + (LocalDate.of(year, 1, 1).toEpochDay() - first.toEpochDay()) * along;
            line(x, height - BOTTOM, x, height - BOTTOM + 4, "chart-axis");
            centred(x, height - 4, Integer.toString(year), "chart-label");
        }
        for (double share : new double[] {0.1, 0.9}) {
            double value = low + share * (high - low);
            text(
                    4,
                    height - BOTTOM - (value - bottom) * up + 4,
                    HistoryWords.print(quantity, value, words),
                    "chart-label");
        }
        for (Trend.Point each : points) {
            dot(
                    LEFT + (each.day().toEpochDay() - first.toEpochDay()) * along,
                    height - BOTTOM - (each.value() - bottom) * up,
                    4.5,
                    "chart-dot");
        }
    }

    private void bands(
            Trend each, LocalDate first, double days, double bottom, double up, double along, double height) {
        double[] wide = new double[4 * (STEPS + 1)];
        double[] narrow = new double[4 * (STEPS + 1)];
        double[] middle = new double[2 * (STEPS + 1)];
        for (int i = 0; i <= STEPS; i++) {
            long day = Math.round(days * i / STEPS);
            LocalDate then = first.plusDays(day);
            double x = LEFT + day * along;
            double value = each.at(then);
            int back = 4 * (STEPS + 1) - 2 * (i + 1);
            put(wide, 2 * i, x, y(value + each.prediction(then), bottom, up, height));
            put(wide, back, x, y(value - each.prediction(then), bottom, up, height));
            put(narrow, 2 * i, x, y(value + each.confidence(then), bottom, up, height));
            put(narrow, back, x, y(value - each.confidence(then), bottom, up, height));
            put(middle, 2 * i, x, y(value, bottom, up, height));
        }
        closed(wide, "history-prediction");
        closed(narrow, "history-confidence");
        open(middle, "chart-path");
    }

    private static double y(double value, double bottom, double up, double height) {
        return Math.max(TOP, Math.min(height - BOTTOM, height - BOTTOM - (value - bottom) * up));
    }

    private static void put(double[] all, int at, double x, double y) {
        all[at] = x;
        all[at + 1] = y;
    }
}
