package org.kestan.judgement.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.following.loads.Prediction;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.geometry.Angle;
import org.kestan.ground.sheet.Aim;
import org.kestan.ground.sheet.Sides;
import org.kestan.ground.standards.School;
import org.kestan.ground.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Effect;
import org.kestan.judgement.way.Way;
import org.kestan.judgement.ways.Catalogue;

/** The steps by which a recommendation is found. */
final class Recommender {

    private final Ways ways;
    private final Case about;

    Recommender(Ways ways) {
        this.ways = ways;
        about = ways.about();
    }

    Recommendation recommend() {
        List<Way> first = new ArrayList<>();
        if (about.dryOrDamp()) {
            first.add(Catalogue.CONDITION);
        }
        if (about.broken().isPresent()) {
            first.add(Catalogue.MEND_FIRST);
        }
        if (about.lifted()) {
            first.add(Catalogue.REGLUE_BRIDGE);
        }
        if (!first.isEmpty()) {
            return Recommendation.of(first, AdviceFinding.BEFORE_ANYTHING.of());
        }
        if (about.job().get(Lines.STEPS_DOWN).orElse(0) > 0) {
            return Recommendation.of(List.of(), AdviceFinding.TUNE_FIRST.of());
        }
        return about.measured()
                .map(measured -> ramped(geometry(measured), measured))
                .orElseGet(() -> Recommendation.of(List.of(), AdviceFinding.NOT_ENOUGH_YET.of()));
    }

    /** Where the strings would bend too little afterwards, ramps go with it. */
    private Recommendation ramped(Recommendation plain, Setup measured) {
        if (!about.shop().holds(School.BREAK_BY_ANGLE)
                || plain.ways().contains(Catalogue.LEAVE)
                || plain.ways().stream().anyMatch(way -> way.has(Effect.TURNS_NECK))) {
            return plain;
        }
        Setup after =
                ways.combined(plain.ways()).predicted().map(Prediction::setup).orElse(measured);
        Angle least = about.shop().angle(Standard.BREAK_ANGLE_LEAST);
        boolean poor = after.leastBreakAngle().orElse(least).compareTo(least) < 0;
        Combination all = ways.combined(with(plain.ways(), Catalogue.PIN_RAMPS));
        if (!poor || !all.possible().contains(Catalogue.PIN_RAMPS)) {
            return plain;
        }
        List<Finding> reasons = new ArrayList<>(plain.reasons());
        reasons.add(AdviceFinding.RAMP_TOO.of());
        return new Recommendation(all.ways(), reasons);
    }

    private static List<Way> with(List<Way> ways, Way more) {
        List<Way> all = new ArrayList<>(ways);
        all.add(more);
        return all;
    }

    /** Relief, then nut, then the least invasive way that reaches the rest. */
    private Recommendation geometry(Setup measured) {
        List<Way> taken = new ArrayList<>();
        for (Way light : List.of(Catalogue.TRUSS_ROD, Catalogue.NUT)) {
            // As read, and still so from where the one before leaves it: a high slot may be right once the relief is.
            if (ways.of(light).possible()
                    && ways.combined(with(taken, light)).possible().contains(light)) {
                taken.add(light);
            }
        }
        boolean met =
                taken.isEmpty() ? about.met(measured) : ways.combined(taken).reaches();
        if (met) {
            return taken.isEmpty()
                    ? Recommendation.of(List.of(Catalogue.LEAVE), AdviceFinding.ALREADY_THERE.of())
                    : Recommendation.of(taken, AdviceFinding.THAT_ALONE.of());
        }
        return withRest(taken, measured);
    }

