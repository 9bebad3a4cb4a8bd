package org.kestan.judgment.verdict;

import org.kestan.base.finding.Keyed;

/** The state of a gate. */
public enum GateState implements Keyed {
    PASS("pass"),
    WARN("warn"),
    STOP("stop"),
    UNKNOWN("unknown");

    private final String key;

    GateState(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
