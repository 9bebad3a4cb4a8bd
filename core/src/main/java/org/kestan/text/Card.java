package org.kestan.text;

import java.util.List;
import org.kestan.base.finding.Keyed;

/**
 * Numbers of a plan that belong together, in words and bench units: for the screen, for copying, for paper.
 *
 * @param id what they are about
 * @param rows the numbers
 * @param note a remark or a caution under them, empty for none
 */
public record Card(Keyed id, List<Row> rows, String note) {

    /** The subjects of the cards of the correction; the other cards are those of the plan's parts. */
    public enum Id implements Keyed {
        RELIEF,
        NECK,
        PROJECTION,
        SADDLE,
        FLOATING_BRIDGE,
        EXTENSION;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "card";
        }
    }

    /**
     * One number.
     *
     * @param label what it is
     * @param value the value with its unit; where the unit is not mm, millimeters beside it
     * @param remark a remark beside it, empty for none
     * @param source which reading its uncertainty comes from mostly, empty if none is given
     */
    public record Row(String label, String value, String remark, String source) {}

    /** Takes an unmodifiable copy. */
    public Card {
        rows = List.copyOf(rows);
    }

    /** Returns the title. */
    public String title() {
        return Wording.label(id);
    }
}
