package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** How the truss rod responds when it is turned. */
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

    /**
     * Returns whether it can set another relief; without a rod, or with one that is dead or at its end, the relief
     * stays.
     */
    public boolean canSet() {
        return this == WORKS || this == TIGHT || this == TWO_WAY;
    }

    @Override
    public String key() {
        return key;
    }
}
