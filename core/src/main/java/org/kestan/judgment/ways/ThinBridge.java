package org.kestan.judgment.ways;

import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** Thinning the bridge from below while it is off: its top and its saddle stay as they are and come down with it. */
final class ThinBridge extends Way {

    private static final Finding.Kind STILL_GLUED = Finding.kind("way.thin-bridge.still-glued");
    private static final Finding.Kind NOTHING_TO_GIVE =
            Finding.kind("way.thin-bridge.nothing-to-give", Distance.class, Distance.class);
    private static final Finding.Kind TOO_LITTLE = Finding.kind("way.thin-bridge.too-little");
    private static final Finding.Kind LEAVES =
            Finding.kind("way.thin-bridge.leaves", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind SHORT = Finding.kind("way.thin-bridge.short", Distance.class);
    private static final Finding.Kind NOT_ORIGINAL = Finding.kind("way.thin-bridge.not-original");

    ThinBridge() {
        super(WayTraits.of("thin-bridge", Stage.BRIDGE, Role.MAIN)
                .irreversible()
                .costs(Standard.HOURS_THIN, Standard.PRICE_GLUE)
                .does(Effect.SPENDS_BRIDGE)
                .combinesWith(Effect.SPENDS_SADDLE)
                .mends(GateId.ACTION));
    }

    /** Only if the bridge has to come off anyway. */
    @Override
    public boolean worthTrying(JudgmentContext context, Setup measured) {
        return context.lifted();
    }

    @Override
    public Outcome take(JudgmentContext context, Setup from) {
        if (from.protrusion().isEmpty()) {
            return not(WayFinding.FLOATING.of());
        }
        if (context.over(from) <= context.shop(Standard.ACTION_REACH)) {
            return noNeed(from, WayFinding.ACTION_NOT_TOO_HIGH.of());
        }
        double wish = -Sides.mean(from.crownRiseFor(context.wanted().action()));
        if (wish < context.shop(Standard.SHAVE_LEAST)) {
            return noNeed(from, TOO_LITTLE.of());
        }
        double thickness = from.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
        double depth = Math.min(wish, thickness - context.thin());
        if (depth < context.shop(Standard.SHAVE_LEAST)) {
            return not(NOTHING_TO_GIVE.of(Quantity.length(thickness), Quantity.length(context.thin())));
        }
        Setup after = from.afterBridgeShaved(depth).afterSaddleRaised(new Sides<>(-depth, -depth));
        Finding leaves =
                LEAVES.of(Quantity.length(depth), Quantity.length(thickness - depth), JudgmentContext.action(after));
        Outcome can = wish - depth > Tolerances.LEAF
                ? can(after, leaves, SHORT.of(Quantity.length(wish)))
                : can(after, leaves);
        if (context.collectible() || context.handmade()) {
            return can.asNot(NOT_ORIGINAL.of());
        }
        return context.lifted() ? can : can.asNot(STILL_GLUED.of());
    }
}
