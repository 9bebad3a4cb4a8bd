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

    /** Tells whether it can take relief out of the neck. */
    public boolean canTighten() {
        return this == WORKS || this == TIGHT || this == TWO_WAY;
    }

    /** Tells whether it can let relief into the neck: by giving way to the strings, or by pushing. */
    public boolean canLoosen() {
        return this != NONE && this != DEAD;
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
