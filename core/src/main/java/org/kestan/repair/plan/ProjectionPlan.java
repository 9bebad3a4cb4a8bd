package org.kestan.repair.plan;

import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Straightedge;

/**
 * Where the fret line has to land, mm: at the saddle under the outer strings, and as the straightedge reads it (§3.4).
 *
 * @param slack over the soundboard with the neck dry-fitted and no strings on
 * @param strung over the soundboard at pitch
 * @param slackAsRead what the straightedge shows with no strings on, where it lies and the caliper stands on this sheet
 * @param strungAsRead the same at pitch
 * @param overBridge slack as read, over the bridge's top: positive above it, 0 if it kisses
 * @param sink how far the body is taken to fold up between the two
 */
public record ProjectionPlan(
        double slack, double strung, double slackAsRead, double strungAsRead, double overBridge, double sink) {

    /** Takes it from a plan; empty if nothing is planned. */
    static Optional<ProjectionPlan> of(WorkPlan plan) {
        return plan.planned().map(planned -> of(plan, planned));
    }

    private static ProjectionPlan of(WorkPlan plan, Setup planned) {
        double sink = plan.sheetAnalysis()
                .trajectory()
                .orElseThrow(Expect.present("complete sheet"))
                .sinkTaken(plan.shop());
        double strung = planned.projection();
        double top = planned.bridgeTop();
        Straightedge straightedge = planned.basis().straightedge();
        double slack = straightedge.asRead(strung + sink);
        return new ProjectionPlan(strung + sink, strung, slack, straightedge.asRead(strung), slack - top, sink);
    }
}
