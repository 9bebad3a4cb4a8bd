package org.kestan.judgment.advice;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.judgment.way.Way;

/**
 * A runner-up to the recommendation.
 *
 * @param ways the ways, in the order of the work
 * @param reason the one reason it was not chosen
 * @param cost hours at the shop's rate, and parts
 */
public record RunnerUp(List<Way> ways, Finding reason, double cost) {

    /** Takes an unmodifiable copy. */
    public RunnerUp {
        ways = List.copyOf(ways);
    }
}
