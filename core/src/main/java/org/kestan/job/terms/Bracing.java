package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** How the top is braced. */
public enum Bracing implements Keyed {
    X("x"),
    LADDER("ladder"),
    FAN("fan"),
    OTHER("other");

    private final String key;

    Bracing(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
