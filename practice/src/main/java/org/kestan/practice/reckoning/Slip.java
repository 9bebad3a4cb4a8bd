package org.kestan.practice.reckoning;

import org.kestan.base.finding.Keyed;

/** What explains a reading that is off. */
public enum Slip implements Keyed {
    /** Read over the next fret. */
    OTHER_FRET,
    /** Read on the other side. */
    OTHER_SIDE,
    /** Read strung where slack was asked for, or the other way. */
    OTHER_STRINGS,
    /** Read with the strings below pitch, as it came in. */
    BELOW_PITCH,
    /** Half of it. */
    HALF,
    /** Twice it. */
    DOUBLE,
    /** The rule's end is not its zero. */
    RULE_END,
    /** Inches taken for millimeters, or the other way. */
    UNIT,
    /** The straightedge along the middle of a board with a radius. */
    MIDDLE;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
