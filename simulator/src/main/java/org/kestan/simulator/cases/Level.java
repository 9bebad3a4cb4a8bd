package org.kestan.simulator.cases;

import org.kestan.base.finding.Keyed;

/** How hard a case is. */
public enum Level implements Keyed {
    /** One thing is wrong. */
    EASY("easy", 1),
    /** Two things are. */
    MEDIUM("medium", 2),
    /** Three, of which one may mask another. */
    HARD("hard", 3);

    private final String key;
    private final int faults;

    Level(String key, int faults) {
        this.key = key;
        this.faults = faults;
    }

    @Override
    public String key() {
        return key;
    }

    /** How many things are wrong. */
    public int faults() {
        return faults;
    }
}
