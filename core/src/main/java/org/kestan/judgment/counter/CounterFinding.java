package org.kestan.judgment.counter;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Count;
import org.kestan.base.finding.Quantity.Fret;
import org.kestan.base.finding.Quantity.Verbatim;

/** The findings of the counter check: how certain it is, what it assumed, what would settle it. */
public enum CounterFinding implements Finding.Kind {
    NOTHING_TO_GO_BY,
    SETTLED(Count.class, Count.class),
    ALMOST_SURE(Count.class, Count.class),
    LIKELY(Count.class, Count.class),
    OPEN(Count.class, Count.class),
    SCALE(Verbatim.class),
    JOINT_AT(Fret.class),
    THE_RELIEF,
    THE_NUT,
    THE_ROD,
    THE_WORTH;

    private final List<Class<?>> takes;

    CounterFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
