package org.kestan.desktop.widgets.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * A question with its answer as bars: one row each with a name, one or two bars, and their figures in words, above a
 * scale with ticks; the row under the pointer stands out.
 */
public final class BarChart extends ResizableDrawing {

    private static final double TOP = 26;
    private static final double MOST_ROW = 40;
    private static final double LABEL_SHARE = 0.36;
    private static final double EDGE = 8;
    private static final double THICK = 0.52;
    private static final double ROWS_FOR_SCALE = 3;

    private final String question;
    private List<Row> rows = List.of();
    private Scale scale;
    private int pointed = -1;
    private List<Double> tops = List.of();
    private String none = "";

    /**
     * A row.
     *
     * @param label what it is
     * @param value of its bar, in the scale's measure, 0 or more
     * @param beside the value it is compared with, drawn as an outline; below 0 for none
     * @param says its figures in words
     */
    public record Row(String label, double value, double beside, String says) {

        double longest() {
            return Math.max(value, beside);
        }
    }

    /**
     * The scale below the bars.
     *
     * @param name what is counted or measured, with its unit
     * @param least the least end of its scale, so that one small bar does not fill it; above 0
     * @param ticks its round values up to the longest bar
     * @param label how a value is written
     */
    public record Scale(String name, double least, DoubleFunction<List<Double>> ticks, DoubleFunction<String> label) {}

    /**
     * @param id by which it is found
     * @param question the question it answers
     */
    public BarChart(String id, String question) {
        super(id);
        this.question = question;
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> point(rowAt(event.getY())));
        addEventHandler(MouseEvent.MOUSE_EXITED, event -> point(-1));
    }

    private int rowAt(double y) {
        for (int i = 0; i + 1 < tops.size(); i++) {
            if (y >= tops.get(i) && y < tops.get(i + 1)) {
                return i;
            }
        }
        return -1;
    }

    private void point(int next) {
        if (next != pointed) {
            pointed = next;
            changed();
        }
    }

    /**
     * Shows an answer.
     *
     * @param next its rows; as many as there is room for are drawn
     * @param measured their scale
     * @param ifNone the message if there are none
     */
    public void show(List<Row> next, Scale measured, String ifNone) {
        rows = List.copyOf(next);
        scale = measured;
        none = ifNone;
        setAccessibleText(question + " "
                + (rows.isEmpty()
                        ? none
                        : rows.stream()
                                .map(each -> each.label() + " " + each.says())
                                .collect(Collectors.joining("; "))));
        changed();
    }

    @Override
    protected void draw(double width, double height) {
        double size = text(EDGE, 18, question, "chart-value").getLayoutBounds().getHeight();
        double top = TOP + Math.max(0, size - 18);
        if (rows.isEmpty()) {
            text(EDGE, top + size, none, "chart-label");
            return;
        }
        double least = size * 1.15;
        // In a low chart the figures beside the bars have to suffice.
        boolean scaled = height - top > ROWS_FOR_SCALE * size;
        double bottom = scaled ? height - size - 8 : height;
        int shown = (int) Math.max(1, Math.min(rows.size(), Math.floor((bottom - top - 4) / least)));
        double row = Math.min(MOST_ROW * size / 18, (bottom - top - 4) / shown);
        double left = width * LABEL_SHARE;
        double says = rows.stream().mapToDouble(each -> wide(each.says())).max().orElse(0);
        double room = Math.max(1, width - left - says - 2 * EDGE);
        double most = Math.max(
                scale.least(), rows.stream().mapToDouble(Row::longest).max().orElse(0));
        double axis = top + shown * row + 2;
        if (scaled) {
            ticks(left, axis, top, room / most, most, size);
        }
        List<Double> edges = new ArrayList<>();
        for (int i = 0; i < shown; i++) {
            Row each = rows.get(i);
            double y = top + i * row;
            edges.add(y);
            double base = y + row / 2 + size * 0.3;
            String style = i == pointed ? "chart-value" : "chart-label";
            text(EDGE, base, fitting(each.label(), left - 2 * EDGE), style);
            double thick = row * THICK;
            box(left, y + (row - thick) / 2, Math.max(1, room * each.value() / most), thick, "bar");
            if (each.beside() >= 0) {
                Rectangle outline = box(
                        left,
                        y + (row - thick) / 2 - 2,
                        Math.max(1, room * each.beside() / most),
                        thick + 4,
                        "bar-beside");
                outline.setFill(null);
            }
            double end = left + room * each.longest() / most + EDGE;
            text(end, base, each.says(), style);
        }
        edges.add(axis);
        tops = edges;
    }

    /** The axis below the bars with its ticks, their values and the quantity. */
    private void ticks(double left, double axis, double top, double each, double most, double size) {
        line(left, axis, left + each * most, axis, "chart-axis");
        line(left, top, left, axis, "chart-axis");
        double last = Double.NEGATIVE_INFINITY;
        for (double value : scale.ticks().apply(most)) {
            double x = left + each * value;
            String label = scale.label().apply(value);
            double wide = wide(label);
            line(x, top, x, axis, "chart-grid");
            line(x, axis, x, axis + 4, "chart-axis");
            if (x - wide / 2 > last + EDGE) {
                centered(x, axis + size, label, "chart-label");
                last = x + wide / 2;
            }
        }
        text(EDGE, axis + size, scale.name(), "chart-label");
    }

    /** A label longer than its column is cut between words; screen readers get all of it. */
    private String fitting(String label, double width) {
        String cut = label;
        while (wide(cut) > width && cut.contains(" ")) {
            cut = cut.substring(0, cut.lastIndexOf(' ')).replaceAll("[ +]+$", "");
        }
        return cut;
    }

    private double wide(String words) {
        Text text = text(0, 0, words, "chart-label");
        double wide = text.getLayoutBounds().getWidth();
        getChildren().remove(text);
        return wide;
    }
}
