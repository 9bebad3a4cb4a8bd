package org.kestan.repair.plan;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;

/** Remarks of a plan beside its numbers. */
public enum PlanFinding implements Finding.Kind {
    CORNER_GAINS_WOOD,
    SHIM_THE_TAIL,
    EASE_THE_HOLES,
    SAND_BOTH_FLAT,
    UNDER_THE_BRIDGE,
    THIN_UNDER_SLOT,
    MORE_OUT_THAN_IN,
    /** No stack of the available leaves comes close enough for marking. */
    NO_STACK,
    TO_THE_MARK,
    OFF_THE_MARK(Quantity.Plain.class);

    private final List<Class<?>> takes;

    PlanFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
