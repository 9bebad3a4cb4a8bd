package org.kestan.planning.search;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;
import org.kestan.week.WeekOrder;

/** The order being searched for, in the solver's form: one list of all turns. */
@PlanningEntity
public final class TurnList {

    @PlanningId
    private final String id = "order";

    @PlanningListVariable
    private List<Turn> turns = new ArrayList<>();

    /** For the solver, which makes copies. */
    TurnList() {}

    TurnList(List<Turn> turns) {
        this.turns = new ArrayList<>(turns);
    }

    List<Turn> turns() {
        return turns;
    }

    WeekOrder order() {
        return new WeekOrder(turns.stream().map(Turn::job).toList());
    }
}
