package org.kestan.text;

import java.util.List;
import java.util.Locale;
import org.kestan.base.finding.Keyed;

/**
 * Numbers of a plan that belong together, in words and bench units: for the screen, for copying, for paper.
 *
 * @param id what they are about
 * @param rows the numbers
 * @param note a remark or a caution under them, empty for none
 */
public record Card(Id id, List<Row> rows, String note) {

    /** What a card is about. */
    public enum Id implements Keyed {
        RELIEF,
        NECK,
        PROJECTION,
        SADDLE,
        FLOATING_BRIDGE,
        EXTENSION,
        AFTERWARDS,
        JOINT,
        SADDLE_TO_MAKE,
        BRIDGE_TO_PLANE,
        BRIDGE_TO_FIT,
        CLEARANCE,
        INTONATION,
        NUT_AND_FRETS,
        LEVELLING;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
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
     * @param source which reading its uncertainty comes from mostly, empty where none is given
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
