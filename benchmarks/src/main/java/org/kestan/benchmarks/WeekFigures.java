package org.kestan.benchmarks;

import java.time.Duration;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import org.kestan.planning.LocalSearchPlanner;
import org.kestan.week.Chances;
import org.kestan.week.Planner;
import org.kestan.week.SimulatedShop;
import org.kestan.week.WeekOrder;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekPlans;
import org.kestan.week.WeekProblem;

/**
 * Compares the plans of simulated shops with taking jobs as they came in and with the earliest promise first, and
 * times them.
 */
public final class WeekFigures {

    private static final int JOBS = 60;
    private static final int SEEDS = 3;
    private static final ZonedDateTime FROM = ZonedDateTime.of(2026, 11, 30, 9, 0, 0, 0, ZoneId.of("America/New_York"));

    private WeekFigures() {}

    /** Prints them. Argument: seconds to search for each; 10 by default. */
    public static void main(String[] arguments) {
        Duration time = Duration.ofSeconds(arguments.length > 0 ? Long.parseLong(arguments[0]) : 10);
        System.out.println("Late days of all jobs: as they came in, by the earliest promise, planned, at least.");
        for (SimulatedShop shop : SimulatedShop.values()) {
            for (long seed = 1; seed <= SEEDS; seed++) {
                print(shop, seed, time);
            }
        }
    }

    private static void print(SimulatedShop shop, long seed, Duration time) {
        WeekProblem problem = shop.problem(seed, JOBS, FROM);
        long begun = System.nanoTime();
        WeekPlans plans = new WeekPlans(problem);
        WeekPlan earliest = plans.plan(problem.earliestPromise());
        double first = (System.nanoTime() - begun) / 1e6;
        WeekOrder found = new LocalSearchPlanner()
                .improve(plans, problem.earliestPromise(), Planner.Effort.of(time, seed), better -> {});
        WeekPlan plan = plans.plan(found);
        List<String> ids = plans.ids(found);
        begun = System.nanoTime();
        WeekProblem after = new WeekProblem(
                problem.calendar(), problem.jobs().subList(1, problem.jobs().size()), List.of(), Map.of());
        WeekPlans again = new WeekPlans(after);
        again.plan(after.like(ids));
        double replan = (System.nanoTime() - begun) / 1e6;
        System.out.printf(
                "%-5s seed %d, %d steps: %4d %4d %4d, %d; first plan %.0f ms, planned anew %.0f ms; 8 in 10 kept in %.1f %%%n",
                shop.name(),
                seed,
                problem.size(),
                plans.plan(problem.firstCome()).lateDays(),
                earliest.lateDays(),
                plan.lateDays(),
                plans.bound(),
                first,
                replan,
                100 * kept(plans, found));
    }

    /** How often jobs are ready by the promised time if working times are drawn again. */
    private static double kept(WeekPlans plans, WeekOrder order) {
        Chances said = plans.chances(order, 200, 1);
        Chances drawn = plans.chances(order, 200, 2);
        int jobs = plans.problem().jobs().size();
        double kept = 0;
        for (int job = 0; job < jobs; job++) {
            kept += drawn.by(job, said.ready(job, 0.8)) / jobs;
        }
        return kept;
    }
}
