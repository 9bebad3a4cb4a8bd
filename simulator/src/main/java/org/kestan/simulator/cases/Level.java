package org.kestan.simulator.cases;

import org.kestan.base.finding.Keyed;

/** The level of difficulty of a case. */
public enum Level implements Keyed {
    /** One fault. */
    EASY("easy", 1),
    /** Two faults. */
    MEDIUM("medium", 2),
    /** Three faults, of which one may mask another. */
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

    /** How many faults there are. */
    public int faults() {
        return faults;
    }
}
