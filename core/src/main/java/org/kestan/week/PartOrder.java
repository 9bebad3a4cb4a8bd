package org.kestan.week;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A part to order, or to find in the drawer.
 *
 * @param job the id of the job that takes it
 * @param name of the job, as the list shows it
 * @param need the part
 * @param by the day it has to be there; empty if the job stands still until it is
 */
public record PartOrder(String job, String name, PartNeed need, Optional<LocalDate> by) {

    /** The parts of all jobs of a plan that nobody has ordered yet: those that hold a job up first, then by day. */
    static List<PartOrder> of(WeekPlan plan, WeekProblem problem) {
        List<PartOrder> orders = new ArrayList<>();
        for (Unplanned each : problem.blocked()) {
            each.needs().stream()
                    .filter(need -> !need.ordered())
                    .forEach(need -> orders.add(new PartOrder(each.job(), each.name(), need, Optional.empty())));
        }
        for (WeekJob job : problem.jobs()) {
            job.needs().stream()
                    .filter(need -> !need.ordered())
                    .forEach(need -> orders.add(new PartOrder(job.id(), job.name(), need, day(plan, job, need))));
        }
        orders.sort(Comparator.comparing((PartOrder order) -> order.by().orElse(LocalDate.MIN)));
        return List.copyOf(orders);
    }

    private static Optional<LocalDate> day(WeekPlan plan, WeekJob job, PartNeed need) {
        return plan.entries().stream()
                .filter(entry -> entry.hands() && entry.job() == job)
                .filter(entry -> need.step().isEmpty()
                        || need.step().get().equals(entry.step().id()))
                .map(entry -> entry.start().toLocalDate())
                .findFirst();
    }
}
