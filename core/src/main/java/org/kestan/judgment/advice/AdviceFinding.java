package org.kestan.judgment.advice;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Money;
import org.kestan.base.finding.Quantity.Percent;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Several;
import org.kestan.base.finding.Quantity.Term;

/** The reasons for a recommendation, and what would change it. */
public enum AdviceFinding implements Finding.Kind {
    BEFORE_ANYTHING,
    TUNE_FIRST,
    NOT_ENOUGH_YET,
    ALREADY_THERE,
    THAT_ALONE,
    LEAST_INVASIVE,
    LOOSE_COMES_OFF,
    NOTHING_NEARER,
    TOO_UNSURE(Percent.class, Percent.class),
    NOT_SURE_IT_IS_NEEDED(Percent.class, Percent.class),
    NEAREST(Said.class),
    WOULD_TAKE(Several.class, Said.class),

    REFUSED(Said.class),
    MORE_THAN_WORTH(Money.class),
    FALLS_SHORT(Said.class),
    DOES_NOT_REACH,
    MISSES_ANOTHER_AIM,
    LEAVES_AT_STOP(Term.class),
    STAYS_AT_STOP(Term.class),
    STAYS_AT_STOP_MENDED_BY(Term.class, Several.class),
    MORE_INVASIVE,
    COSTS_MORE(Money.class),
    SPENDS_MORE,

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
