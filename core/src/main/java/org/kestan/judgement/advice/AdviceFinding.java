package org.kestan.judgement.advice;

import java.util.List;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity.Said;

/** Why the shop would do what it would, and what would change its mind. */
public enum AdviceFinding implements Finding.Kind {
    BEFORE_ANYTHING,
    TUNE_FIRST,
    NOT_ENOUGH_YET,
    RAMP_TOO,
    ALREADY_THERE,
    THAT_ALONE,
    LEAST_INVASIVE,
    NECK_GOES_BACK,
    NECK_GOES_BACK_SAY_VALUE,
    BRIDGE_GIVES,
    SPENDS_BRIDGE,
    CANT_BE_UNDONE,
    NO_WAY_REACHES,
    NOTHING_NEARER,
    NEAREST(Said.class),
    NEAREST_NOT_WORTH(Said.class),

    IF_HANDMADE,
    IF_COLLECTIBLE,
    IF_WORTH_LESS,
    IF_WORTH_MORE,
    IF_FLAT_POCKET,
    IF_ROD_WORKED,
    IF_ROD_DEAD;

    private final List<Class<?>> takes;

    AdviceFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
