package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Sides;

/**
 * The rows of a part of a plan, before any texts.
 *
 * @param title what it is about
 * @param rows its numbers
 * @param notes the notes under them
 * @param worth the figure whose dominant reading is worth taking again; empty for none
 */
public record PartCard(Keyed title, List<Row> rows, List<Finding> notes, Optional<PlanFigure> worth) {

    /**
     * One number of a part.
     *
     * @param label what it is
     * @param value one quantity, or several of a kind such as both sides
     * @param remark shown beside it; empty for none
     * @param figure the figure that gives its uncertainty; empty if there is none
     */
    public record Row(Finding label, List<Quantity> value, List<Quantity> remark, Optional<PlanFigure> figure) {
        /** Takes unmodifiable copies. */
        public Row {
            value = List.copyOf(value);
            remark = List.copyOf(remark);
        }
    }

    /** Takes unmodifiable copies. */
    public PartCard {
        rows = List.copyOf(rows);
        notes = List.copyOf(notes);
    }

    /** The title of a card, under {@code card.} in the texts. */
    private record Title(String key) implements Keyed {
        @Override
        public String family() {
            return "card";
        }
    }

    /** Starts a card whose texts are under {@code card.KEY}. */
    static Writer of(String key) {
        return new Writer(key);
    }

    /** Returns the finding {@code card.CARD.KEY} with its quantities. */
    static Finding words(String card, String key, Quantity... quantities) {
        Class<?>[] takes = new Class<?>[quantities.length];
        for (int i = 0; i < quantities.length; i++) {
            takes[i] = quantities[i].getClass();
        }
        return Finding.kind("card." + card + "." + key, takes).of(quantities);
    }

    /** Both sides as lengths read from a rule, mm. */
    static List<Quantity> lengths(Sides<Double> sides) {
        return List.of(Quantity.length(sides.bass()), Quantity.length(sides.treble()));
    }

    /** Both sides as lengths set with feelers, mm. */
    static List<Quantity> fines(Sides<Double> sides) {
        return List.of(Quantity.fine(sides.bass()), Quantity.fine(sides.treble()));
    }

    /** Collects the rows of one card. */
    static final class Writer {

        private final String key;
        private final List<Row> rows = new ArrayList<>();
        private final List<Finding> notes = new ArrayList<>();
        private Optional<PlanFigure> worth = Optional.empty();

        private Writer(String key) {
            this.key = key;
        }

        /** Returns a text of this card by its key. */
        Finding words(String row, Quantity... quantities) {
            return PartCard.words(key, row, quantities);
        }

        /** Returns a text of this card by its key, as a quantity. */
        Quantity said(String row, Quantity... quantities) {
            return new Quantity.Said(words(row, quantities));
        }

        Writer row(String label, Quantity value, Quantity... remark) {
            return row(words(label), List.of(value), List.of(remark), Optional.empty());
        }

        /** A row with several quantities of a kind, such as both sides. */
        Writer row(String label, List<Quantity> value, Quantity... remark) {
            return row(words(label), value, List.of(remark), Optional.empty());
        }

        Writer row(Finding label, List<Quantity> value, List<Quantity> remark, Optional<PlanFigure> figure) {
            rows.add(new Row(label, value, remark, figure));
            return this;
        }

        Writer known(Finding label, Quantity value, PlanFigure figure, Quantity... remark) {
            return row(label, List.of(value), List.of(remark), Optional.of(figure));
        }

        Writer note(Finding note) {
            notes.add(note);
            return this;
        }

        Writer note(String row, Quantity... quantities) {
            return note(words(row, quantities));
        }

        Writer notes(List<Finding> more) {
            notes.addAll(more);
            return this;
        }

        Writer worth(PlanFigure figure) {
            worth = Optional.of(figure);
            return this;
        }

        PartCard card() {
            return new PartCard(new Title(key), rows, notes, worth);
        }

        /** Returns the card; empty if it has no row. */
        Optional<PartCard> cardIfAny() {
            return rows.isEmpty() ? Optional.empty() : Optional.of(card());
        }
    }
}
