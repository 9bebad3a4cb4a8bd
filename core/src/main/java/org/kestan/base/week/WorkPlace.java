package org.kestan.base.week;

import org.kestan.base.finding.Keyed;

/** A place in the shop where work is done, or where something waits. */
public enum WorkPlace implements Keyed {
    /** Where people work. */
    BENCH,
    /** In clamps, in a jig or a go-bar deck. */
    CLAMPS,
    /** Under a heat lamp, over steam. */
    HEAT,
    /** Hung up to dry. */
    DRYING,
    /** On the rack. */
    RACK;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
