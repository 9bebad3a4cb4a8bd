package org.kestan.analysis.figures;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Turn;

/** The reason for the state of a deciding figure, as a clause. */
public enum FigureFinding implements Finding.Kind {
    NEEDS_NUT_ACTION_BRIDGE,
    SAY_THE_ACTION,
    READ_AGAIN,
    OUT_OF_SPEC(Distance.class),
    TOO_LOW(Distance.class),
    OVER_TARGET(Distance.class),
    UNDER_TARGET(Distance.class),
    OVER_MEDIUM_HIGH(Distance.class),
    UNDER_MEDIUM_HIGH(Distance.class),
    NO_SADDLE,
    READ_SADDLE,
    UNDER(Distance.class),
    LOW_UNDER(Distance.class),
    NEEDS_ACTION_BRIDGE,
    ABOUT_ZERO,
    SET_BACK,
    LEANS_FORWARD,
    NECK_STAYS,
    READ_HEEL,
    READ_FRETS_OVER_TOP,
    NECK_CAN_STAY,
    NECK_GOES_BACK,
    NECK_COMES_FORWARD,
    READ_TAILPIECE,
    PIN_DISTANCE_ASSUMED,
    GOOD_FROM(Turn.class),
    READ_BRIDGE_HEIGHT,
    READ_BRIDGE_THICKNESS,
    TOP_TO_CROWN,
    BRIDGE_CUT(Distance.class),
    BRIDGE_THIN(Distance.class),
    READ_NUT,
    SLOT_LOW(Distance.class),
    SLOT_HIGH(Distance.class),
    READ_RELIEF,
    WANTED_BETWEEN(Distance.class, Distance.class);

    private final List<Class<?>> takes;

    FigureFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
