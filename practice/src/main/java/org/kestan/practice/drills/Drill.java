package org.kestan.practice.drills;

import org.kestan.base.finding.Keyed;

/** The kinds of drills. */
public enum Drill implements Keyed {
    /** Read a height on a rule. */
    READ_RULE(20),
    /** Name the gate that stops first, or say that none does. */
    FIRST_GATE(8),
    /** Estimate the pulls of sandpaper left. */
    PULLS_LEFT(8),
    /** Say where the straightedge has to land without strings. */
    LAND_STRAIGHTEDGE(8);

    private final int questions;

    Drill(int questions) {
        this.questions = questions;
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    /** How many questions make a drill of about three minutes. */
    public int questions() {
        return questions;
    }
}
