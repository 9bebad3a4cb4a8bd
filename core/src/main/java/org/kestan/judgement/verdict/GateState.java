package org.kestan.judgement.verdict;

import org.kestan.ground.finding.Keyed;

/** How a gate stands. */
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
