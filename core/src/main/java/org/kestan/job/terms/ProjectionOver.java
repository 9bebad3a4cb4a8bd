package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** The surface a projection was read from. */
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
