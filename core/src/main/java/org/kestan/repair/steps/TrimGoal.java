package org.kestan.repair.steps;

import java.util.Optional;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Sides;
import org.kestan.job.bench.Trim;
import org.kestan.repair.plan.BridgePlan;
import org.kestan.repair.plan.SaddlePlan;
import org.kestan.repair.plan.WorkPlan;

/**
 * Where a part has to come while it is taken down or built up, mm: a saddle by what stands out of the bridge under the outer
 * strings, a pin bridge by its thickness, a floating bridge by its height under them.
 *
 * @param from as measured
 * @param to as planned
 */
public record TrimGoal(Sides<Double> from, Sides<Double> to) {

    /** Nearer than this it is there, mm: the width of a pencil's line halved. Common practice, no source. */
    public static final double NEAR = 0.1;

    /** The goal of a plan; empty where the part stays as it is. */
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