    private Recommendation withRest(List<Way> taken, Setup measured) {
        for (Way way : List.of(Catalogue.SADDLE, Catalogue.FLOATING_BRIDGE, Catalogue.POCKET_SHIM)) {
            Optional<Recommendation> reached = reaching(taken, way, AdviceFinding.LEAST_INVASIVE);
            if (reached.isPresent()) {
                return reached.get();
            }
        }
        boolean worth = about.worth() != Case.Worth.NO;
        List<Way> order = worth
                ? List.of(Catalogue.NECK_RESET, Catalogue.HEEL_SANDING, Catalogue.SHAVE_BRIDGE, Catalogue.NEW_BRIDGE)
                : List.of(Catalogue.SHAVE_BRIDGE, Catalogue.NEW_BRIDGE, Catalogue.BACK_SLIP, Catalogue.SAW_AND_BOLT);
        for (Way way : order) {
            Optional<Recommendation> reached =
                    affordable(way) ? reaching(taken, way, reason(way, worth)) : Optional.empty();
            if (reached.isPresent()) {
                return reached.get();
            }
        }
        return nearest(taken, measured, worth);
    }

    /** Tells whether a way costs no more than the instrument is worth, as far as that is known. */
    private boolean affordable(Way way) {
        return about.worth() == Case.Worth.YES
                || about.job().get(Lines.VALUE).orElse(Double.MAX_VALUE)
                        >= ways.of(way).cost();
    }

    private AdviceFinding reason(Way way, boolean worth) {
        if (way == Catalogue.BACK_SLIP || way == Catalogue.SAW_AND_BOLT) {
            return AdviceFinding.CANT_BE_UNDONE;
        }
        if (!worth) {
            return AdviceFinding.SPENDS_BRIDGE;
        }
        if (way.has(Effect.CUTS_HEEL)) {
            return about.worth() == Case.Worth.UNKNOWN
                    ? AdviceFinding.NECK_GOES_BACK_SAY_VALUE
                    : AdviceFinding.NECK_GOES_BACK;
        }
        return AdviceFinding.BRIDGE_GIVES;
    }

    private Optional<Recommendation> reaching(List<Way> taken, Way way, AdviceFinding reason) {
        Combination all = ways.combined(with(taken, way));
        return all.possible().contains(way) && all.reaches() && leavesWhatIsAimedAt(all)
                ? Optional.of(Recommendation.of(all.ways(), reason.of()))
                : Optional.empty();
    }

    /** A job that aims at a taller saddle or floating bridge is not served by lowering it. */
    private boolean leavesWhatIsAimedAt(Combination all) {
        Setup after = all.predicted().orElseThrow().setup();
        double stands = after.protrusion().map(Sides::mean).orElse(after.supportHeight());
        Aim aim = after.protrusion().isPresent() ? Aim.SADDLE : Aim.BRIDGE_HEIGHT;
        return about.length(aim).orElse(stands) - stands <= about.shop(Standard.ACTION_REACH);
    }

    /** Nothing reaches it: whatever brings it nearest for no more than it is worth. */
    private Recommendation nearest(List<Way> taken, Setup measured, boolean worth) {
        Recommendation best = Recommendation.of(
                taken.isEmpty() ? List.of(Catalogue.LEAVE) : taken,
                (worth ? AdviceFinding.NO_WAY_REACHES : AdviceFinding.NOTHING_NEARER).of());
        double off = about.off(
                taken.isEmpty()
                        ? measured
                        : ways.combined(taken).predicted().orElseThrow().setup());
        for (Way way : List.of(
                Catalogue.SADDLE,
                Catalogue.FLOATING_BRIDGE,
                Catalogue.SHAVE_BRIDGE,
                Catalogue.POCKET_SHIM,
                Catalogue.TUNE_DOWN)) {
            Combination all = ways.combined(with(taken, way));
            if (!all.possible().contains(way)) {
                continue;
            }
            Setup after = all.predicted().orElseThrow().setup();
            if (about.off(after) < off - about.shop(Standard.ACTION_REACH) / 2) {
                off = about.off(after);
                best = Recommendation.of(
                        all.ways(),
                        (worth ? AdviceFinding.NEAREST : AdviceFinding.NEAREST_NOT_WORTH).of(Case.action(after)));
            }
        }
        return best;
    }
}
