package org.kestan.planning;

import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchType;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.kestan.planning.search.CostCalculator;
import org.kestan.planning.search.Search;
import org.kestan.planning.search.TurnList;
import org.kestan.week.Planner;
import org.kestan.week.WeekOrder;
import org.kestan.week.WeekPlans;

/** Local search from the present order: turns are swapped, and cheaper orders are kept. */
public final class LocalSearchPlanner implements Planner {

    private static final long LOOK = 20;

    /** Searches with a single thread, so that the same seed finds the same plan. */
    public LocalSearchPlanner() {}

    @Override
    public WeekOrder improve(WeekPlans plans, WeekOrder from, Effort effort, Consumer<WeekOrder> better) {
        if (from.jobs().size() < 2 || effort.time().isZero() || effort.stopped().getAsBoolean()) {
            return from;
        }
        TerminationConfig termination = new TerminationConfig().withSpentLimit(effort.time());
        LocalSearchPhaseConfig phase =
                new LocalSearchPhaseConfig().withLocalSearchType(LocalSearchType.LATE_ACCEPTANCE);
        effort.steps()
                .ifPresent(steps -> phase.setTerminationConfig(new TerminationConfig().withStepCountLimit(steps)));
        SolverConfig config = new SolverConfig()
                .withSolutionClass(Search.class)
                .withEntityClasses(TurnList.class)
                .withEasyScoreCalculatorClass(CostCalculator.class)
                .withEnvironmentMode(EnvironmentMode.REPRODUCIBLE)
                .withRandomSeed(effort.seed())
                .withPhases(phase)
                .withTerminationConfig(termination);
        Solver<Search> solver = SolverFactory.<Search>create(config).buildSolver();
        AtomicReference<Long> least = new AtomicReference<>(plans.cost(from));
        solver.addEventListener(event -> {
            long cost = -((SimpleLongScore) event.getNewBestScore()).score();
            if (cost < least.get()) {
                least.set(cost);
                better.accept(event.getNewBestSolution().order());
            }
        });
        Thread watch = new Thread(() -> watch(solver, effort), "planning-watch");
        watch.setDaemon(true);
        watch.start();
        try {
            WeekOrder found = solver.solve(new Search(plans, from)).order();
            return plans.cost(found) < plans.cost(from) ? found : from;
        } finally {
            watch.interrupt();
        }
    }

    /**
     * Stops the solver as soon as somebody wants it to stop. It is told repeatedly until it has ended, because it
     * ignores what it is told before it starts.
     */
    private static void watch(Solver<Search> solver, Effort effort) {
        try {
            while (true) {
                if (effort.stopped().getAsBoolean()) {
                    solver.terminateEarly();
                }
                Thread.sleep(LOOK);
            }
        } catch (InterruptedException done) {
            Thread.currentThread().interrupt();
        }
    }
}
