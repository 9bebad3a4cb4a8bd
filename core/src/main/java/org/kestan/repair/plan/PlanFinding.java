package org.kestan.repair.plan;

import java.util.List;
import org.kestan.base.finding.Finding;

/** What a plan warns of. */
public enum PlanFinding implements Finding.Kind {
    CORNER_GAINS_WOOD,
    SHIM_THE_TAIL,
    EASE_THE_HOLES,
    SAND_BOTH_FLAT,
    UNDER_THE_BRIDGE,
    THIN_UNDER_SLOT,
    MORE_OUT_THAN_IN;

    @Override
    public List<Class<?>> takes() {
        return List.of();
    }
}
