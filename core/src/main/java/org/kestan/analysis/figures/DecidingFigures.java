package org.kestan.analysis.figures;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.kestan.analysis.figures.Figure.Kind;
import org.kestan.analysis.figures.Figure.Standing;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/** Works out the deciding figures, as measured and as planned, with their states by the shop's standards. */
public final class DecidingFigures {

    private final Job job;
    private final ShopStandards standards;
    private final Optional<Setup> measured;
    private final Optional<Setup> planned;
    private final Optional<HeelCut> heel;
    private final boolean heldBack;

    private DecidingFigures(SheetAnalysis sheetAnalysis, Planned plan) {
        job = sheetAnalysis.job();
        standards = sheetAnalysis.standards();
        measured = sheetAnalysis.measured();
        planned = plan.setup();
        heel = plan.heel();
        heldBack = plan.heldBack();
    }

    /**
     * The plan, as far as these figures are concerned.
     *
     * @param setup the setup planned, empty for none
     * @param heel the heel cut planned; empty if the neck stays, or the heel was not read
     * @param heldBack whether nothing is planned because a reading is questioned
     */
    public record Planned(Optional<Setup> setup, Optional<HeelCut> heel, boolean heldBack) {

        /** Nothing planned. */
        public static final Planned NOTHING = new Planned(Optional.empty(), Optional.empty(), false);
    }

    /** The figures of a computation, always all of them and in the same order. */
    public static List<Figure> of(SheetAnalysis sheetAnalysis, Planned plan) {
        DecidingFigures figures = new DecidingFigures(sheetAnalysis, plan);
        return List.of(
                figures.action(),
                figures.saddle(),
                figures.neckPitch(),
                figures.heelCut(),
                figures.breakAngle(),
                figures.bridge(),
                figures.nut(),
                figures.relief());
    }

    private Figure action() {
        return new Figure(
                Kind.ACTION,
                now(setup -> action(setup.action()), FigureFinding.NEEDS_NUT_ACTION_BRIDGE),
                planned.map(setup -> action(setup.action()))
                        .orElseGet(() -> Standing.unknown(
                                (heldBack ? FigureFinding.READ_AGAIN : FigureFinding.SAY_THE_ACTION).of())));
    }

    private Standing action(Sides<Double> action) {
        State state = State.UNKNOWN;
        Optional<Finding> reason = Optional.empty();
        double limit = standards.get(Standard.ACTION_OUT_OF_SPEC, job.family());
        double low = standards.get(Standard.ACTION_LOW, job.family());
        for (Side side : Side.values()) {
            double height = action.get(side);
            OptionalDouble wanted = job.millimeters(Aim.action(side));
            double over = height - wanted.orElse(standards.get(Standard.ACTION_HIGH, job.family()));
            boolean met = Math.abs(over) <= standards.get(Standard.ACTION_REACH) || (wanted.isEmpty() && over < 0);
            boolean tooLow = side == Side.BASS && height < low && !(met && wanted.isPresent());
            State here = height >= limit || tooLow ? State.STOP : met ? State.GOOD : State.MARGINAL;
            if (state.graver(here) != state) {
                reason = switch (here) {
                    case STOP ->
                        Optional.of((tooLow ? FigureFinding.TOO_LOW : FigureFinding.OUT_OF_SPEC)
                                .of(Quantity.length(tooLow ? low : limit)));
                    case MARGINAL -> Optional.of(off(over, wanted.isPresent()).of(Quantity.length(Math.abs(over))));
                    case GOOD, UNKNOWN -> Optional.empty();
                };
                state = here;
            }
        }
        return new Standing(both(action), state, reason);
    }

    private static FigureFinding off(double over, boolean target) {
        return target
                ? over > 0 ? FigureFinding.OVER_TARGET : FigureFinding.UNDER_TARGET
                : over > 0 ? FigureFinding.OVER_MEDIUM_HIGH : FigureFinding.UNDER_MEDIUM_HIGH;
    }

