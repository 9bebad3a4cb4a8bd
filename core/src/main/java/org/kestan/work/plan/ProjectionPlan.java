package org.kestan.work.plan;

import java.util.Optional;
import org.kestan.following.setup.Setup;

/**
 * What the straightedge must show at the saddle, mm.
 *
 * @param slack over the soundboard with the neck dry-fitted and no strings on
 * @param strung over the soundboard at pitch
 * @param overBridge slack, over the bridge's top: positive above it, 0 when it kisses
 * @param sink how far the body is taken to fold up between the two
 */
public record ProjectionPlan(double slack, double strung, double overBridge, double sink) {

    /** Reads it out of a plan; empty while nothing is planned. */
    static Optional<ProjectionPlan> of(WorkPlan plan) {
        return plan.planned().map(planned -> of(plan, planned));
    }

    private static ProjectionPlan of(WorkPlan plan, Setup planned) {
        double sink = plan.reckoning().trajectory().orElseThrow().sinkTaken(plan.shop());
        double strung = planned.projection();
        double top = planned.bridgeTop();
        return new ProjectionPlan(strung + sink, strung, strung + sink - top, sink);
    }
}
