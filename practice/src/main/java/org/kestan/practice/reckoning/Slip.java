package org.kestan.practice.reckoning;

import org.kestan.base.finding.Keyed;

/** What explains a reading that is off. */
public enum Slip implements Keyed {
    /** Read over the next fret. */
    OTHER_FRET("other-fret"),
    /** Read on the other side. */
    OTHER_SIDE("other-side"),
    /** Read strung where slack was asked for, or the other way. */
    OTHER_STRINGS("other-strings"),
    /** Half of it. */
    HALF("half"),
    /** Twice it. */
    DOUBLE("double"),
    /** The rule's end is not its zero. */
    RULE_END("rule-end"),
    /** Inches taken for millimeters, or the other way. */
    UNIT("unit"),
    /** The straightedge along the middle of a board with a radius. */
    MIDDLE("middle");

    private final String key;

    Slip(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
