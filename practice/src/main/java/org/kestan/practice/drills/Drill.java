package org.kestan.practice.drills;

import org.kestan.base.finding.Keyed;

/** A kind of drill. */
public enum Drill implements Keyed {
    /** Read a height on a rule. */
    READ_RULE("read-rule", 20),
    /** Say which gate stops first, or that none does. */
    FIRST_GATE("first-gate", 8),
    /** Say how many pulls of sandpaper are left. */
    PULLS_LEFT("pulls-left", 8),
    /** Say where the straightedge has to land with the strings off. */
    LAND_STRAIGHTEDGE("land-straightedge", 8);

    private final String key;
    private final int questions;

    Drill(String key, int questions) {
        this.key = key;
        this.questions = questions;
    }

    @Override
    public String key() {
        return key;
    }

    /** How many questions make one, so that it takes some three minutes. */
    public int questions() {
        return questions;
    }
}
