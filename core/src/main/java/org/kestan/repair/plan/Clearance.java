package org.kestan.repair.plan;

import java.util.Optional;
import org.kestan.analysis.setup.Obstacle;
import org.kestan.base.geometry.Angle;

/**
 * The clearance over an obstacle under the strings (§3.19), mm; negative if it is in the way.
 *
 * @param fretLineBefore under the fret line now
 * @param fretLineAfter under the fret line afterward
 * @param stringBefore under the lowest string now
 * @param stringAfter under the lowest string afterward
 * @param leastRotation how far the neck has to be turned from now on for the fret line to clear it; none if it does
 */
public record Clearance(
        double fretLineBefore, double fretLineAfter, double stringBefore, double stringAfter, Angle leastRotation) {

    /** Takes it from a plan; empty if there is no obstacle, or nothing is planned. */
    static Optional<Clearance> of(WorkPlan plan) {
        return plan.planned()
                .flatMap(after -> plan.measured()
                        .flatMap(before -> Obstacle.of(plan.job(), plan.measured())
                                .map(each -> new Clearance(
                                        each.underFretLine(before),
                                        each.underFretLine(after),
                                        each.underStrings(before),
                                        each.underStrings(after),
                                        each.leastRotation(before)))));
    }
}
