package org.kestan.week;

import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A plan with everything reported about it.
 *
 * @param plans of the problem it is a plan of
 * @param plan the plan
 * @param jobs the report on each job, in the order of the plan
 * @param firstCome late days if jobs were done as they came in
 * @param bound fewer late days are not possible
 */
public record WeekReport(WeekPlans plans, WeekPlan plan, List<Outlook> jobs, int firstCome, int bound) {

    /** How many times working times are drawn for the chances. */
    public static final int DRAWS = 200;

    static final double HALF = 0.5;
    static final double EIGHT_IN_TEN = 0.8;

    /** Takes an unmodifiable copy. */
    public WeekReport {
        jobs = List.copyOf(jobs);
    }

    /**
     * What is reported about a job.
     *
     * @param job the job with its plan
     * @param ready50 when it is ready in half of all cases
     * @param ready80 when it is ready in eight of ten
     * @param chance that its promise is kept, 0 to 1; empty if there is none
     * @param helps what would help if it is late, the cheapest first
     */
    public record Outlook(
            WeekPlan.JobPlan job,
            ZonedDateTime ready50,
            ZonedDateTime ready80,
            Optional<Double> chance,
            List<Help> helps) {

        /** Takes an unmodifiable copy. */
        public Outlook {
            helps = List.copyOf(helps);
        }
    }

    /** Reports everything about an order. */
    public static WeekReport of(WeekPlans plans, WeekOrder order, long seed) {
        WeekPlan plan = plans.plan(order);
        Chances chances = plans.chances(order, DRAWS, seed);
        List<Outlook> jobs = new ArrayList<>();
        for (int i = 0; i < plan.jobs().size(); i++) {
            WeekPlan.JobPlan job = plan.jobs().get(i);
            int index = i;
            ZonedDateTime ready80 = chances.ready(i, EIGHT_IN_TEN);
            jobs.add(new Outlook(
                    job,
                    chances.ready(i, HALF),
                    ready80,
                    job.job().promised().map(day -> chances.by(index, day)),
                    job.lateDays() > 0 ? plans.helps(plan, i, ready80.toLocalDate()) : List.of()));
        }
        int firstCome = plans.plan(plans.problem().firstCome()).lateDays();
        return new WeekReport(plans, plan, jobs, firstCome, plans.bound());
    }

    /** Parts to order or find, for all jobs, the most urgent first. */
    public List<PartOrder> parts() {
        return PartOrder.of(plan, plans.problem());
    }

    /** The report on a job by its id. */
    public Optional<Outlook> of(String id) {
        return jobs.stream().filter(each -> each.job().job().id().equals(id)).findFirst();
    }
}
