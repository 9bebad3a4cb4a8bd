package org.kestan.week;

import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import org.kestan.base.week.WorkPlace;

/**
 * A plan of all open jobs.
 *
 * @param order the order its steps were given their time in
 * @param entries stretches of work and waits, the earliest first
 * @param jobs the result for each job
 * @param lateDays days by which promises are kept late, of all jobs
 * @param cost by the weights of the shop; the less the better
 */
public record WeekPlan(WeekOrder order, List<Entry> entries, List<JobPlan> jobs, int lateDays, long cost) {

    /** Takes unmodifiable copies. */
    public WeekPlan {
        entries = List.copyOf(entries);
        jobs = List.copyOf(jobs);
    }

    /**
     * A stretch of work, or a wait.
     *
     * @param job the job
     * @param step the step
     * @param hands true for hands-on work, false for a wait
     * @param start when it begins
     * @param end when it ends
     * @param person whose hands; empty for a wait
     * @param place where; empty for a wait that takes no place
     */
    public record Entry(
            WeekJob job,
            WeekStep step,
            boolean hands,
            ZonedDateTime start,
            ZonedDateTime end,
            Optional<String> person,
            Optional<WorkPlace> place) {}

    /**
     * The result for a job.
     *
     * @param job which
     * @param ready when it is ready
     * @param lateDays days past its promise; 0 if it is kept or there is none
     * @param pinsMissed steps that could not be begun on the day they are pinned to
     */
    public record JobPlan(WeekJob job, ZonedDateTime ready, int lateDays, List<WeekStep> pinsMissed) {

        /** Takes an unmodifiable copy. */
        public JobPlan {
            pinsMissed = List.copyOf(pinsMissed);
        }
    }
}
