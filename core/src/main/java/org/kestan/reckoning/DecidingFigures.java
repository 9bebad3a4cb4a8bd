package org.kestan.reckoning;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.kestan.correction.Correction;
import org.kestan.geometry.HeelCut;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Figure.Kind;
import org.kestan.reckoning.Figure.Standing;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.kestan.trajectory.Trajectory;

/** Works out the figures that decide, as measured and as planned, with their states against the shop's standards. */
public final class DecidingFigures {

    private final Reckoning reckoning;
    private final ShopStandards standards;
    private final BenchUnit unit;

    private final Optional<Setup> planned;
    private final Optional<HeelCut> heel;

    private DecidingFigures(Reckoning reckoning, Optional<Setup> planned, Optional<HeelCut> heel, BenchUnit unit) {
        this.reckoning = reckoning;
        this.planned = planned;
        this.heel = heel;
        this.standards = reckoning.standards();
        this.unit = unit;
    }

    /**
     * The figures of a reckoning whose plan is its target, always all of them and in the same order.
     *
     * @param unit the unit that reasons name lengths in
     */
    public static List<Figure> of(Reckoning reckoning, BenchUnit unit) {
        return of(
                reckoning,
                reckoning.correction().map(Correction::planned),
                reckoning.correction().flatMap(Correction::heel),
                unit);
    }

    /**
     * The figures of a reckoning, always all of them and in the same order.
     *
     * @param planned the set-up planned, empty for none
     * @param heel the heel cut planned; empty when the neck stays, or the heel was not read
     * @param unit the unit that reasons name lengths in
     */
    public static List<Figure> of(
            Reckoning reckoning, Optional<Setup> planned, Optional<HeelCut> heel, BenchUnit unit) {
        DecidingFigures figures = new DecidingFigures(reckoning, planned, heel, unit);
        return List.of(
                figures.action(),
                figures.saddle(),
                figures.neckPitch(),
                figures.heelCut(),
                figures.breakAngle(),
                figures.bridge());
    }

    private Figure action() {
        String need = "needs nut, action and the bridge";
        return new Figure(
                Kind.ACTION,
                now(known -> action(known.basis().action()), need),
                planned(plan -> action(plan.action()), "say the action wanted"));
    }

    private Standing action(Sides<Double> action) {
        State state = State.UNKNOWN;
        String reason = "";
        for (Side side : Side.values()) {
            double height = action.get(side);
            OptionalDouble wanted =
                    reckoning.job().target().millimetres(side == Side.BASS ? Aim.ACTION_BASS : Aim.ACTION_TREBLE);
            double over = height - wanted.orElse(standards.get(Standard.ACTION_HIGH));
            State here = height >= standards.get(Standard.ACTION_OUT_OF_SPEC)
                    ? State.STOP
                    : Math.abs(over) <= standards.get(Standard.ACTION_REACH) || (wanted.isEmpty() && over < 0)
                            ? State.GOOD
                            : State.MARGINAL;
            if (state.graver(here) != state) {
                reason = switch (here) {
                    case STOP -> "out of spec from " + unit.format(standards.get(Standard.ACTION_OUT_OF_SPEC));
                    case MARGINAL ->
                        unit.format(Math.abs(over))
                                + (over > 0 ? " over" : " under")
                                + (wanted.isPresent() ? " the target" : " medium-high");
                    default -> "";
                };
                state = here;
            }
        }
        return new Standing(both(action), state, reason);
    }

    private Figure saddle() {
        if (reckoning.job().fitting() == Fitting.FLOATING_BRIDGE) {
            Standing none = Standing.unknown("no saddle of its own: see the bridge");
            return new Figure(Kind.SADDLE, none, none);
        }
        return new Figure(
                Kind.SADDLE,
                now(known -> protrusion(known.basis().protrusion()), "read the saddle"),
                planned(plan -> protrusion(plan.protrusion()), ""));
    }

    private Standing protrusion(Optional<Sides<Double>> sides) {
        if (sides.isEmpty()) {
            return Standing.unknown("read the saddle");
        }
        double least = Math.min(sides.get().bass(), sides.get().treble());
        State state = least < standards.get(Standard.PROTRUSION_LEAST)
                ? State.STOP
                : least < standards.get(Standard.PROTRUSION_FULL) ? State.MARGINAL : State.GOOD;
        String reason =
                switch (state) {
                    case STOP -> "under " + unit.format(standards.get(Standard.PROTRUSION_LEAST));
                    case MARGINAL -> "low: under " + unit.format(standards.get(Standard.PROTRUSION_FULL));
                    default -> "";
                };
        return new Standing(both(sides.get()), state, reason);
    }

