package org.kestan.practice.reckoning;

import org.kestan.base.finding.Keyed;

/** An explanation for a reading that is off. */
public enum Slip implements Keyed {
    /** Read over the next fret. */
    OTHER_FRET,
    /** Read on the other side. */
    OTHER_SIDE,
    /** Read strung instead of slack, or the other way around. */
    OTHER_STRINGS,
    /** Read with the strings below pitch, as it came in. */
    BELOW_PITCH,
    /** Half of it. */
    HALF,
    /** Twice it. */
    DOUBLE,
    /** The rule does not start at its end. */
    RULE_END,
    /** Inches instead of millimeters, or the other way around. */
    UNIT,
    /** The straightedge along the middle of a board with a radius. */
    MIDDLE;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
