package org.kestan.week;

import java.util.List;

/**
 * The order in which steps are scheduled: each time a job comes up, its next step is.
 *
 * @param jobs indices into the jobs of a {@link WeekProblem}, each as often as it has steps
 */
public record WeekOrder(List<Integer> jobs) {

    /** Takes an unmodifiable copy. */
    public WeekOrder {
        jobs = List.copyOf(jobs);
    }
}
