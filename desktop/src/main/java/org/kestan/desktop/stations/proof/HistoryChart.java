package org.kestan.desktop.stations.proof;

import java.util.List;
import java.util.Optional;
import org.kestan.desktop.parts.drawn.Sketch;
import org.kestan.words.HistoryWords;
import org.kestan.words.Words;
import org.kestan.work.history.History;
import org.kestan.work.history.Plot;
import org.kestan.work.history.Trend;

/** One quantity over the years: what was read, where it goes, and both bands (95 %), a few years on. */
final class HistoryChart extends Sketch {

    private static final double LEFT = 64;
    private static final double RIGHT = 14;
    private static final double TOP = 26;
    private static final double BOTTOM = 22;

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
        double bottom = height - BOTTOM;
        Plot plot = Plot.of(points, trend, new Plot.Frame(LEFT, TOP, width - LEFT - RIGHT, bottom - TOP));
        if (trend.isPresent()) {
            closed(plot.wide(), "history-prediction");
            closed(plot.narrow(), "history-confidence");
            open(plot.middle(), "chart-path");
        }
        line(LEFT, bottom, width - RIGHT, bottom, "chart-axis");
        for (Plot.Mark year : plot.years()) {
            line(year.at(), bottom, year.at(), bottom + 4, "chart-axis");
            centred(year.at(), height - 4, Integer.toString((int) year.value()), "chart-label");
        }
        for (Plot.Mark value : plot.values()) {
            text(4, value.at() + 4, HistoryWords.print(quantity, value.value(), words), "chart-label");
        }
        for (double[] point : plot.points()) {
            dot(point[0], point[1], 4.5, "chart-dot");
        }
    }
}
