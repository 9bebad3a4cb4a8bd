package org.kestan.verdict;

import org.kestan.sheet.Keyed;

/** How a gate stands. */
public enum GateState implements Keyed {
    PASS("pass", "passes"),
    WARN("warn", "warns"),
    STOP("stop", "stops"),
    UNKNOWN("unknown", "not known");

    private final String key;
    private final String label;

    GateState(String key, String label) {
        this.key = key;
        this.label = label;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }
}
