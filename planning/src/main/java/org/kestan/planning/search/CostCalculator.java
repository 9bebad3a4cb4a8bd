package org.kestan.planning.search;

import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;

/** What an order costs: every step is given its time anew. */
public final class CostCalculator implements EasyScoreCalculator<Search, SimpleLongScore> {

    @Override
    public SimpleLongScore calculateScore(Search search) {
        return SimpleLongScore.of(-search.plans().cost(search.order()));
    }
}
