package org.kestan.desktop.widgets.chart;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** A question over its answer in bars: a row each, what it is, one bar or two, and their figures in words. */
public final class BarChart extends ResizableDrawing {

    private static final double TOP = 26;
    private static final double MOST_ROW = 40;
    private static final double LABEL_SHARE = 0.36;
    private static final double EDGE = 8;
    private static final double THICK = 0.52;

    private final String question;
    private List<Row> rows = List.of();
    private String none = "";

    /**
     * A row.
     *
     * @param label what it is
     * @param length of its bar, as a share of the longest: 0 to 1
     * @param beside length of what it is held against, drawn as an outline; below 0 for none
     * @param says its figures in words
     */
    public record Row(String label, double length, double beside, String says) {}

    /**
     * @param id by which it is found
     * @param question what someone asks
     */
    public BarChart(String id, String question) {
        super(id);
        this.question = question;
    }

    /**
     * Shows an answer.
     *
     * @param next its rows; as many as there is room for are drawn
     * @param ifNone what is said where there are none
     */
    public void show(List<Row> next, String ifNone) {
        rows = List.copyOf(next);
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
        int shown = (int) Math.max(1, Math.min(rows.size(), Math.floor((height - top - 4) / least)));
        double row = Math.min(MOST_ROW * size / 18, (height - top - 4) / shown);
        double left = width * LABEL_SHARE;
        double says = rows.stream().mapToDouble(each -> wide(each.says())).max().orElse(0);
        double room = Math.max(1, width - left - says - 2 * EDGE);
        for (int i = 0; i < shown; i++) {
            Row each = rows.get(i);
            double y = top + i * row;
            double base = y + row / 2 + size * 0.3;
            text(EDGE, base, fitting(each.label(), left - 2 * EDGE), "chart-label");
            double thick = row * THICK;
            box(left, y + (row - thick) / 2, Math.max(1, room * each.length()), thick, "bar");
            if (each.beside() >= 0) {
                Rectangle outline = box(
                        left, y + (row - thick) / 2 - 2, Math.max(1, room * each.beside()), thick + 4, "bar-beside");
                outline.setFill(null);
            }
            double end = left + room * Math.max(each.length(), each.beside()) + EDGE;
            text(end, base, each.says(), "chart-label");
        }
    }

    /** A label cut at a word where it is longer than its column; who listens hears it whole. */
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
