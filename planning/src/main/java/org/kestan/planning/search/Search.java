package org.kestan.planning.search;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import java.util.ArrayList;
import java.util.List;
import org.kestan.week.WeekOrder;
import org.kestan.week.WeekPlans;

/** What the solver works on: an order and its cost. */
@PlanningSolution
public final class Search {

    private WeekPlans plans;

    @ProblemFactCollectionProperty
    @ValueRangeProvider
    private List<Turn> turns = new ArrayList<>();

    @PlanningEntityCollectionProperty
    private List<TurnList> lists = new ArrayList<>();

    @PlanningScore
    private SimpleLongScore score;

    /** For the solver, which makes copies. */
    Search() {}

    /** A search from an order. */
    public Search(WeekPlans plans, WeekOrder from) {
        this.plans = plans;
        int[] had = new int[plans.problem().jobs().size()];
        from.jobs().forEach(job -> turns.add(new Turn(job, had[job]++)));
        lists.add(new TurnList(turns));
    }

    WeekPlans plans() {
        return plans;
    }

    /** The current order. */
    public WeekOrder order() {
        return lists.get(0).order();
    }
}
