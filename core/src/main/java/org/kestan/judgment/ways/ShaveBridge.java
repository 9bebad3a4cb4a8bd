package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** Taking wood off the bridge, so that the saddle can come down. */
final class ShaveBridge extends Way {

    private static final Finding.Kind BRIDGE_HAS_IT = Finding.kind("advice-finding.bridge-has-it");
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
        super(WayTraits.of("shave-bridge", Stage.BRIDGE, Role.MAIN)
                .irreversible()
                .costs(ShopStandards.SHAVE)
                .does(Effect.SPENDS_BRIDGE, Effect.SPENDS_SADDLE)
                .mends(GateId.ACTION, GateId.SADDLE));
    }

    @Override
    public Optional<Finding> recommendedBecause(JudgmentContext context) {
        return Optional.of(BRIDGE_HAS_IT.of());
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (from.protrusion().isEmpty()) {
            return not(WayFinding.FLOATING.of());
        }
        if (about.over(from) <= about.shop(Standard.ACTION_REACH)) {
            return noNeed(from, WayFinding.ACTION_NOT_TOO_HIGH.of());
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        Sides<Double> out = from.protrusion().get();
        Sides<Double> lacking = needed.with(out, (drop, stands) -> about.least(from) - (stands + drop));
        double wish = Math.max(lacking.bass(), lacking.treble());
        if (wish <= Tolerances.LEAF
                || about.met(from.afterSaddleRaised(SaddleReserve.within(needed, from, about.shop())))) {
            return noNeed(from, SADDLE_ALONE.of());
        }
        if (wish < about.shop(Standard.SHAVE_LEAST)) {
            return noNeed(from, TOO_LITTLE.of());
        }
        double thickness = from.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
        double depth = Math.min(wish, thickness - about.thin());
        if (depth < about.shop(Standard.SHAVE_LEAST)) {
            return not(NOTHING_TO_GIVE.of(Quantity.length(thickness), Quantity.length(about.thin())));
        }
        Setup shaved = from.afterBridgeShaved(depth);
        Setup after = shaved.afterSaddleRaised(SaddleReserve.within(needed, shaved, about.shop()));
        return allowed(about, can(after, reasons(about, after, depth, thickness, wish)));
    }

    private static List<Finding> reasons(
            JudgmentContext about, Setup after, double depth, double thickness, double wish) {
        List<Finding> reasons = new ArrayList<>();
        reasons.add(
                LEAVES.of(Quantity.length(depth), Quantity.length(thickness - depth), JudgmentContext.action(after)));
        if (!about.met(after)) {
            reasons.add(SHORT.of(Quantity.length(wish)));
        }
        if (about.shop().holds(School.SHAVE_WITH_DRAWING)) {
            reasons.add(DRAW_FIRST.of());
        }
        return reasons;
    }

    private static Outcome allowed(JudgmentContext about, Outcome can) {
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
