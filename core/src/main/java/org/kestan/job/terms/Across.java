package org.kestan.job.terms;

import org.kestan.ground.finding.Keyed;

/** Where across the board a straightedge lay. */
public enum Across implements Keyed {
    MIDDLE("middle"),
    EDGE("edge");

    private final String key;

    Across(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
