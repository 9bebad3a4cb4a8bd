package org.kestan.job.terms;

import org.kestan.ground.finding.Keyed;

/** What the truss rod does when it is turned. */
public enum TrussRod implements Keyed {
    WORKS("works"),
    TIGHT("tight"),
    AT_END("at-end"),
    DEAD("dead"),
    NONE("none"),
    TWO_WAY("two-way");

    private final String key;

    TrussRod(String key) {
        this.key = key;
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
}