    private Figure saddle() {
        if (job.floating()) {
            Standing none = Standing.unknown(FigureFinding.NO_SADDLE.of());
            return new Figure(Kind.SADDLE, none, none);
        }
        return new Figure(Kind.SADDLE, now(this::protrusion, FigureFinding.READ_SADDLE), planned(this::protrusion));
    }

    private Standing protrusion(Setup setup) {
        Sides<Double> sides = setup.protrusion().orElseThrow(Expect.present("saddle protrusion"));
        double least = Math.min(sides.bass(), sides.treble());
        double stop = SaddleReserve.least(setup, standards);
        double low = standards.get(Standard.PROTRUSION_FULL);
        return least < stop
                ? new Standing(both(sides), State.STOP, Optional.of(FigureFinding.UNDER.of(Quantity.length(stop))))
                : least < low
                        ? new Standing(
                                both(sides),
                                State.MARGINAL,
                                Optional.of(FigureFinding.LOW_UNDER.of(Quantity.length(low))))
                        : new Standing(both(sides), State.GOOD, Optional.empty());
    }

    private Figure neckPitch() {
        return new Figure(Kind.NECK_PITCH, follows(this::pitch), planned(this::pitch));
    }

    private Standing pitch(Setup setup) {
        return setup.pitch().map(this::pitch).orElseGet(() -> Standing.unknown(FigureFinding.READ_FRETS_OVER_TOP.of()));
    }

    private Standing pitch(Angle pitch) {
        Quantity turn = Quantity.turn(pitch);
        if (Math.abs(pitch.degrees()) <= standards.get(Standard.PITCH_ZERO)) {
            return Standing.of(State.MARGINAL, FigureFinding.ABOUT_ZERO.of(), turn);
        }
        return pitch.radians() > 0
                ? Standing.of(State.GOOD, FigureFinding.SET_BACK.of(), turn)
                : Standing.of(State.STOP, FigureFinding.LEANS_FORWARD.of(), turn);
    }

    private Figure heelCut() {
        return new Figure(Kind.HEEL_CUT, Standing.of(State.UNKNOWN), planned(this::cut));
    }

    private Standing cut(Setup plan) {
        return heel.map(this::cut)
                .orElseGet(() -> plan.rotation().radians() == 0
                        ? Standing.of(State.GOOD, FigureFinding.NECK_STAYS.of())
                        : Standing.unknown(FigureFinding.READ_HEEL.of()));
    }

    private Standing cut(HeelCut heel) {
        Quantity cap = Quantity.fine(heel.atCap());
        if (Math.abs(heel.atCap()) <= standards.get(Standard.CUT_NONE)) {
            return Standing.of(State.GOOD, FigureFinding.NECK_CAN_STAY.of(), cap);
        }
        return heel.atCap() > 0
                ? Standing.of(State.MARGINAL, FigureFinding.NECK_GOES_BACK.of(), cap)
                : Standing.of(State.STOP, FigureFinding.NECK_COMES_FORWARD.of(), cap);
    }

    private Figure breakAngle() {
        return new Figure(Kind.BREAK_ANGLE, follows(this::breakAngle), planned(this::breakAngle));
    }

    /** Least break angle of the outer strings (§3.14). */
    private Standing breakAngle(Setup setup) {
        Optional<Angle> least = setup.leastBreakAngle();
        if (least.isEmpty()) {
            return Standing.unknown(FigureFinding.READ_TAILPIECE.of());
        }
        double degrees = least.get().degrees();
        State state = degrees < standards.get(Standard.BREAK_ANGLE_LEAST)
                ? State.STOP
                : degrees < standards.get(Standard.BREAK_ANGLE_GOOD) ? State.MARGINAL : State.GOOD;
        boolean assumedPins =
                setup.protrusion().isPresent() && setup.anchorage().pinDistanceAssumed();
        Optional<Finding> reason = assumedPins
                ? Optional.of(FigureFinding.PIN_DISTANCE_ASSUMED.of())
                : state == State.GOOD
                        ? Optional.empty()
                        : Optional.of(
                                FigureFinding.GOOD_FROM.of(Quantity.turn(standards.angle(Standard.BREAK_ANGLE_GOOD))));
        return new Standing(List.of(Quantity.turn(least.get())), state, reason);
    }

