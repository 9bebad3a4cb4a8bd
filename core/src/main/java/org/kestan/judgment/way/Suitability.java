package org.kestan.judgment.way;

import org.kestan.base.finding.Keyed;

/** Whether a way suits an instrument. */
public enum Suitability implements Keyed {
    /** It can be done and leads somewhere. */
    POSSIBLE,
    /** There is nothing it would do here. */
    NO_NEED,
    /** It would be wrong here. */
    NOT_FOR_THIS_ONE,
    /** A reading is missing. */
    UNKNOWN;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
