package org.kestan.desktop.stations.proof;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.MouseEvent;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.chart.ResizableDrawing;
import org.kestan.repair.history.History;
import org.kestan.repair.history.Plot;
import org.kestan.repair.history.Trend;
import org.kestan.text.HistoryText;
import org.kestan.text.Wording;

/** One quantity over the years: the readings, the trend, and both bands (95 %), a few years ahead. */
final class HistoryChart extends ResizableDrawing {

    private static final double LEFT = 64;
    private static final double RIGHT = 14;
    private static final double TOP = 26;
    private static final double BOTTOM = 22;

    private final History.Quantity quantity;
    private List<Trend.Point> points = List.of();
    private Optional<Trend> trend = Optional.empty();
    private Wording words;
    private List<double[]> places = List.of();
    private int pointed = -1;

    HistoryChart(History.Quantity quantity) {
        super("history-" + quantity.key());
        this.quantity = quantity;
        // Shows the value of the reading nearest to the pointer.
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> point(nearest(event.getX())));
        addEventHandler(MouseEvent.MOUSE_EXITED, event -> point(-1));
    }

    private int nearest(double x) {
        int nearest = -1;
        for (int i = 0; i < places.size(); i++) {
            if (nearest < 0 || Math.abs(places.get(i)[0] - x) < Math.abs(places.get(nearest)[0] - x)) {
                nearest = i;
            }
        }
        return nearest;
    }

    private void point(int next) {
        if (next != pointed) {
            pointed = next;
            changed();
        }
    }

    void show(History history, Wording in) {
        points = history.series().getOrDefault(quantity, List.of());
        trend = Optional.ofNullable(history.trends().get(quantity));
        words = in;
        setAccessibleText(Messages.message("history-chart.readings", Wording.label(quantity), points.size()));
        changed();
    }

    @Override
    protected void draw(double width, double height) {
        text(8, 17, Wording.label(quantity), "chart-value");
        if (points.isEmpty()) {
            text(LEFT, height / 2, Messages.message("history-chart.not-read-yet"), "chart-label");
            return;
        }
        double bottom = height - BOTTOM;
        Plot plot = Plot.of(
                points,
                trend,
                new Plot.Frame(LEFT, TOP, width - LEFT - RIGHT, bottom - TOP),
                HistoryText.grain(quantity, words.numbers().unit()));
        places = plot.points();
        if (trend.isPresent()) {
            closed(plot.wide(), "history-prediction");
            closed(plot.narrow(), "history-confidence");
            open(plot.middle(), "chart-path");
        }
        line(LEFT, bottom, width - RIGHT, bottom, "chart-axis");
        for (Plot.Mark year : plot.years()) {
            line(year.at(), bottom, year.at(), bottom + 4, "chart-axis");
            centered(year.at(), height - 4, Integer.toString((int) year.value()), "chart-label");
        }
        line(LEFT, TOP, LEFT, bottom, "chart-axis");
        for (Plot.Mark value : plot.values()) {
            line(LEFT - 4, value.at(), width - RIGHT, value.at(), "chart-grid");
            text(4, value.at() + 4, HistoryText.print(quantity, value.value(), words), "chart-label");
        }
        for (int i = 0; i < places.size(); i++) {
            dot(places.get(i)[0], places.get(i)[1], i == pointed ? 7 : 4.5, "chart-dot");
        }
        if (pointed >= 0 && pointed < points.size()) {
            Trend.Point point = points.get(pointed);
            String read = point.day() + "   " + HistoryText.print(quantity, point.value(), words);
            text(width, 17, read, "chart-value").setId(getId() + "-reading");
        }
    }
}