    private Figure bridge() {
        return job.floating()
                ? new Figure(
                        Kind.BRIDGE,
                        now(setup -> floating(setup.supportHeight()), FigureFinding.READ_BRIDGE_HEIGHT),
                        planned(setup -> floating(setup.supportHeight())))
                : new Figure(
                        Kind.BRIDGE,
                        now(
                                setup -> thickness(
                                        setup.bridgeThickness().orElseThrow(Expect.present("bridge thickness"))),
                                FigureFinding.READ_BRIDGE_THICKNESS),
                        planned(setup ->
                                thickness(setup.bridgeThickness().orElseThrow(Expect.present("bridge thickness")))));
    }

    private Figure nut() {
        return new Figure(Kind.NUT, now(this::nut, FigureFinding.READ_NUT), planned(this::nut));
    }

    private Standing nut(Setup setup) {
        Sides<Double> over = setup.nut();
        double low = standards.get(Standard.NUT_LOW, job.family());
        double high = standards.get(Standard.NUT_HIGH, job.family());
        List<Quantity> both = List.of(Quantity.fine(over.bass()), Quantity.fine(over.treble()));
        if (Math.min(over.bass(), over.treble()) < low) {
            return new Standing(both, State.STOP, Optional.of(FigureFinding.SLOT_LOW.of(Quantity.fine(low))));
        }
        return Math.max(over.bass(), over.treble()) > high
                ? new Standing(both, State.MARGINAL, Optional.of(FigureFinding.SLOT_HIGH.of(Quantity.fine(high))))
                : new Standing(both, State.GOOD, Optional.empty());
    }

    private Figure relief() {
        return new Figure(Kind.RELIEF, now(this::relief, FigureFinding.READ_RELIEF), planned(this::relief));
    }

    private Standing relief(Setup setup) {
        double gap = setup.neck().middle().gap(setup.basis().reliefPlace());
        double least = standards.get(Standard.RELIEF_LEAST);
        double most = standards.get(Standard.RELIEF_MOST);
        boolean within = gap >= least - Tolerances.ARITHMETIC && gap <= most + Tolerances.ARITHMETIC;
        return within
                ? Standing.of(State.GOOD, Quantity.fine(gap))
                : Standing.of(
                        State.MARGINAL,
                        FigureFinding.WANTED_BETWEEN.of(Quantity.fine(least), Quantity.fine(most)),
                        Quantity.fine(gap));
    }

    private static Standing floating(double height) {
        return Standing.of(State.UNKNOWN, FigureFinding.TOP_TO_CROWN.of(), Quantity.length(height));
    }

    private Standing thickness(double thickness) {
        double cut = standards.get(Standard.BRIDGE_CUT);
        double thin = standards.bridgeThin(job.text(Lines.BODY));
        Quantity length = Quantity.length(thickness);
        if (thickness < cut) {
            return Standing.of(State.STOP, FigureFinding.BRIDGE_CUT.of(Quantity.length(cut)), length);
        }
        return thickness < thin
                ? Standing.of(State.MARGINAL, FigureFinding.BRIDGE_THIN.of(Quantity.length(thin)), length)
                : Standing.of(State.GOOD, length);
    }

    private Standing now(Function<Setup, Standing> work, FigureFinding otherwise) {
        return measured.map(work).orElseGet(() -> Standing.unknown(otherwise.of()));
    }

    /** Figures that follow from several readings are withheld while one of those is in question. */
    private Standing follows(Function<Setup, Standing> work) {
        return heldBack
                ? Standing.unknown(FigureFinding.READ_AGAIN.of())
                : now(work, FigureFinding.NEEDS_ACTION_BRIDGE);
    }

    private Standing planned(Function<Setup, Standing> work) {
        return planned.map(work)
                .orElseGet(
                        () -> heldBack ? Standing.unknown(FigureFinding.READ_AGAIN.of()) : Standing.of(State.UNKNOWN));
    }

    private static List<Quantity> both(Sides<Double> sides) {
        return List.of(Quantity.length(sides.bass()), Quantity.length(sides.treble()));
    }
}
