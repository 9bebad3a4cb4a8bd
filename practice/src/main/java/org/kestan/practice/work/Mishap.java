package org.kestan.practice.work;

import org.kestan.base.finding.Keyed;

/** What went wrong along the way. */
public enum Mishap implements Keyed {
    /** The heat was too short: the neck did not come off. */
    NOT_FREE,
    /** The finish was not scored along the joint: it chipped as the neck came off. */
    FINISH_CHIPPED,
    /** The neck was set back and no wedge put under the board's end: the last frets drop away. */
    BOARD_DROPS,
    /** Wood was taken off the cheeks and the tail not shimmed: the joint is loose. */
    TAIL_LOOSE,
    /** The heat was too long: the finish blistered. */
    HEAT_HARM,
    /** A cheek rocked on the paper: uneven pulls turned the neck aside. */
    CHEEK_ROCKED,
    /** Strung up before the glue had cured: the neck came forward. */
    GLUE_GAVE,
    /** The rod is at its end. */
    ROD_AT_END,
    /** The saddle was taken down to where it no longer carries the strings. */
    SADDLE_GONE,
    /** The bridge was planed so thin that it may crack. */
    BRIDGE_THIN,
    /** A slot of the nut was filed too deep: the open string buzzes. */
    SLOT_DEEP;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
