package org.kestan.practice.drills;

import org.kestan.base.finding.Keyed;

/** The kinds of drills. */
public enum Drill implements Keyed {
    /** Read a height on a rule. */
    READ_RULE(20),
    /** Say which gate stops first, or that none does. */
    FIRST_GATE(8),
    /** Say how many pulls of sandpaper are left. */
    PULLS_LEFT(8),
    /** Say where the straightedge has to land with the strings off. */
    LAND_STRAIGHTEDGE(8);

    private final int questions;

    Drill(int questions) {
        this.questions = questions;
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    /** How many questions make one, so that it takes some three minutes. */
    public int questions() {
        return questions;
    }
}
