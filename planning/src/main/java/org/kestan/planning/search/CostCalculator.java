package org.kestan.planning.search;

import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;

/** The cost of an order: every step is scheduled again. */
public final class CostCalculator implements EasyScoreCalculator<Search, SimpleLongScore> {

    @Override
    public SimpleLongScore calculateScore(Search search) {
        return SimpleLongScore.of(-search.plans().cost(search.order()));
    }
}
