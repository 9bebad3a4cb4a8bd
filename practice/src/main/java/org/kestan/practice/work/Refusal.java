package org.kestan.practice.work;

import org.kestan.base.finding.Keyed;

/** Why something can't be done at the moment; nothing was changed. */
public enum Refusal implements Keyed {
    /** The amount is outside the allowed range. */
    AMOUNT,
    /** The strings have to be slack. */
    STRINGS_UP,
    /** The neck is off. */
    NECK_OFF,
    /** That measurement needs the neck in its joint. */
    NOT_IN_JOINT,
    /** The neck is on. */
    NECK_ON,
    /** The neck is already bolted. */
    BOLTED,
    /** There is no truss rod. */
    NO_ROD,
    /** The instrument has no such part. */
    NO_SUCH_PART,
    /** The tool can't be put there. */
    TOOL,
    /** No such fret. */
    FRET,
    /** That measurement needs strings at pitch. */
    STRINGS_SLACK;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
