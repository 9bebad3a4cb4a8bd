package org.kestan.job;

import org.kestan.sheet.Keyed;

/** What the truss rod does when it is turned. */
public enum TrussRod implements Keyed {
    WORKS("works", "Works"),
    TIGHT("tight", "Tight"),
    AT_END("at-end", "At its end"),
    DEAD("dead", "Dead"),
    NONE("none", "None"),
    TWO_WAY("two-way", "Two-way");

    private final String key;
    private final String label;

    TrussRod(String key, String label) {
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
