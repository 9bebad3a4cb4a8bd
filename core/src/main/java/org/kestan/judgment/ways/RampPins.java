package org.kestan.judgment.ways;

import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Turn;
import org.kestan.base.geometry.Tolerances;
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

/** Ramping the pin holes for a larger break angle over the saddle. */
final class RampPins extends Way {

    private static final Finding.Kind RAMP_TOO = Finding.kind("advice-finding.ramp-too");
    private static final Finding.Kind ENOUGH = Finding.kind("way.pin-ramps.enough", Turn.class);
    private static final Finding.Kind ALREADY = Finding.kind("way.pin-ramps.already", Distance.class);
    private static final Finding.Kind TAKE = Finding.kind("way.pin-ramps.take", Distance.class, Turn.class, Turn.class);
    private static final Finding.Kind ACTION_STAYS = Finding.kind("way.pin-ramps.action-stays");

    RampPins() {
        super(WayTraits.of("pin-ramps", Stage.BEND, Role.FINISH)
                .irreversible()
                .costs(Standard.HOURS_RAMPS)
                .does(Effect.RAMPS_PINS)
                .combinesWith(Effect.SPENDS_SADDLE, Effect.SPENDS_BRIDGE, Effect.TURNS_NECK, Effect.CUTS_HEEL)
                .mends(GateId.BREAK_ANGLE));
    }

    @Override
    public Optional<Finding> recommendedBecause(JudgmentContext context) {
        return Optional.of(RAMP_TOO.of());
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (from.protrusion().isEmpty()) {
            return not(WayFinding.FLOATING.of());
        }
        double depth = about.shop(Standard.RAMP_DEPTH);
        Turn now = new Turn(from.leastBreakAngle().orElseThrow(Expect.present("break angle")));
        if (now.angle().degrees() >= about.shop(Standard.BREAK_ANGLE_GOOD)) {
            return noNeed(from, ENOUGH.of(now));
        }
        double ramp = from.anchorage().ramp();
        if (ramp >= depth - Tolerances.LEAF) {
            return not(ALREADY.of(Quantity.length(ramp)));
        }
        Setup after = from.afterRamp(depth);
        return about.collectible()
                ? not(after, WayFinding.COLLECTIBLE_NOTHING_CUT.of())
                : can(
                        after,
                        TAKE.of(
                                Quantity.length(depth),
                                now,
                                new Turn(after.leastBreakAngle().orElseThrow(Expect.present("break angle")))),
                        ACTION_STAYS.of());
    }
}
