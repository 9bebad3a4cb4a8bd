package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** What a projection was read against. */
public enum ProjectionOver implements Keyed {
    SOUNDBOARD("soundboard"),
    BRIDGE("bridge");

    private final String key;

    ProjectionOver(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
