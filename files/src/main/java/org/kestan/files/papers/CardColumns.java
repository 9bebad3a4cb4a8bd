package org.kestan.files.papers;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.kestan.text.Card;

/** The cards of a plan in two columns at the foot of a page. Points; Y upward. */
final class CardColumns {

    /** The largest that the letters grow to, where there is room. */
    private static final float COMFORTABLE = 12;

    /** Share of a column that values and remarks take. */
    private static final float VALUE = 0.64f;

    private final TextLines text;
    private final float column;

    /**
     * @param column width of a column
     */
    CardColumns(TextLines text, float column) {
        this.text = text;
        this.column = column;
    }

    /** A line of a column. */
    private record Row(String label, String value, String remark, Kind kind) {

        enum Kind {
            HEAD,
            FIGURE,
            NOTE
        }
    }

    /**
     * Draws cards side by side, as large as they fit down to the smallest letter; then notes give way, then cards.
     *
     * @param x left edge of the first column
     * @param gap between the columns
     * @param top upper edge
     * @param foot lower edge
     * @return whether cards were left out
     */
    boolean draw(List<Card> cards, float x, float gap, float top, float foot) throws IOException {
        List<List<Row>> groups = new ArrayList<>();
        for (Card each : cards) {
            groups.add(rows(each));
        }
        float size = COMFORTABLE;
        while (size > TextLines.SMALLEST && tallest(columns(groups, size), size) > top - foot) {
            size -= 0.25f;
        }
        if (tallest(columns(groups, size), size) > top - foot) {
            groups.replaceAll(group ->
                    group.stream().filter(row -> row.kind() != Row.Kind.NOTE).toList());
        }
        boolean cut = false;
        while (groups.size() > 1 && tallest(columns(groups, size), size) > top - foot - size * 1.5f) {
            groups.remove(groups.size() - 1);
            cut = true;
        }
        List<List<List<Row>>> laid = columns(groups, size);
        for (int i = 0; i < laid.size(); i++) {
            float y = top;
            for (List<Row> group : laid.get(i)) {
                y = draw(group, x + i * (column + gap), y, size);
            }
        }
        return cut;
    }

    private static List<Row> rows(Card group) {
        List<Row> rows = new ArrayList<>();
        rows.add(new Row(group.title(), "", "", Row.Kind.HEAD));
        group.rows().forEach(line -> rows.add(new Row(line.label(), line.value(), line.remark(), Row.Kind.FIGURE)));
        if (!group.note().isEmpty()) {
            rows.add(new Row(group.note(), "", "", Row.Kind.NOTE));
        }
        return rows;
    }

    /** Two columns, the first filled to half of all. */
    private List<List<List<Row>>> columns(List<List<Row>> groups, float size) throws IOException {
        float all = 0;
        for (List<Row> group : groups) {
            all += height(group, size);
        }
        List<List<Row>> left = new ArrayList<>();
        List<List<Row>> right = new ArrayList<>();
        float filled = 0;
        for (List<Row> group : groups) {
            float next = height(group, size);
            boolean first = right.isEmpty() && filled + next / 2 <= all / 2;
            (first ? left : right).add(group);
            filled += first ? next : 0;
        }
        return List.of(left, right);
    }

    private float tallest(List<List<List<Row>>> columns, float size) throws IOException {
        float tallest = 0;
        for (List<List<Row>> each : columns) {
            float height = 0;
            for (List<Row> group : each) {
                height += height(group, size);
            }
            tallest = Math.max(tallest, height);
        }
        return tallest;
    }

    /** The size of what is beside a value or under a card. */
    private static float small(float size) {
        return Math.max(TextLines.SMALLEST, size * 0.82f);
    }

    private float height(List<Row> group, float size) throws IOException {
        float height = size;
        for (Row row : group) {
            height += switch (row.kind()) {
                case HEAD -> size * 1.5f;
                case FIGURE -> size * 1.3f;
                case NOTE -> text.wrapped(row.label(), small(size), column).size() * small(size) * 1.2f;
            };
        }
        return height;
    }

    private float draw(List<Row> group, float x, float from, float size) throws IOException {
        float y = from - size;
        for (Row row : group) {
            switch (row.kind()) {
                case HEAD -> {
                    y -= size * 1.1f;
                    text.line(text.fonts().bold(), size, x, y, row.label(), column);
                    text.page().setLineWidth(0.6f);
                    text.page().moveTo(x, y - size * 0.25f);
                    text.page().lineTo(x + column, y - size * 0.25f);
                    text.page().stroke();
                    y -= size * 0.4f;
                }
                case FIGURE -> {
                    y -= size * 1.1f;
                    String remark = row.remark().isEmpty() ? "" : "  " + row.remark();
                    text.line(text.fonts().regular(), small(size), x, y, row.label(), column * (1 - VALUE) - 4);
                    float after = x + column * (1 - VALUE);
                    float room = column * VALUE;
                    String value = text.fonts().printable(row.value());
                    float wide = Math.min(room, PdfFonts.width(text.fonts().bold(), size, value));
                    text.line(text.fonts().bold(), size, after, y, value, room);
                    text.line(text.fonts().regular(), small(size), after + wide, y, remark, room - wide);
                    y -= size * 0.2f;
                }
                case NOTE -> {
                    for (String words : text.wrapped(row.label(), small(size), column)) {
                        y -= small(size) * 1.2f;
                        text.line(text.fonts().regular(), small(size), x, y, words, column);
                    }
                }
            }
        }
        return y;
    }
}
