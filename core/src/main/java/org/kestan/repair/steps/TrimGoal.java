package org.kestan.repair.steps;

import java.util.Optional;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Sides;
import org.kestan.job.bench.Trim;
import org.kestan.repair.plan.BridgePlan;
import org.kestan.repair.plan.SaddlePlan;
import org.kestan.repair.plan.WorkPlan;

/**
 * The target for a part that is taken down or built up, mm: for a saddle how far it stands out of the bridge under the
 * outer strings, for a pin bridge its thickness, for a floating bridge its height under them.
 *
 * @param from as measured
 * @param to as planned
 */
public record TrimGoal(Sides<Double> from, Sides<Double> to) {

    /** It is there when it is this close, mm: half the width of a pencil line. Common practice, no source. */
    public static final double NEAR = 0.1;

    /** The target of a plan; empty if the part stays as it is. */
    public static Optional<TrimGoal> of(WorkPlan plan, Trim.Part part) {
        return part == Trim.Part.SADDLE
                ? plan.saddle().filter(SaddlePlan::changes).map(TrimGoal::ofSaddle)
                : plan.bridge().filter(BridgePlan::changes).map(TrimGoal::ofBridge);
    }

    private static TrimGoal ofSaddle(SaddlePlan saddle) {
        return new TrimGoal(saddle.out().with(saddle.off(), Double::sum), saddle.out());
    }

    private static TrimGoal ofBridge(BridgePlan bridge) {
        Sides<Double> before = new Sides<>(bridge.before(), bridge.before());
        boolean tilts = Math.abs(bridge.sides().bass() - bridge.sides().treble()) > Tolerances.SHOWN;
        return new TrimGoal(
                before,
                bridge.floating() && tilts
                        ? before.with(bridge.sides(), Double::sum)
                        : new Sides<>(bridge.after(), bridge.after()));
    }
}
