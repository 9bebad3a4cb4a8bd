package org.kestan.judgment.ways;

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
        super(WayTraits.of("saddle", Stage.SADDLE, Role.MAIN)
                .costs(Standard.HOURS_SADDLE, Standard.PRICE_SADDLE)
                .does(Effect.SPENDS_SADDLE)
                .mends(GateId.ACTION, GateId.SADDLE, GateId.BREAK_ANGLE));
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (from.protrusion().isEmpty()) {
            return not(NO_SADDLE.of());
        }
        if (about.met(from)) {
            return noNeed(from, WayFinding.ACTION_RIGHT.of());
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        Sides<Double> out = from.protrusion().get();
        Sides<Double> taken = SaddleReserve.within(needed, from, about.shop());
        Setup after = from.afterSaddleRaised(taken);
        double drop = -Math.min(needed.bass(), needed.treble());
        Distance left = Quantity.length(Math.min(out.bass(), out.treble()));
        Distance needs = Quantity.length(drop + about.least(from));
        if (Math.abs(taken.bass()) < Tolerances.LEAF && Math.abs(taken.treble()) < Tolerances.LEAF) {
            return not(drop > 0 ? CANNOT.of(left, needs) : TALLEST.of());
        }
        if (!about.met(after)) {
            return can(after, SHORT.of(left, needs, JudgmentContext.action(after)));
        }
        Sides<Double> stands = after.protrusion().orElseThrow(Expect.present("saddle protrusion"));
        Distance leaves = Quantity.length(Math.min(stands.bass(), stands.treble()));
        Finding change = drop > 0
                ? OFF.of(Quantity.length(drop), leaves, JudgmentContext.action(after))
                : MORE.of(
                        Quantity.length(Math.max(needed.bass(), needed.treble())),
                        leaves,
                        JudgmentContext.action(after));
        return can(after, change, fit(about));
    }

    private static Finding fit(JudgmentContext about) {
        if (about.collectible() || about.handmade()) {
            return KEEP_FIRST.of();
        }
        return (about.shop().holds(School.THROUGH_GLUED) ? GLUED : SNUG).of();
    }
}
