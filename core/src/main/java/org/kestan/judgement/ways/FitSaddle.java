package org.kestan.judgement.ways;

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
import org.kestan.judgement.verdict.Spare;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Effect;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.Stage;
import org.kestan.judgement.way.Way;
import org.kestan.judgement.way.WayFinding;

/** Lowering, raising or replacing the saddle. */
final class FitSaddle extends Way {

    private static final Finding.Kind NO_SADDLE = Finding.kind("way.saddle.none");
    private static final Finding.Kind CANNOT = Finding.kind("way.saddle.cannot", Distance.class, Distance.class);
    private static final Finding.Kind TALLEST = Finding.kind("way.saddle.tallest");
    private static final Finding.Kind OFF = Finding.kind("way.saddle.off", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind MORE =
            Finding.kind("way.saddle.more", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind SHORT =
            Finding.kind("way.saddle.short", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind KEEP_FIRST = Finding.kind("way.saddle.keep-first");
    private static final Finding.Kind GLUED = Finding.kind("way.saddle.glued");
    private static final Finding.Kind SNUG = Finding.kind("way.saddle.snug");

    FitSaddle() {
        super(
                "saddle",
                Stage.SADDLE,
                true,
                List.of(Standard.HOURS_SADDLE, Standard.PRICE_SADDLE),
                Effect.SPENDS_SADDLE);
    }

    @Override
    public Outcome take(Case about, Setup from) {
        if (from.protrusion().isEmpty()) {
            return not(NO_SADDLE.of());
        }
        if (about.met(from)) {
            return noNeed(from, WayFinding.ACTION_RIGHT.of());
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        Sides<Double> out = from.protrusion().get();
        Sides<Double> taken = Spare.within(needed, out, about.shop());
        Setup after = from.afterSaddleRaised(taken);
        double drop = -Math.min(needed.bass(), needed.treble());
        Distance left = Quantity.length(Math.min(out.bass(), out.treble()));
        Distance needs = Quantity.length(drop + about.least());
        if (Math.abs(taken.bass()) < Tolerances.LEAF && Math.abs(taken.treble()) < Tolerances.LEAF) {
            return not(drop > 0 ? CANNOT.of(left, needs) : TALLEST.of());
        }
        if (!about.met(after)) {
            return can(after, SHORT.of(left, needs, Case.action(after)));
        }
        Sides<Double> stands = after.protrusion().orElseThrow();
        Distance leaves = Quantity.length(Math.min(stands.bass(), stands.treble()));
        Finding change = drop > 0
                ? OFF.of(Quantity.length(drop), leaves, Case.action(after))
                : MORE.of(Quantity.length(Math.max(needed.bass(), needed.treble())), leaves, Case.action(after));
        return can(after, change, fit(about));
    }

    private static Finding fit(Case about) {
        if (about.collectible() || about.handmade()) {
            return KEEP_FIRST.of();
        }
        return (about.shop().holds(School.THROUGH_GLUED) ? GLUED : SNUG).of();
    }
}
