package org.kestan.base.notation;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Plain;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Several;
import org.kestan.base.finding.Quantity.Verbatim;

/** What is wrong with something written, as a clause, and what would be accepted instead. */
public enum NotationFinding implements Finding.Kind {
    NOTHING_WRITTEN,
    TOO_LONG,
    DECIMAL_COMMA,
    NOT_A_LENGTH(Verbatim.class),
    UNIT_MISSING(Verbatim.class),
    NOT_A_UNIT(Verbatim.class),
    ZERO_BELOW_BAR,
    NOT_AN_ANGLE(Verbatim.class),
    NO_SUCH_NUMBER(Verbatim.class),
    NOT_SUCH_A_NUMBER(Verbatim.class),
    OUT_OF_RANGE(Verbatim.class),
    NEITHER(Verbatim.class),
    NOT_KNOWN(Verbatim.class),
    NOT_A_DAY(Verbatim.class),
    NOT_A_MOMENT(Verbatim.class),
    NOT_A_FRET(Verbatim.class),
    NOT_A_PERCENTAGE(Verbatim.class),
    TWO_FRETS_NEEDED,
    NOT_A_ROW(Verbatim.class),
    NO_LEAVES,
    NO_LEAF(Verbatim.class),
    NOT_ABOVE_ZERO,

    LONGER_THAN_ANYTHING(Verbatim.class),
    UP_TO_THREE_METERS,
    A_LENGTH,
    AN_ANGLE,
    A_NOTE,
    A_FRET_NUMBER,
    TWO_FRET_NUMBERS,
    A_DAY,
    A_MOMENT,
    A_PERCENTAGE,
    TRUE_OR_FALSE,
    WHOLE_FROM_TO(Plain.class, Plain.class),
    NUMBER_FROM_TO(Plain.class, Plain.class),
    LENGTH_UP_TO(Plain.class),
    ANGLE_UP_TO(Plain.class),
    ONE_OF(Several.class),
    ROW_OF(Several.class),
    SOME_LEAVES,
    EACH_LEAF(Said.class),
    THICKNESS_ABOVE_ZERO;

    private final List<Class<?>> takes;

    NotationFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
