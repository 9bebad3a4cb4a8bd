package org.kestan.judgement.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.finding.Quantity.Distance;
import org.kestan.ground.finding.Quantity.Said;
import org.kestan.ground.finding.Quantity.Turn;
import org.kestan.ground.geometry.Angle;
import org.kestan.ground.sheet.Aim;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.standards.Standard;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Effect;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.Stage;
import org.kestan.judgement.way.TargetReset;
import org.kestan.judgement.way.Way;
import org.kestan.judgement.way.WayFinding;

/** The ways that turn the neck for good, to the whole target of the job. */
abstract class NeckTurned extends Way {

    private static final Finding.Kind FORWARD = Finding.kind("neck-turned.forward", Turn.class);
    private static final Finding.Kind SET_BACK = Finding.kind("neck-turned.set-back", Turn.class, Said.class);
    private static final Finding.Kind SET_BACK_CUT =
            Finding.kind("neck-turned.set-back-cut", Turn.class, Distance.class, Said.class);
    private static final Finding.Kind LEAVES_SADDLE_LOW =
            Finding.kind("neck-turned.leaves-saddle-low", Distance.class, Distance.class);
    private static final Finding.Kind READ_HEEL = Finding.kind("neck-turned.read-heel");

    NeckTurned(String key, List<Standard> prices, Effect... more) {
        super(
                key,
                Stage.NECK,
                false,
                prices,
                Stream.concat(Stream.of(Effect.TURNS_NECK, Effect.CUTS_HEEL), Stream.of(more))
                        .toArray(Effect[]::new));
    }

    /** More that this way has to say. */
    List<Finding> more(Case about) {
        return List.of();
    }

    /** The neck turned to the target. */
    final Outcome turned(Case about, Setup from) {
        Optional<Setup> reset = TargetReset.by(TargetReset.chosen(about), about, from);
        if (reset.isEmpty()) {
            return not(WayFinding.OUT_OF_REACH.of());
        }
        Setup after = reset.get();
        Angle angle = after.rotation().minus(from.rotation());
        OptionalDouble heel = about.length(Reading.HEEL_HEIGHT);
        double lever = heel.orElse(from.basis().jointToSaddle());
        if (Math.abs(lever * angle.tan()) <= about.shop(Standard.CUT_NONE)
                || about.met(from) && saddleWell(about, from)) {
            return noNeed(from, WayFinding.NECK_STAYS.of());
        }
        if (angle.radians() < 0) {
            return not(after, FORWARD.of(Quantity.turn(angle.negated())));
        }
        List<Finding> reasons = new ArrayList<>();
        reasons.add(
                heel.isPresent()
                        ? SET_BACK_CUT.of(
                                Quantity.turn(angle),
                                Quantity.fine(heel.getAsDouble() * angle.tan()),
                                Case.action(after))
                        : SET_BACK.of(Quantity.turn(angle), Case.action(after)));
        after.protrusion().ifPresent(out -> {
            double least = Math.min(out.bass(), out.treble());
            if (least < about.least()) {
                reasons.add(LEAVES_SADDLE_LOW.of(
                        Quantity.length(least), Quantity.length(about.shop(Standard.PROTRUSION_FULL))));
            }
        });
        if (heel.isEmpty()) {
            reasons.add(READ_HEEL.of());
        }
        reasons.addAll(more(about));
        return can(after, reasons);
    }

    /** The saddle is not low: nothing but the action could ask for the neck. */
    private static boolean saddleWell(Case about, Setup from) {
        return about.length(Aim.SADDLE).isEmpty()
                && about.length(Aim.BRIDGE_THICKNESS).isEmpty()
                && from.protrusion()
                        .map(out -> Math.min(out.bass(), out.treble()) >= about.least())
                        .orElse(true);
    }
}
