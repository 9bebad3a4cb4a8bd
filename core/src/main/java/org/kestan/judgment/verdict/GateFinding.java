package org.kestan.judgment.verdict;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Count;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Fret;
import org.kestan.base.finding.Quantity.Hours;
import org.kestan.base.finding.Quantity.Money;
import org.kestan.base.finding.Quantity.Percent;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Several;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.finding.Quantity.Turn;

/** The reason for a gate's state. */
public enum GateFinding implements Finding.Kind {
    SHEET_FIRST,

    BRIDGE_LIFTED(Distance.class),
    MEND_FIRST(Term.class),
    CONDITION_FIRST(Percent.class),
    NOT_INSPECTED,
    HUMIDITY_NOT_READ,
    SLIGHT_DEFECTS(Several.class),
    SOUND,

    NOT_TUNED_UP,
    READ_WHEN_MENDED,
    PITCH_NOT_NOTED,
    BELOW_PITCH(Count.class),
    AT_PITCH,
    GAUGES_NOT_NOTED,

    WANTED_BUZZES(Count.class, Fret.class, Fret.class, Distance.class, Term.class, Distance.class, Distance.class),
    WANTED_BUZZES_OPEN(Count.class, Fret.class, Distance.class, Term.class, Distance.class, Distance.class),
    STRAIGHT_BUT_CLEAN(Distance.class),
    SLOT_LOW(Count.class, Distance.class),
    SLOT_HIGH(Count.class, Distance.class),
    LEVELLING_ALLOWS(Distance.class, Distance.class),
    READ_RELIEF,
    RELIEF_RIGHT,
    SLACK_NO_ROD(Distance.class),
    SLACK_TRY_ROD(Distance.class),
    SLACK_TURN_ROD(Distance.class),
    STRAIGHT_NO_ROD(Distance.class),
    STRAIGHT_TRY_ROD(Distance.class),
    STRAIGHT_TURN_ROD(Distance.class),
    ACTION_THEN(Distance.class, Distance.class),

    READ_NUT,
    NUT_LOW(Distance.class),
    NUT_HIGH(Distance.class),
    NUT_RIGHT,

    READ_EXTENSION,
    EXTENSION_RISES(Distance.class),
    EXTENSION_FALLS(Distance.class),
    EXTENSION_RIGHT,

    READ_ACTION,
    ACTION_STANDS(Distance.class, Said.class),
    ACTION_OVER(Distance.class, Said.class, Distance.class),
    ACTION_NEAR(Distance.class, Said.class),
    ACTION_UNDER(Distance.class, Said.class, Distance.class),
    GRADE_TOO_LOW,
    GRADE_LOW,
    GRADE_MEDIUM,
    GRADE_MEDIUM_HIGH,
    GRADE_OUT_OF_SPEC,

    FLOATING_CARRIES,
    READ_SADDLE,
    SADDLE_NEED_NOT(Distance.class),
    SADDLE_CAN(Distance.class, Distance.class),
    SADDLE_JUST_CAN(Distance.class),
    SADDLE_CANNOT_RISE(Distance.class, Distance.class, Distance.class),
    SADDLE_TOO_TALL(Distance.class, Distance.class),
    SADDLE_LOW(Distance.class, Distance.class),
    SADDLE_CANNOT(Distance.class, Distance.class),

    READ_STRING_END,
    STRINGS_STAND(Distance.class, Turn.class),
    STRINGS_STAND_LOW(Distance.class, Turn.class),
    BEND(Turn.class),
    BEND_LITTLE(Turn.class),
    BEND_TOO_LITTLE(Turn.class),
    HIGHER_BRIDGE_WOULD,
    RAMPS_MAY_DO,

    READ_BRIDGE_THICKNESS,
    BRIDGE_CUT(Distance.class),
    BRIDGE_THIN(Distance.class),
    BRIDGE_HEAVY(Distance.class),
    BRIDGE_THICK(Distance.class),
    READ_BRIDGE_HEIGHT,
    BRIDGE_ONE_PIECE,
    READ_BRIDGE_RANGE,
    BRIDGE_AT_BOTTOM,
    BRIDGE_CAN_COME_DOWN(Distance.class),

    READ_OBSTACLE,
    CLEARS(Distance.class, Distance.class),
    CLEARS_TOO_LITTLE(Distance.class, Distance.class),
    STRINGS_TOUCH(Distance.class),

    NECK_SET_BACK,
    NECK_LEVEL,
    NECK_FORWARD,
    NECK_HAS_TO_GO_BACK,
    NECK_OVER_SET,
    PITCH_NOT_TOLD,
    SINKS_TOO_FAR(Distance.class),
    READ_SLACK_RELIEF(Distance.class),
    READINGS_DISAGREE(Distance.class),

    WORTH_COLLECTIBLE,
    WORTH_ANYWAY(Money.class),
    WORTH_NOT_KNOWN,
    WORTH_NOTHING_TO_PAY,
    SAY_VALUE,
    WORTH(Hours.class, Money.class, Money.class),
    WORTH_ASK(Hours.class, Money.class, Money.class),
    WORTH_NOT(Hours.class, Money.class, Money.class);

    private final List<Class<?>> takes;

    GateFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
