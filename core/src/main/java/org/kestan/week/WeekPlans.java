package org.kestan.week;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.week.WorkPlace;

/** Turns orders into plans, and rates them. */
public final class WeekPlans {

    /** The standard normal deviate below which eight of ten fall. */
    private static final double EIGHT_IN_TEN = 0.8416;

    private final WeekProblem problem;
    private static final long DEAR = 1L << 40;

    private final int[] margins;
    private final int usual;

    /** Plans of a problem. */
    public WeekPlans(WeekProblem problem) {
        this.problem = problem;
        double spread = problem.calendar().shop().spread();
        // How much longer than planned a job's own work may take, in eight cases of ten.
        margins = problem.jobs().stream()
                .mapToInt(job -> (int) Math.round(EIGHT_IN_TEN
                        * Math.sqrt(job.steps().stream()
                                .mapToDouble(step -> Math.pow(step.hands() * spread, 2))
                                .sum())))
                .toArray();
        usual = SerialSchedule.of(problem, problem.earliestPromise()).lateDays();
    }

    /** The problem. */
    public WeekProblem problem() {
        return problem;
    }

    /**
     * The cost of an order by the shop's weights; less is better. An order whose promises are later in total than
     * those of the plan by earliest promise costs more than any that is not, whatever its other merits.
     */
    public long cost(WeekOrder order) {
        return cost(SerialSchedule.of(problem, order));
    }

    private long cost(SerialSchedule schedule) {
        return schedule.cost(margins) + DEAR * Math.max(0, schedule.lateDays() - usual);
    }

    /** The plan for an order. */
    public WeekPlan plan(WeekOrder order) {
        SerialSchedule schedule = SerialSchedule.of(problem, order);
        List<WeekPlan.Entry> entries = new ArrayList<>();
        List<List<WeekStep>> missed = new ArrayList<>();
        problem.jobs().forEach(job -> missed.add(new ArrayList<>()));
        for (SerialSchedule.Placed placed : schedule.placed()) {
            add(entries, placed);
            WeekStep step = problem.jobs().get(placed.job()).steps().get(placed.step());
            if (isMissed(step, placed.start())) {
                missed.get(placed.job()).add(step);
            }
        }
        entries.sort(Comparator.comparing(WeekPlan.Entry::start).thenComparing(WeekPlan.Entry::end));
        List<WeekPlan.JobPlan> jobs = new ArrayList<>();
        int late = 0;
        for (int job = 0; job < problem.jobs().size(); job++) {
            int days = schedule.lateDays(job);
            late += days;
            jobs.add(new WeekPlan.JobPlan(
                    problem.jobs().get(job), problem.calendar().at(schedule.ready()[job]), days, missed.get(job)));
        }
        return new WeekPlan(order, entries, jobs, late, cost(schedule));
    }

    private boolean isMissed(WeekStep step, int start) {
        return step.pinned()
                .filter(day -> !problem.calendar().at(start).toLocalDate().equals(day))
                .isPresent();
    }

    private void add(List<WeekPlan.Entry> entries, SerialSchedule.Placed placed) {
        WeekJob job = problem.jobs().get(placed.job());
        WeekStep step = job.steps().get(placed.step());
        ShopCalendar calendar = problem.calendar();
        int[] segments = placed.segments();
        for (int i = 0; i < segments.length; i += 2) {
            entries.add(new WeekPlan.Entry(
                    job,
                    step,
                    true,
                    calendar.at(segments[i]),
                    calendar.at(segments[i + 1]),
                    Optional.of(calendar.shop().people().get(placed.person()).name()),
                    Optional.of(WorkPlace.BENCH)));
        }
        if (placed.over() > placed.end()) {
            entries.add(new WeekPlan.Entry(
                    job,
                    step,
                    false,
                    calendar.at(placed.end()),
                    calendar.at(placed.over()),
                    Optional.empty(),
                    step.place()));
        }
    }

    /** A lower bound on late days: each job by itself, as if all people and places were there for it alone. */
    public int bound() {
        int late = 0;
        for (WeekJob job : problem.jobs()) {
            WeekProblem alone = new WeekProblem(problem.calendar(), List.of(job), List.of(), Map.of());
            late += SerialSchedule.of(alone, alone.earliestPromise()).lateDays(0);
        }
        return late;
    }

    /**
     * When jobs are ready if working times vary: log-normal, with the planned mean.
     *
     * @param draws how often hands are drawn anew
     * @param seed the same seed draws the same
     */
    public Chances chances(WeekOrder order, int draws, long seed) {
        return Chances.of(problem, order, draws, seed);
    }

    /**
     * When one more job would be ready if it takes only the people and places an order leaves free; all others stay as
     * planned.
     *
     * @param job the one more
     * @return empty if the shop can't do it at all
     */
    public Optional<Another> another(WeekOrder order, WeekJob job, long seed) {
        WeekProblem one = WeekProblem.of(problem.calendar(), List.of(job), Map.of());
        if (one.jobs().isEmpty()) {
            return Optional.empty();
        }
        int last = problem.jobs().size();
        WeekProblem more = new WeekProblem(
                problem.calendar(),
                Stream.concat(problem.jobs().stream(), Stream.of(job)).toList(),
                problem.blocked(),
                problem.before());
        WeekOrder behind = new WeekOrder(Stream.concat(
                        order.jobs().stream(), Collections.nCopies(job.steps().size(), last).stream())
                .toList());
        WeekPlans plans = new WeekPlans(more);
        Chances chances = plans.chances(behind, WeekReport.DRAWS, seed);
        ZonedDateTime begun = plans.plan(behind).entries().stream()
                .filter(entry -> entry.job() == job)
                .findFirst()
                .map(WeekPlan.Entry::start)
                .orElse(problem.calendar().from());
        return Optional.of(new Another(
                job, begun, chances.ready(last, WeekReport.HALF), chances.ready(last, WeekReport.EIGHT_IN_TEN)));
    }

    /** The days on which steps start in a plan, by {@link WeekProblem#key}. */
    public static Map<String, LocalDate> days(WeekPlan plan) {
        return plan.entries().stream()
                .filter(WeekPlan.Entry::hands)
                .collect(Collectors.toMap(
                        entry -> WeekProblem.key(entry.job(), entry.step()),
                        entry -> entry.start().toLocalDate(),
                        (first, later) -> first));
    }

    /** The ids of jobs in the order of a plan, as a start for the next one. */
    public List<String> ids(WeekOrder order) {
        return order.jobs().stream().map(job -> problem.jobs().get(job).id()).toList();
    }

    /**
     * What would help a late job, the cheapest first.
     *
     * @param job its index
     * @param ready80 the day by which it is ready in eight cases of ten
     */
    public List<Help> helps(WeekPlan plan, int job, LocalDate ready80) {
        return Help.of(this, plan, job, ready80);
    }
}
