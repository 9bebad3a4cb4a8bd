package org.kestan.analysis.figures;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/** The state of a deciding figure. */
public enum State implements Keyed {
    GOOD,
    MARGINAL,
    STOP,
    UNKNOWN;

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Returns the more serious of two states; an unknown one yields to a known one. */
    public State graver(State other) {
        if (this == UNKNOWN || other == UNKNOWN) {
            return this == UNKNOWN ? other : this;
        }
        return compareTo(other) >= 0 ? this : other;
    }
}
