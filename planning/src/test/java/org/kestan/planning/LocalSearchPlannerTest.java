package org.kestan.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.kestan.week.Planner;
import org.kestan.week.SimulatedShop;
import org.kestan.week.WeekOrder;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekPlans;
import org.kestan.week.WeekProblem;
import org.testng.SkipException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LocalSearchPlannerTest {

    private static final ZonedDateTime FROM = ZonedDateTime.of(2026, 11, 30, 9, 0, 0, 0, ZoneId.of("America/New_York"));

    /** How many small weeks are compared with the proven optimum; the benchmark takes all of them. */
    private static final int SMALL = Integer.getInteger("kestan.weeks", 8);

    @DataProvider
    public Object[][] shops() {
        return Arrays.stream(SimulatedShop.values())
                .map(each -> new Object[] {each})
                .toArray(Object[][]::new);
    }

    /** Against jobs as they came in, and against the earliest promise first, in the same run. */
    @Test(dataProvider = "shops")
    public void promisesAreKeptBetter(SimulatedShop shop) {
        WeekProblem problem = shop.problem(1, 30, FROM);
        WeekPlans plans = new WeekPlans(problem);
        WeekPlan firstCome = plans.plan(problem.firstCome());
        WeekPlan earliest = plans.plan(problem.earliestPromise());
        List<Long> costs = new ArrayList<>();
        WeekOrder found = new LocalSearchPlanner()
                .improve(
                        plans,
                        problem.earliestPromise(),
                        Planner.Effort.of(Duration.ofSeconds(2), 1),
                        better -> costs.add(plans.cost(better)));
        WeekPlan plan = plans.plan(found);
        assertThat(firstCome.lateDays()).isPositive();
        assertThat(plan.lateDays())
                .isLessThanOrEqualTo((int) (0.75 * firstCome.lateDays()))
                .isLessThanOrEqualTo(earliest.lateDays())
                .isGreaterThanOrEqualTo(plans.bound());
        assertThat(plan.cost()).isLessThan(earliest.cost());
        // The plans reported along the way became better each time.
        assertThat(costs).isNotEmpty().isSortedAccordingTo(Comparator.reverseOrder());
    }

    @Test
    public void theSameSeedFindsTheSame() {
        WeekProblem problem = SimulatedShop.ALONE.problem(2, 8, FROM);
        WeekPlans plans = new WeekPlans(problem);
        Planner.Effort effort = new Planner.Effort(Duration.ofMinutes(1), OptionalInt.of(150), 5, () -> false);
        WeekOrder one = new LocalSearchPlanner().improve(plans, problem.earliestPromise(), effort, better -> {});
        WeekOrder other = new LocalSearchPlanner().improve(plans, problem.earliestPromise(), effort, better -> {});
        assertThat(one).isEqualTo(other);
        assertThat(plans.cost(one)).isLessThanOrEqualTo(plans.cost(problem.earliestPromise()));
    }

    /** It stops soon after it is told to, with the plan it has: long before its ten minutes, even on a busy machine. */
    @Test(timeOut = 120_000)
    public void itStopsWhenItIsTold() {
        WeekProblem problem = SimulatedShop.TWO.problem(1, 40, FROM);
        WeekPlans plans = new WeekPlans(problem);
        AtomicBoolean stopped = new AtomicBoolean();
        Planner.Effort effort = new Planner.Effort(Duration.ofMinutes(10), OptionalInt.empty(), 1, stopped::get);
        new Thread(() -> {
                    try {
                        Thread.sleep(500);
                    } catch (InterruptedException impossible) {
                        throw new IllegalStateException(impossible);
                    }
                    stopped.set(true);
                })
                .start();
        long begun = System.nanoTime();
        new LocalSearchPlanner().improve(plans, problem.earliestPromise(), effort, better -> {});
        assertThat(Duration.ofNanos(System.nanoTime() - begun)).isLessThan(Duration.ofMinutes(1));
    }

    /** Told to stop before the solver has begun, it still stops. */
    @Test(timeOut = 120_000)
    public void itStopsWhenItIsToldAtOnce() {
        WeekProblem problem = SimulatedShop.TWO.problem(1, 40, FROM);
        WeekPlans plans = new WeekPlans(problem);
        AtomicInteger asked = new AtomicInteger();
        // The first question comes from the caller; from the second on the answer is to stop.
        Planner.Effort effort =
                new Planner.Effort(Duration.ofMinutes(10), OptionalInt.empty(), 1, () -> asked.getAndIncrement() > 0);
        long begun = System.nanoTime();
        new LocalSearchPlanner().improve(plans, problem.earliestPromise(), effort, better -> {});
        assertThat(Duration.ofNanos(System.nanoTime() - begun)).isLessThan(Duration.ofMinutes(1));
    }

    @Test
    public void whatNeedsNoSearchIsLeftAlone() {
        WeekProblem empty = SimulatedShop.ALONE.problem(1, 0, FROM);
        WeekPlans plans = new WeekPlans(empty);
        WeekOrder nothing = new WeekOrder(List.of());
        assertThat(new LocalSearchPlanner()
                        .improve(plans, nothing, Planner.Effort.of(Duration.ofSeconds(5), 1), better -> {}))
                .isEqualTo(nothing);
    }

    /**
     * On small weeks, against the optimum proven by an exact solver: within 3 percent on average, and never below it.
     */
    @Test
    public void smallWeeksComeNearTheOptimum() {
        if (!ExactWeek.isHere()) {
            throw new SkipException("no exact solver on this platform");
        }
        double over = 0;
        int proven = 0;
        for (int seed = 0; seed < SMALL; seed++) {
            WeekProblem problem = ExactWeek.problem(seed);
            WeekPlans plans = new WeekPlans(problem);
            Optional<Long> least = ExactWeek.least(problem, 20);
            if (least.isPresent()) {
                WeekOrder found = new LocalSearchPlanner()
                        .improve(
                                plans,
                                problem.earliestPromise(),
                                new Planner.Effort(Duration.ofSeconds(20), OptionalInt.of(4000), 1, () -> false),
                                better -> {});
                long cost = plans.cost(found);
                assertThat(cost).as("seed " + seed).isGreaterThanOrEqualTo(least.get());
                over += cost / (double) least.get() - 1;
                proven++;
            }
        }
        assertThat(proven).isGreaterThanOrEqualTo(SMALL * 3 / 4);
        assertThat(over / proven).isLessThanOrEqualTo(0.03);
    }
}
