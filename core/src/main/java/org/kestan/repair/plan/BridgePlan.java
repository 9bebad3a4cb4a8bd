package org.kestan.repair.plan;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.correction.Drift;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.Effect;

/**
 * The plan for a bridge, mm: thickness at the saddle of a pin bridge, height to the crown of a floating one.
 *
 * @param floating whether it is a floating bridge
 * @param before now
 * @param after afterward
 * @param sides how much each side rises, negative when it comes down; of a pin bridge both alike
 * @param trim what comes off a floating bridge's foot or its saddle's seat, beyond what its wheels give; else 0
 * @param riser strips under a floating bridge's feet, beyond what its wheels give; else 0
 * @param lower whether a lower bridge takes its place: a new one, or the top piece on a strip without its wheels
 * @param adjuster how far above its lowest an adjustable one then stands; empty if that was not read
 */
public record BridgePlan(
        boolean floating,
        double before,
        double after,
        Sides<Double> sides,
        double trim,
        double riser,
        boolean lower,
        OptionalDouble adjuster) {

    /** Returns whether it changes. */
    public boolean changes() {
        return Math.abs(sides.bass()) > Tolerances.SAME || Math.abs(sides.treble()) > Tolerances.SAME;
    }

    /** Factor by which its edges and wings are thinned with it to keep its shape; 1 for one without thickness. */
    public double proportion() {
        return before > 0 ? after / before : 1;
    }

    /** Takes it from a plan; empty if nothing is planned. */
    static Optional<BridgePlan> of(WorkPlan plan) {
        return plan.planned()
                .map(after -> of(plan, plan.measured().orElseThrow(Expect.present("measured setup")), after));
    }

    private static BridgePlan of(WorkPlan plan, Setup before, Setup after) {
        if (after.bridgeThickness().isPresent()) {
            double was = before.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
            double becomes = after.bridgeThickness().getAsDouble();
            return new BridgePlan(
                    false,
                    was,
                    becomes,
                    new Sides<>(becomes - was, becomes - was),
                    0,
                    0,
                    false,
                    OptionalDouble.empty());
        }
        double becomes = after.supportHeight();
        // The difference of the crowns has to come from the bridge's two ends; the rest is the whole height.
        double rise = becomes - before.supportHeight();
        Setup turned = plan.relieved()
                .orElseThrow(Expect.present("relieved setup"))
                .afterNeckTurned(after.rotation().minus(before.rotation()));
        Sides<Double> crowns = after.crown().with(turned.crown(), (then, now) -> then - now);
        double mean = Sides.mean(crowns);
        Sides<Double> tilt =
                plan.has(Effect.CUTS_HEEL) ? Drift.crown(plan.job(), after.basis()) : new Sides<>(0.0, 0.0);
        Sides<Double> sides = crowns.with(tilt, (each, drifted) -> each - mean + rise + drifted);
        boolean solid = plan.job().onSolidBridge();
        OptionalDouble lowest =
                solid ? OptionalDouble.of(before.supportHeight()) : plan.job().millimeters(Reading.BRIDGE_LOWEST);
        OptionalDouble highest =
                solid ? OptionalDouble.of(before.supportHeight()) : plan.job().millimeters(Reading.BRIDGE_HIGHEST);
        double under = Math.max(0, lowest.orElse(becomes) - becomes);
        boolean lower = plan.has(Effect.FITS_FLOATING_BRIDGE)
                && under > (plan.job().collectible() ? 0 : plan.shop().get(Standard.FOOT_TRIM_MOST)) + Tolerances.LEAF;
        double trim = lower ? 0 : under;
        double riser = Math.max(0, becomes - highest.orElse(becomes));
        OptionalDouble adjuster = solid || lowest.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(0, Math.min(becomes, highest.orElse(becomes)) - lowest.getAsDouble()));
        return new BridgePlan(true, before.supportHeight(), becomes, sides, trim, riser, lower, adjuster);
    }
}
