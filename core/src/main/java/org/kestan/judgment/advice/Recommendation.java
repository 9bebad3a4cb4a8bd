package org.kestan.judgment.advice;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.judgment.verdict.RepairPrice;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayKind;

/**
 * The shop's recommendation.
 *
 * @param ways the ways to take, in the order of the work; none if nothing can be said yet
 * @param reasons why
 * @param runnersUp the next best, each with the one reason it was not chosen
 * @param odds how likely it is that lighter ways fall short
 * @param sought the price of what would be advised if money were no object; empty until it is known
 */
public record Recommendation(
        List<Way> ways, List<Finding> reasons, List<RunnerUp> runnersUp, Odds odds, Optional<RepairPrice> sought) {

    /** Takes unmodifiable copies. */
    public Recommendation {
        ways = List.copyOf(ways);
        reasons = List.copyOf(reasons);
        runnersUp = List.copyOf(runnersUp);
    }

    static Recommendation of(List<Way> ways, Finding reason) {
        return new Recommendation(ways, List.of(reason), List.of(), Odds.NONE, Optional.empty());
    }

    /** The same with the price of what would be done regardless of money. */
    Recommendation seeking(Combination combined) {
        return new Recommendation(
                ways, reasons, runnersUp, odds, Optional.of(new RepairPrice(combined.hours(), combined.cost())));
    }

    /** How heavy it is; empty if it leaves the instrument alone. */
    Optional<WayKind> kind() {
        return odds.kind();
    }

    /** Returns the recommendation for a job, without the reasons. */
    static Recommendation brief(Ways ways) {
        return new Recommender(ways, false).recommend();
    }

    /** Returns the recommendation for a job. */
    public static Recommendation of(Ways ways) {
        return new Recommender(ways, true).recommend();
    }
}
