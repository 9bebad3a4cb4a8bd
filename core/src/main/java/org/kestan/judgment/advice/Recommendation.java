package org.kestan.judgment.advice;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.judgment.way.Way;

/**
 * What the shop would do.
 *
 * @param ways the ways to take, in the order of the work; none when nothing can be said yet
 * @param reasons why
 * @param runnersUp the next best, each with the one reason it was not chosen
 */
public record Recommendation(List<Way> ways, List<Finding> reasons, List<RunnerUp> runnersUp) {

    /** Takes unmodifiable copies. */
    public Recommendation {
        ways = List.copyOf(ways);
        reasons = List.copyOf(reasons);
        runnersUp = List.copyOf(runnersUp);
    }

    static Recommendation of(List<Way> ways, Finding reason) {
        return new Recommendation(ways, List.of(reason), List.of());
    }

    /** Says what the shop would do about a job. */
    public static Recommendation of(Ways ways) {
        return new Recommender(ways).recommend();
    }
}
