package org.kestan.files.papers;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.kestan.text.Card;

/** The cards of a plan in two columns at the bottom of a page. Points; Y upward. */
final class CardColumns {

    /** The largest text size, if there is room. */
    private static final float COMFORTABLE = 12;

    /** The smallest text size before a card moves to the next page. */
    private static final float LEAST = 9;

    /** The share of a column for values and remarks. */
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
     * Draws cards side by side, as large as they all fit while readable at arm's length; otherwise as many as there is
     * room for.
     *
     * @param x left edge of the first column
     * @param gap between the columns
     * @param top upper edge
     * @param foot lower edge
     * @return the cards there was no room for, in their order
     */
    List<Card> draw(List<Card> cards, float x, float gap, float top, float foot) throws IOException {
        List<List<Row>> groups = new ArrayList<>();
        for (Card each : cards) {
            groups.add(rows(each));
        }
        float size = COMFORTABLE;
        while (size > LEAST && tallest(columns(groups, size), size) > top - foot) {
            size -= 0.25f;
        }
        while (groups.size() > 1 && tallest(columns(groups, size), size) > top - foot) {
            groups.remove(groups.size() - 1);
        }
        if (!groups.isEmpty() && tallest(columns(groups, size), size) > top - foot) {
            groups.clear();
        }
        List<List<List<Row>>> laid = columns(groups, size);
        for (int i = 0; i < laid.size(); i++) {
            float y = top;
            for (List<Row> group : laid.get(i)) {
                y = draw(group, x + i * (column + gap), y, size);
            }
        }
        return cards.subList(groups.size(), cards.size());
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

    /** Two columns, the first filled with half of everything. */
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

    private Figure figure(Row row, float size) throws IOException {
        return new Figure(row, size);
    }

    /** A figure: its label on the left, its value with its remark on the right, each on as many lines as it needs. */
    private final class Figure {

        private final float size;
        private final List<String> label;
        private final List<String> value;
        private final List<String> remark;
        private final boolean beside;

        Figure(Row row, float size) throws IOException {
            this.size = size;
            float room = column * VALUE;
            label = text.wrapped(text.fonts().regular(), row.label(), small(size), column * (1 - VALUE) - 4);
            value = text.wrapped(text.fonts().bold(), row.value(), size, room);
            beside = value.size() == 1
                    && PdfFonts.width(text.fonts().bold(), size, value.get(0)) + remarkWidth(row.remark()) <= room;
            remark = row.remark().isEmpty()
                    ? List.of()
                    : beside
                            ? List.of(text.fonts().printable(row.remark()))
                            : text.wrapped(text.fonts().regular(), row.remark(), small(size), room);
        }

        private float remarkWidth(String words) throws IOException {
            return PdfFonts.width(
                    text.fonts().regular(), small(size), text.fonts().printable("  " + words));
        }

        float height() {
            float right = value.size() * size * 1.3f + (beside ? 0 : remark.size() * small(size) * 1.2f);
            return Math.max(right, size * 1.3f + (label.size() - 1) * small(size) * 1.2f);
        }

        void draw(float x, float top) throws IOException {
            float after = x + column * (1 - VALUE);
            float y = top - size * 1.1f;
            for (int i = 0; i < label.size(); i++) {
                text.write(text.fonts().regular(), small(size), x, y - i * small(size) * 1.2f, label.get(i));
            }
            for (String line : value) {
                text.write(text.fonts().bold(), size, after, y, line);
                y -= size * 1.3f;
            }
            if (beside && !remark.isEmpty()) {
                float wide = PdfFonts.width(text.fonts().bold(), size, value.get(0) + "  ");
                text.write(text.fonts().regular(), small(size), after + wide, y + size * 1.3f, remark.get(0));
            } else {
                y += size * 1.3f - small(size) * 1.2f;
                for (String line : remark) {
                    text.write(text.fonts().regular(), small(size), after, y, line);
                    y -= small(size) * 1.2f;
                }
            }
        }
    }

    /** The text size of remarks beside a value or under a card. */
    private static float small(float size) {
        return Math.max(TextLines.SMALLEST, size * 0.82f);
    }

    private float height(List<Row> group, float size) throws IOException {
        float height = size;
        for (Row row : group) {
            height += switch (row.kind()) {
                case HEAD -> size * 1.5f;
                case FIGURE -> figure(row, size).height();
                case NOTE ->
                    text.wrapped(text.fonts().regular(), row.label(), small(size), column)
                                    .size()
                            * small(size)
                            * 1.2f;
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
                    text.paragraph(text.fonts().bold(), size, x, y, row.label(), column);
                    text.page().setLineWidth(0.6f);
                    text.page().moveTo(x, y - size * 0.25f);
                    text.page().lineTo(x + column, y - size * 0.25f);
                    text.page().stroke();
                    y -= size * 0.4f;
                }
                case FIGURE -> {
                    figure(row, size).draw(x, y);
                    y -= figure(row, size).height();
                }
                case NOTE -> {
                    for (String words : text.wrapped(text.fonts().regular(), row.label(), small(size), column)) {
                        y -= small(size) * 1.2f;
                        text.write(text.fonts().regular(), small(size), x, y, words);
                    }
                }
            }
        }
        return y;
    }
}
