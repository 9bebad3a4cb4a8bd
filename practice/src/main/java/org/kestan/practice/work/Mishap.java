package org.kestan.practice.work;

import org.kestan.base.finding.Keyed;

/** What went wrong along the way. */
public enum Mishap implements Keyed {
    /** Too little heat: the neck did not come off. */
    NOT_FREE,
    /** The finish was not scored along the joint, and chipped when the neck came off. */
    FINISH_CHIPPED,
    /** The neck was set back without a wedge under the board's end: the last frets drop away. */
    BOARD_DROPS,
    /** Wood was taken off the cheeks and the tail was not shimmed: the joint is loose. */
    TAIL_LOOSE,
    /** Too much heat: the finish blistered. */
    HEAT_HARM,
    /** A cheek rocked on the paper: uneven pulls turned the neck to one side. */
    CHEEK_ROCKED,
    /** Strung up before the glue had cured: the neck came forward. */
    GLUE_GAVE,
    /** The rod is at its end. */
    ROD_AT_END,
    /** The saddle was taken so low that it no longer carries the strings. */
    SADDLE_GONE,
    /** The bridge was planed so thin that it may crack. */
    BRIDGE_THIN,
    /** A nut slot was filed too deep: the open string buzzes. */
    SLOT_DEEP;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
