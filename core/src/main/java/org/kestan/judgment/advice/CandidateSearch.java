package org.kestan.judgment.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.RodAdjustment;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;

/** Tries every sensible sequence of ways on an instrument, each step from the state the one before leaves (§6). */
final class CandidateSearch {

    /** What may follow relief and nut. */
    private static final List<List<Way>> MAINS = List.of(
            List.of(),
            List.of(WayCatalog.SADDLE),
            List.of(WayCatalog.SADDLE, WayCatalog.PIN_RAMPS),
            List.of(WayCatalog.SHAVE_BRIDGE),
            List.of(WayCatalog.SHAVE_BRIDGE, WayCatalog.PIN_RAMPS),
            List.of(WayCatalog.FLOATING_BRIDGE),
            List.of(WayCatalog.POCKET_SHIM),
            List.of(WayCatalog.POCKET_SHIM, WayCatalog.SADDLE),
            List.of(WayCatalog.POCKET_SHIM, WayCatalog.FLOATING_BRIDGE),
            List.of(WayCatalog.HEEL_SANDING),
            List.of(WayCatalog.HEEL_SANDING, WayCatalog.PIN_RAMPS),
            List.of(WayCatalog.HEEL_SANDING, WayCatalog.NEW_BRIDGE),
            List.of(WayCatalog.NECK_RESET),
            List.of(WayCatalog.NECK_RESET, WayCatalog.PIN_RAMPS),
            List.of(WayCatalog.NECK_RESET, WayCatalog.NEW_BRIDGE),
            List.of(WayCatalog.BACK_SLIP),
            List.of(WayCatalog.SAW_AND_BOLT));

    private final Ways ways;
    private final JudgmentContext about;
    private final Setup measured;
    private final List<Way> lights;

    private CandidateSearch(Ways ways, Setup measured) {
        this.ways = ways;
        this.about = ways.about();
        this.measured = measured;
        this.lights = lights();
    }

    /** All that were tried: those that do something, and leaving it. */
    static List<Candidate> of(Ways ways, Setup measured) {
        return new CandidateSearch(ways, measured).all();
    }

    /** Relief and nut where they have to be set, or where they are asked for and the action is wrong anyway. */
    private List<Way> lights() {
        boolean met = about.met(measured);
        List<Way> taken = new ArrayList<>();
        for (Way light : List.of(WayCatalog.TRUSS_ROD, WayCatalog.NUT)) {
            boolean wanted = light == WayCatalog.TRUSS_ROD ? rodWanted(met) : nutWanted(met);
            // As read, and still so from where the one before leaves it: a high slot may be right once the relief is.
            if (wanted
                    && ways.of(light).possible()
                    && ways.combined(with(taken, List.of(light))).possible().contains(light)) {
                taken.add(light);
            }
        }
        return taken;
    }

    /** A relief inside the window is not turned only because the target names another figure (§6). */
    private boolean rodWanted(boolean met) {
        RodAdjustment rod = RodAdjustment.at(measured.reliefGap(), about.job(), about.shop());
        return met ? !rod.inWindow() : rod.needed();
    }

    private boolean nutWanted(boolean met) {
        double low = about.shop().get(Standard.NUT_LOW, about.job().family());
        double high = about.shop().get(Standard.NUT_HIGH, about.job().family());
        Sides<Double> nut = measured.nut();
        boolean right = Stream.of(nut.bass(), nut.treble()).allMatch(each -> each >= low && each <= high);
        return !met || !right;
    }

    private List<Candidate> all() {
        List<Candidate> all = new ArrayList<>();
        for (List<Way> main : mains()) {
            tried(main, lights).ifPresent(all::add);
        }
        return all;
    }

    private Stream<List<Way>> tallerBridge() {
        return about.tooLow(measured) ? Stream.of(List.of(WayCatalog.NEW_BRIDGE)) : Stream.empty();
    }

    /** A loose dovetail leaves only what takes the neck off; a bridge is made taller only for strings that are too low. */
    private List<List<Way>> mains() {
        return Stream.concat(MAINS.stream(), tallerBridge())
                .filter(main -> !about.looseDovetail() || main.stream().anyMatch(way -> way.has(Effect.CUTS_HEEL)))
                .toList();
    }

    /** One sequence; empty when a step of it has nothing to do, so that it is another one. */
    private Optional<Candidate> tried(List<Way> main, List<Way> before) {
        List<Way> sequence = with(before, main);
        if (sequence.isEmpty()) {
            return Optional.of(candidate(main, ways.combined(List.of(WayCatalog.LEAVE))));
        }
        Combination combined = ways.combined(sequence);
        boolean idle = combined.steps().stream().anyMatch(step -> step.fit() == Suitability.NO_NEED);
        return idle ? Optional.empty() : Optional.of(candidate(main, combined));
    }

    private Candidate candidate(List<Way> main, Combination combined) {
        Setup after = combined.predicted().map(StrungSetup::setup).orElse(measured);
        return new Candidate(
                main,
                combined,
                Candidate.refusal(combined),
                leftAtStop(after),
                combined.reaches(),
                leavesWhatIsAimedAt(after),
                affordable(combined),
                about.off(after),
                left(after));
    }

    /** Tells whether it costs no more than the instrument is worth, as far as that is known. */
    private boolean affordable(Combination combined) {
        return about.collectible() || about.job().get(Lines.VALUE).orElse(Double.MAX_VALUE) >= combined.cost();
    }

    /** The first gate a set-up leaves at stop: saddle under the least or over the most, bend, a bridge that was cut. */
    private Optional<GateId> leftAtStop(Setup after) {
        if (after.protrusion().isPresent()) {
            Sides<Double> out = after.protrusion().get();
            double lowest = Math.min(out.bass(), out.treble());
            double tallest = Math.max(out.bass(), out.treble());
            if (lowest < about.least() - Tolerances.LEAF || tallest > about.most() + Tolerances.LEAF) {
                return Optional.of(GateId.SADDLE);
            }
        }
        Angle least = about.shop().angle(Standard.BREAK_ANGLE_LEAST);
        if (about.shop().holds(School.BREAK_BY_ANGLE)
                && after.leastBreakAngle().orElse(least).compareTo(least) < 0) {
            return Optional.of(GateId.BREAK_ANGLE);
        }
        OptionalDouble thickness = after.bridgeThickness();
        return thickness.isPresent() && thickness.getAsDouble() < about.shop(Standard.BRIDGE_CUT)
                ? Optional.of(GateId.BRIDGE)
                : Optional.empty();
    }

    /** A job that aims at a taller saddle or bridge is not served by lowering it. */
    private boolean leavesWhatIsAimedAt(Setup after) {
        double stands = after.protrusion().map(Sides::mean).orElse(after.supportHeight());
        Aim aim = after.protrusion().isPresent() ? Aim.SADDLE : Aim.BRIDGE_HEIGHT;
        double reach = about.shop(Standard.ACTION_REACH);
        double thickness = after.bridgeThickness().orElse(0);
        return about.length(aim).orElse(stands) - stands <= reach
                && (after.bridgeThickness().isEmpty()
                        || about.length(Aim.BRIDGE_THICKNESS).orElse(thickness) - thickness <= reach);
    }

    private double left(Setup after) {
        return after.protrusion()
                .map(out -> Math.min(out.bass(), out.treble())
                        - about.least()
                        + after.bridgeThickness().orElse(0)
                        - about.thin())
                .orElse(0.0);
    }

    private static List<Way> with(List<Way> ways, List<Way> more) {
        return Stream.concat(ways.stream(), more.stream()).toList();
    }
}
