package org.kestan.job;

import org.kestan.sheet.Keyed;

/** What a projection was read against. */
public enum ProjectionOver implements Keyed {
    SOUNDBOARD("soundboard", "the soundboard"),
    BRIDGE("bridge", "the bridge’s top");

    private final String key;
    private final String label;

    ProjectionOver(String key, String label) {
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
