package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.analysis.correction.Drift;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Turn;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.TargetReset;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** The ways that turn the neck for good, to the whole target of the job. */
abstract class NeckAngleWay extends Way {

    private static final Finding.Kind CANNOT_BE_UNDONE = Finding.kind("advice-finding.cant-be-undone");
    private static final Finding.Kind COMES_FORWARD = Finding.kind("advice-finding.neck-comes-forward");
    private static final Finding.Kind GOES_BACK_SAY_VALUE = Finding.kind("advice-finding.neck-goes-back-say-value");
    private static final Finding.Kind GOES_BACK = Finding.kind("advice-finding.neck-goes-back");
    private static final Finding.Kind FORWARD = Finding.kind("neck-turned.forward", Turn.class);
    private static final Finding.Kind SET_BACK = Finding.kind("neck-turned.set-back", Turn.class, Said.class);
    private static final Finding.Kind SET_BACK_CUT =
            Finding.kind("neck-turned.set-back-cut", Turn.class, Distance.class, Said.class);
    private static final Finding.Kind TURNED_FORWARD =
            Finding.kind("neck-turned.turned-forward", Turn.class, Said.class);
    private static final Finding.Kind TURNED_FORWARD_ADDED =
            Finding.kind("neck-turned.turned-forward-added", Turn.class, Distance.class, Said.class);
    private static final Finding.Kind NUT_HAS_TO_RISE =
            Finding.kind("neck-turned.nut-has-to-rise", Distance.class, Distance.class);
    private static final Finding.Kind RELIEF_STAYS =
            Finding.kind("neck-turned.relief-stays", Distance.class, Distance.class);
    private static final Finding.Kind LEAVES_SADDLE_LOW =
            Finding.kind("neck-turned.leaves-saddle-low", Distance.class, Distance.class);
    private static final Finding.Kind READ_HEEL = Finding.kind("neck-turned.read-heel");

    NeckAngleWay(String key, List<Standard> prices, Effect... more) {
        super(WayTraits.of(key, Stage.NECK, Role.MAIN)
                .irreversible()
                .costs(prices)
                .does(Effect.TURNS_NECK, Effect.CUTS_HEEL)
                .does(more)
                .mends(GateId.ACTION, GateId.SADDLE, GateId.NECK_PITCH, GateId.BREAK_ANGLE));
    }

    /** Further remarks of this way. */
    List<Finding> more(JudgmentContext about) {
        return List.of();
    }

    @Override
    public Optional<Finding> recommendedBecause(JudgmentContext context) {
        if (has(Effect.LAST_RESORT)) {
            return Optional.of(CANNOT_BE_UNDONE.of());
        }
        if (context.measured().filter(context::tooLow).isPresent()) {
            return Optional.of(COMES_FORWARD.of());
        }
        return Optional.of((context.worth() == JudgmentContext.Worth.UNKNOWN ? GOES_BACK_SAY_VALUE : GOES_BACK).of());
    }

    /** The neck turned to the target. */
    final Outcome turned(JudgmentContext about, Setup from) {
        Optional<Setup> reset = TargetReset.by(TargetReset.chosen(about), about, from)
                .map(after -> after.afterCrownTilted(Drift.crown(about.job(), after.basis())));
        if (reset.isEmpty()) {
            return not(WayFinding.OUT_OF_REACH.of());
        }
        Setup after = reset.get();
        Angle angle = after.rotation().minus(from.rotation());
        OptionalDouble heel = about.length(Reading.HEEL_HEIGHT);
        double lever = heel.orElse(from.basis().jointToSaddle());
        boolean little = Math.abs(lever * angle.tan()) <= about.shop(Standard.CUT_NONE);
        if (!about.neckComesOff() && (little || about.met(from) && saddleWell(about, from))) {
            return noNeed(from, WayFinding.NECK_STAYS.of());
        }
        if (angle.radians() < 0 && !little && !about.tooLow(from)) {
            return not(after, FORWARD.of(Quantity.turn(angle.negated())));
        }
        List<Finding> reasons = new ArrayList<>();
        reasons.add(what(after, angle, heel));
        nutTooLow(about, after).ifPresent(reasons::add);
        reliefStays(about, after).ifPresent(reasons::add);
        after.protrusion().ifPresent(out -> {
            double least = Math.min(out.bass(), out.treble());
            if (least < about.least(after)) {
                reasons.add(LEAVES_SADDLE_LOW.of(
                        Quantity.length(least), Quantity.length(about.shop(Standard.PROTRUSION_FULL))));
            }
        });
        if (heel.isEmpty()) {
            reasons.add(READ_HEEL.of());
        }
        reasons.addAll(more(about));
        return can(after, reasons).withPrices(prices(from, after));
    }

    private static Finding what(Setup after, Angle angle, OptionalDouble heel) {
        if (heel.isEmpty()) {
            return angle.radians() < 0
                    ? TURNED_FORWARD.of(Quantity.turn(angle.negated()), JudgmentContext.action(after))
                    : SET_BACK.of(Quantity.turn(angle), JudgmentContext.action(after));
        }
        Distance cut = Quantity.fine(Math.abs(heel.getAsDouble() * angle.tan()));
        return angle.radians() < 0
                ? TURNED_FORWARD_ADDED.of(Quantity.turn(angle.negated()), cut, JudgmentContext.action(after))
                : SET_BACK_CUT.of(Quantity.turn(angle), cut, JudgmentContext.action(after));
    }

    /** How far the nut has to rise if the strings would be too low over fret 1 in the present slots (§3.6). */
    private static Optional<Finding> nutTooLow(JudgmentContext about, Setup after) {
        double low = Math.min(after.nut().bass(), after.nut().treble());
        double least = about.shop().get(Standard.NUT_LOW, about.job().family());
        return low < least - Tolerances.SHOWN
                ? Optional.of(NUT_HAS_TO_RISE.of(Quantity.fine(low), Quantity.fine(least - low)))
                : Optional.empty();
    }

    /** The wanted relief that no rod can set (§3.5). */
    private static Optional<Finding> reliefStays(JudgmentContext about, Setup after) {
        double wanted = about.length(Aim.RELIEF).orElse(after.reliefGap());
        return after.basis().reliefStays() && Math.abs(wanted - after.reliefGap()) > Tolerances.LEAF
                ? Optional.of(RELIEF_STAYS.of(Quantity.fine(after.reliefGap()), Quantity.fine(wanted)))
                : Optional.empty();
    }

    /** A bridge that changes with the neck is included in its price. */
    private List<Standard> prices(Setup from, Setup after) {
        double thicker =
                after.bridgeThickness().orElse(0) - from.bridgeThickness().orElse(0);
        if (Math.abs(thicker) <= Tolerances.LEAF) {
            return prices();
        }
        List<Standard> bridge = thicker > 0 ? ShopStandards.NEW_BRIDGE : ShopStandards.SHAVE;
        return Stream.concat(prices().stream(), bridge.stream()).toList();
    }

    /** The saddle is not low, so only the action could be a reason to turn the neck. */
    private static boolean saddleWell(JudgmentContext about, Setup from) {
        return about.length(Aim.SADDLE).isEmpty()
                && about.length(Aim.BRIDGE_THICKNESS).isEmpty()
                && from.protrusion()
                        .map(out -> Math.min(out.bass(), out.treble()) >= about.least(from))
                        .orElse(true);
    }
}
