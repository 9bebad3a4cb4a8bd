package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** Where across the board a straightedge was. */
public enum StraightedgePosition implements Keyed {
    MIDDLE("middle"),
    EDGE("edge");

    private final String key;

    StraightedgePosition(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
