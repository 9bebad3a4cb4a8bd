package org.kestan.judgment.ways;

import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Turn;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.NeckRotation;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** Turning the tilt screw of a neck that has one. */
final class TiltNeck extends Way {

    private static final Finding.Kind NO_SCREW = Finding.kind("way.neck-tilt.no-screw");
    private static final Finding.Kind BACK = Finding.kind("way.neck-tilt.back", Turn.class, Said.class);
    private static final Finding.Kind FORWARD = Finding.kind("way.neck-tilt.forward", Turn.class, Said.class);

    TiltNeck() {
        super(WayTraits.of("neck-tilt", Stage.POCKET, Role.MAIN)
                .costs(Standard.HOURS_TILT)
                .does(Effect.TURNS_NECK)
                .combinesWith(Effect.SPENDS_SADDLE, Effect.FITS_FLOATING_BRIDGE, Effect.MOVES_TAILPIECE)
                .mends(GateId.ACTION, GateId.NECK_PITCH));
    }

    @Override
    public boolean fitsJoint(Job job) {
        return job.joined(Joint.TILT_SCREW);
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (!about.joined(Joint.TILT_SCREW)) {
            return not(NO_SCREW.of());
        }
        if (about.met(from)) {
            return noNeed(from, WayFinding.NECK_STAYS.of());
        }
        double rise = Sides.mean(from.crownRiseFor(about.wanted().action()));
        double crown = Sides.mean(from.crown());
        Optional<Angle> angle = new NeckRotation(
                        from.basis().jointToSaddle(), from.basis().fretsOverTop())
                .angleFor(crown, crown + rise, 0);
        if (angle.isEmpty()) {
            return not(WayFinding.OUT_OF_REACH.of());
        }
        Setup after = from.afterNeckTurned(angle.get());
        return can(
                after,
                (angle.get().radians() < 0 ? FORWARD : BACK)
                        .of(Quantity.turn(angle.get().abs()), JudgmentContext.action(after)));
    }
}
