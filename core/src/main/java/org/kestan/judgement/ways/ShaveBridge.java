package org.kestan.judgement.ways;

import java.util.ArrayList;
import java.util.List;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.finding.Quantity.Distance;
import org.kestan.ground.finding.Quantity.Said;
import org.kestan.ground.geometry.Tolerances;
import org.kestan.ground.sheet.Sides;
import org.kestan.ground.standards.School;
import org.kestan.ground.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgement.verdict.Spare;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Effect;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.Stage;
import org.kestan.judgement.way.Way;
import org.kestan.judgement.way.WayFinding;

/** Taking wood off the bridge, so that the saddle can come down. */
final class ShaveBridge extends Way {

    private static final Finding.Kind SADDLE_ALONE = Finding.kind("way.shave-bridge.saddle-alone");
    private static final Finding.Kind TOO_LITTLE = Finding.kind("way.shave-bridge.too-little");
    private static final Finding.Kind NOTHING_TO_GIVE =
            Finding.kind("way.shave-bridge.nothing-to-give", Distance.class, Distance.class);
    private static final Finding.Kind LEAVES =
            Finding.kind("way.shave-bridge.leaves", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind SHORT = Finding.kind("way.shave-bridge.short", Distance.class);
    private static final Finding.Kind DRAW_FIRST = Finding.kind("way.shave-bridge.draw-first");
    private static final Finding.Kind COLLECTIBLE = Finding.kind("way.shave-bridge.collectible");
    private static final Finding.Kind HANDMADE = Finding.kind("way.shave-bridge.handmade");
    private static final Finding.Kind SAY_FIRST = Finding.kind("way.shave-bridge.say-first");

    ShaveBridge() {
        super(
                "shave-bridge",
                Stage.BRIDGE,
                false,
                List.of(Standard.HOURS_SHAVE, Standard.PRICE_GLUE),
                Effect.SPENDS_BRIDGE,
                Effect.SPENDS_SADDLE);
    }

    @Override
    public Outcome take(Case about, Setup from) {
        if (from.protrusion().isEmpty()) {
            return not(WayFinding.FLOATING.of());
        }
        if (about.over(from) <= about.shop(Standard.ACTION_REACH)) {
            return noNeed(from, WayFinding.ACTION_NOT_TOO_HIGH.of());
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        Sides<Double> out = from.protrusion().get();
        Sides<Double> lacking = needed.with(out, (drop, stands) -> about.least() - (stands + drop));
        double wish = Math.max(lacking.bass(), lacking.treble());
        if (wish <= Tolerances.LEAF || about.met(from.afterSaddleRaised(Spare.within(needed, out, about.shop())))) {
            return noNeed(from, SADDLE_ALONE.of());
        }
        if (wish < about.shop(Standard.SHAVE_LEAST)) {
            return noNeed(from, TOO_LITTLE.of());
        }
        double thickness = from.bridgeThickness().orElseThrow();
        double depth = Math.min(wish, thickness - about.thin());
        if (depth < about.shop(Standard.SHAVE_LEAST)) {
            return not(NOTHING_TO_GIVE.of(Quantity.length(thickness), Quantity.length(about.thin())));
        }
        Setup shaved = from.afterBridgeShaved(depth);
        Setup after = shaved.afterSaddleRaised(
                Spare.within(needed, shaved.protrusion().orElseThrow(), about.shop()));
        return allowed(about, can(after, reasons(about, after, depth, thickness, wish)));
    }

    private static List<Finding> reasons(Case about, Setup after, double depth, double thickness, double wish) {
        List<Finding> reasons = new ArrayList<>();
        reasons.add(LEAVES.of(Quantity.length(depth), Quantity.length(thickness - depth), Case.action(after)));
        if (!about.met(after)) {
            reasons.add(SHORT.of(Quantity.length(wish)));
        }
        if (about.shop().holds(School.SHAVE_WITH_DRAWING)) {
            reasons.add(DRAW_FIRST.of());
        }
        return reasons;
    }

    private static Outcome allowed(Case about, Outcome can) {
        if (about.collectible()) {
            return can.asNot(COLLECTIBLE.of());
        }
        if (about.handmade()) {
            return can.asNot(HANDMADE.of());
        }
        boolean unsaid = about.job().get(Lines.HANDMADE).isEmpty();
        return unsaid && about.shop().holds(School.SHAVE_NOT_HANDMADE) ? can.asNot(SAY_FIRST.of()) : can;
    }
}
