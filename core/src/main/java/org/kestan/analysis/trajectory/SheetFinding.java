package org.kestan.analysis.trajectory;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Fret;

/** Why a sheet can't be worked out, and what would be accepted instead. */
public enum SheetFinding implements Finding.Kind {
    NO_FRET_FOR_ACTION(Fret.class),
    NO_FRET_FOR_JOINT(Fret.class),
    FRET_PAST_SADDLE(Fret.class),
    NOT_HELD_THERE(Fret.class, Fret.class),
    NOT_BETWEEN_HELD(Fret.class),
    PAST_JOINT(Fret.class),
    NOT_ABOVE_ZERO,
    FRONT_PAST_JOINT,
    OUT_OF_REACH,

    FRET_FROM_TO(Fret.class, Fret.class),
    TWO_FRETS_UP_TO(Fret.class),
    FRET_BETWEEN(Fret.class, Fret.class),
    LESS_THAN(Distance.class),
    GAUGE_AND_NOTE,
    ACTION_IN_REACH;

    private final List<Class<?>> takes;

    SheetFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
