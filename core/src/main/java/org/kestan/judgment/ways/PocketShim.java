package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Turn;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.NeckRotation;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Shim;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** A full-pocket shim under a bolted neck. */
final class PocketShim extends Way {

    private static final Finding.Kind NO_POCKET = Finding.kind("way.pocket-shim.no-pocket");
    private static final Finding.Kind FINER_THAN_STOCK = Finding.kind("way.pocket-shim.finer-than-stock");
    private static final Finding.Kind TOWARD_BRIDGE =
            Finding.kind("way.pocket-shim.toward-bridge", Turn.class, Turn.class, Said.class);
    private static final Finding.Kind TOWARD_NUT =
            Finding.kind("way.pocket-shim.toward-nut", Turn.class, Turn.class, Said.class);
    private static final Finding.Kind THICK_END = Finding.kind("way.pocket-shim.thick-end", Distance.class);
    private static final Finding.Kind READ_POCKET = Finding.kind("way.pocket-shim.read-pocket");
    private static final Finding.Kind READ_POCKET_FIRST = Finding.kind("way.pocket-shim.read-pocket-first");
    private static final Finding.Kind COARSER_THAN_STOCK = Finding.kind("way.pocket-shim.coarser-than-stock");

    PocketShim() {
        super(WayTraits.of("pocket-shim", Stage.POCKET, Role.MAIN)
                .costs(Standard.HOURS_SHIM, Standard.PRICE_SHIM)
                .does(Effect.TURNS_NECK, Effect.SHIMS_POCKET)
                .combinesWith(Effect.SPENDS_SADDLE, Effect.FITS_FLOATING_BRIDGE, Effect.MOVES_TAILPIECE)
                .mends(GateId.ACTION, GateId.NECK_PITCH));
    }

    @Override
    public boolean fitsJoint(Job job) {
        return job.joined(Joint.POCKET_BOLT);
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (!about.joined(Joint.POCKET_BOLT)) {
            return not(NO_POCKET.of());
        }
        if (about.met(from)) {
            return noNeed(from, WayFinding.NECK_STAYS.of());
        }
        double rise = Sides.mean(from.crownRiseFor(about.wanted().action()));
        OptionalDouble pocket = about.length(Reading.POCKET_LENGTH);
        if (rise > 0 && pocket.isEmpty()) {
            return unknown(READ_POCKET_FIRST.of());
        }
        double distance = from.basis().jointToSaddle();
        if (pocket.orElse(0) >= distance) {
            return unknown(READ_POCKET_FIRST.of());
        }
        double crown = Sides.mean(from.crown());
        // With the thick end toward the nut, the neck turns about the pocket's far end, which is a shorter lever.
        NeckRotation turning = new NeckRotation(
                rise > 0 ? distance - pocket.getAsDouble() : distance,
                from.basis().fretsOverTop());
        Optional<Angle> needed = turning.angleFor(crown, crown + rise, 0);
        if (needed.isEmpty()) {
            return not(WayFinding.OUT_OF_REACH.of());
        }
        double size = Math.abs(needed.get().degrees());
        // A saddle or a bridge that is set as well takes back the excess of the finest shim.
        boolean takenBack = about.together(Effect.SPENDS_SADDLE) || about.together(Effect.FITS_FLOATING_BRIDGE);
        if (size < about.shop(Standard.SHIM_FINE) / 2 && !takenBack) {
            return noNeed(from, FINER_THAN_STOCK.of());
        }
        Shim nearest = Shim.stock(from, about.shop(), pocket).stream()
                .min(Comparator.comparingDouble((Shim shim) -> leaves(about, shim))
                        .thenComparing(
                                shim -> shim.angle().minus(needed.get()).abs().radians()))
                .orElseThrow(Expect.present("value"));
        boolean coarser = size > about.shop(Standard.SHIM_COARSE) + about.shop(Standard.SHIM_FINE) / 2;
        return can(nearest.after(), reasons(about, needed.get(), nearest, coarser));
    }

    /** What saddle or bridge can't make up once a shim is in, mm; zero if neither is set as well. */
    private static double leaves(JudgmentContext about, Shim shim) {
        Setup after = shim.after();
        if (about.together(Effect.FITS_FLOATING_BRIDGE) && after.protrusion().isEmpty()) {
            double height = after.supportHeight();
            double wish = height + Sides.mean(after.crownRiseFor(about.wanted().action()));
            double within = Math.max(
                    about.length(Reading.BRIDGE_LOWEST).orElse(height),
                    Math.min(about.length(Reading.BRIDGE_HIGHEST).orElse(height), wish));
            return Math.max(0, Math.abs(wish - within) - Tolerances.LEAF);
        }
        if (!about.together(Effect.SPENDS_SADDLE) || after.protrusion().isEmpty()) {
            return 0;
        }
        Sides<Double> taken =
                SaddleReserve.within(after.crownRiseFor(about.wanted().action()), after, about.shop());
        return Math.max(0, about.off(after.afterSaddleRaised(taken)) - Tolerances.LEAF);
    }

    private static List<Finding> reasons(JudgmentContext about, Angle needed, Shim nearest, boolean coarser) {
        List<Finding> reasons = new ArrayList<>();
        reasons.add((nearest.angle().radians() > 0 ? TOWARD_BRIDGE : TOWARD_NUT)
                .of(Quantity.turn(needed), Quantity.turn(nearest.angle()), JudgmentContext.action(nearest.after())));
        OptionalDouble pocket = about.length(Reading.POCKET_LENGTH);
        reasons.add(
                pocket.isPresent()
                        ? THICK_END.of(Quantity.fine(
                                pocket.getAsDouble() * nearest.angle().abs().tan()))
                        : READ_POCKET.of());
        if (coarser) {
            reasons.add(COARSER_THAN_STOCK.of());
        }
        return reasons;
    }
}