    private Figure neckPitch() {
        return new Figure(
                Kind.NECK_PITCH,
                now(known -> pitch(known.pitch()), "needs the action and the bridge"),
                planned(plan -> pitch(plan.pitch()), ""));
    }

    private Standing pitch(double radians) {
        double degrees = Math.toDegrees(radians);
        if (Math.abs(degrees) <= standards.get(Standard.PITCH_ZERO)) {
            return new Standing(List.of(radians), State.MARGINAL, "about zero");
        }
        return degrees > 0
                ? new Standing(List.of(radians), State.GOOD, "set back")
                : new Standing(List.of(radians), State.STOP, "leans forward");
    }

    private Figure heelCut() {
        return new Figure(Kind.HEEL_CUT, new Standing(List.of(), State.UNKNOWN, ""), planned(this::cut, ""));
    }

    private Standing cut(Setup plan) {
        return heel.map(this::cut)
                .orElseGet(() -> plan.rotation() == 0
                        ? new Standing(List.of(), State.GOOD, "the neck stays")
                        : Standing.unknown("read the heel height"));
    }

    private Standing cut(HeelCut heel) {
        double cap = heel.atCap();
        if (Math.abs(cap) <= standards.get(Standard.CUT_NONE)) {
            return new Standing(List.of(cap), State.GOOD, "the neck can stay");
        }
        return cap > 0
                ? new Standing(List.of(cap), State.MARGINAL, "the neck goes back")
                : new Standing(List.of(cap), State.STOP, "the neck would come forward");
    }

    private Figure breakAngle() {
        return new Figure(
                Kind.BREAK_ANGLE,
                now(
                        known ->
                                breakAngle(Setup.measured(known, reckoning.job().survey(), standards)),
                        "needs the action and the bridge"),
                planned(plan -> breakAngle(plan), ""));
    }

    /** Least break angle of the outer strings (§3.14). */
    private Standing breakAngle(Setup setup) {
        OptionalDouble least = setup.leastBreakAngle();
        if (least.isEmpty()) {
            return Standing.unknown("read the tailpiece");
        }
        boolean assumedPins =
                setup.protrusion().isPresent() && setup.anchorage().pinDistanceAssumed();
        double angle = least.getAsDouble();
        double degrees = Math.toDegrees(angle);
        State state = degrees < standards.get(Standard.BREAK_ANGLE_LEAST)
                ? State.STOP
                : degrees < standards.get(Standard.BREAK_ANGLE_GOOD) ? State.MARGINAL : State.GOOD;
        String reason = assumedPins
                ? "pin distance assumed"
                : state == State.GOOD
                        ? ""
                        : "good from " + Math.round(standards.get(Standard.BREAK_ANGLE_GOOD)) + "\u00b0";
        return new Standing(List.of(angle), state, reason);
    }

    private Figure bridge() {
        if (reckoning.job().fitting() == Fitting.FLOATING_BRIDGE) {
            return new Figure(
                    Kind.BRIDGE,
                    now(known -> floating(known.basis().supportHeight()), "read the bridge height"),
                    planned(plan -> floating(plan.supportHeight()), ""));
        }
        return new Figure(
                Kind.BRIDGE,
                now(known -> thickness(known.basis().bridgeThickness()), "read the bridge thickness"),
                planned(plan -> thickness(plan.bridgeThickness()), ""));
    }

    private static Standing floating(double height) {
        return new Standing(List.of(height), State.UNKNOWN, "height, top to crown");
    }

    private Standing thickness(OptionalDouble thickness) {
        if (thickness.isEmpty()) {
            return Standing.unknown("read the bridge thickness");
        }
        double value = thickness.getAsDouble();
        if (value < standards.get(Standard.BRIDGE_CUT)) {
            return new Standing(
                    List.of(value),
                    State.STOP,
                    "has been cut: under " + unit.format(standards.get(Standard.BRIDGE_CUT)));
        }
        return value < standards.bridgeThin(reckoning.job().instrument().body())
                ? new Standing(
                        List.of(value),
                        State.MARGINAL,
                        "thin: under "
                                + unit.format(standards.bridgeThin(
                                        reckoning.job().instrument().body())))
                : new Standing(List.of(value), State.GOOD, "");
    }

    private Standing now(Function<Trajectory, Standing> work, String otherwise) {
        return reckoning.trajectory().map(work).orElseGet(() -> Standing.unknown(otherwise));
    }

    private Standing planned(Function<Setup, Standing> work, String otherwise) {
        return planned.map(work).orElseGet(() -> Standing.unknown(otherwise));
    }

    private static List<Double> both(Sides<Double> sides) {
        return List.of(sides.bass(), sides.treble());
    }
}
