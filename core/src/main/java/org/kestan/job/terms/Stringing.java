package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** Whether the strings are on. */
public enum Stringing implements Keyed {
    ON("on"),
    OFF("off");

    private final String key;

    Stringing(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
