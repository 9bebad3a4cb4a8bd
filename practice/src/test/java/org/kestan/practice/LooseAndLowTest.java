package org.kestan.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.practice.hints.NextWork;
import org.kestan.practice.reckoning.FaultCheck;
import org.kestan.practice.reckoning.ReadingCheck;
import org.kestan.practice.reckoning.Reckoning;
import org.kestan.practice.reckoning.Slip;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.practice.work.Mishap;
import org.kestan.practice.work.Operation;
import org.kestan.practice.work.Refusal;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.tools.Frame;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SheetReader;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Loose parts, strings below pitch, the tools that find them, and the work that fixes them. */
public class LooseAndLowTest {

    private static final Placement ACTION = new Placement(Spot.OVER_FRET, 12, Side.TREBLE);
    private static final Sides<Double> NOTHING = Sides.of(side -> 0.0);

    private static PracticeCase first(Level level, PracticeFamily kind, Predicate<PracticeCase> like) {
        return LongStream.range(0, 2000)
                .mapToObj(seed -> CaseGenerator.of(seed, level, kind))
                .filter(like)
                .findFirst()
                .orElseThrow();
    }

    private static PracticeCase with(InstrumentFault fault) {
        return first(
                Level.EASY, PracticeFamily.FLAT_TOP, given -> given.faults().contains(fault));
    }

    private static double shown(PracticeRun run, SimulatedTool tool, Spot spot, int fret, Side side) {
        return run.measure(tool, new Placement(spot, fret, side)).shown().orElseThrow();
    }

    private static PracticeRun done(PracticeRun run, Operation operation, double... amount) {
        Sides<Double> of = new Sides<>(amount.length > 0 ? amount[0] : 0.0, amount.length > 1 ? amount[1] : 0.0);
        PracticeRun.Step step = run.work(operation, of);
        assertThat(step.refused()).as(operation.key()).isEmpty();
        return step.run();
    }

    /** An instrument that comes in tuned down reads too low until it is tuned; the slip has a name. */
    @Test
    public void belowPitchItReadsTooLow() {
        PracticeCase given = first(
                Level.MEDIUM,
                PracticeFamily.FLAT_TOP,
                each -> each.lowered() == 2 && each.faults().contains(InstrumentFault.LOOSE_BRACE));
        PracticeRun run = PracticeRun.of(given);
        assertThat(run.state().atPitch()).isFalse();
        assertThat(shown(run, SimulatedTool.TUNER, Spot.OPEN_STRING, 0, Side.BASS))
                .isCloseTo(2, within(0.06));
        double low = ACTION.truth(run.state().shape());
        PracticeRun tuned = done(run, Operation.TUNE);
        assertThat(shown(tuned, SimulatedTool.TUNER, Spot.OPEN_STRING, 0, Side.BASS))
                .isCloseTo(0, within(0.06));
        double atPitch = ACTION.truth(tuned.state().shape());
        assertThat(atPitch).isGreaterThan(low);
        Placement straightedge = new Placement(Spot.PROJECTION, 0, Side.BASS);
        double read = straightedge.truth(run.state().shape());
        Job sheet = SheetReader.truth(given).with(Reading.PROJECTION_STRUNG, Length.toMicrometer(read));
        ReadingCheck check = ReadingCheck.all(sheet, given).stream()
                .filter(each -> each.line() == Reading.PROJECTION_STRUNG)
                .findFirst()
                .orElseThrow();
        assertThat(check.isGood()).isFalse();
        assertThat(check.slip()).contains(Slip.BELOW_PITCH);
        // If the sheet says so it is no slip.
        assertThat(ReadingCheck.all(sheet.with(Lines.STEPS_DOWN, 2), given))
                .filteredOn(each -> each.line() == Reading.PROJECTION_STRUNG)
                .allMatch(ReadingCheck::isGood);
    }

    @Test
    public void aCaseOfTheFirstLevelComesInAtPitch() {
        assertThat(LongStream.range(0, 60).mapToObj(seed -> CaseGenerator.of(seed, Level.EASY, PracticeFamily.ARCHTOP)))
                .allMatch(given -> given.lowered() == 0);
        long lowered = LongStream.range(0, 150)
                .mapToObj(seed -> CaseGenerator.of(seed, Level.HARD, PracticeFamily.ARCHTOP))
                .filter(given -> given.lowered() > 0)
                .count();
        assertThat(lowered).isBetween(15L, 45L);
    }

    /** A mirror finds a loose brace; once it is glued, the body gives less and the action comes down. */
    @Test
    public void aLooseBraceIsFoundAndGlued() {
        PracticeCase given = with(InstrumentFault.LOOSE_BRACE);
        PracticeRun run = PracticeRun.of(given);
        assertThat(shown(run, SimulatedTool.MIRROR, Spot.BRACES, 0, Side.BASS)).isEqualTo(1);
        double before = ACTION.truth(run.state().shape());
        assertThat(run.work(Operation.GLUE_BRACE, NOTHING).refused()).contains(Refusal.STRINGS_UP);
        PracticeRun mended = done(done(done(run, Operation.SLACKEN), Operation.GLUE_BRACE), Operation.TUNE);
        assertThat(shown(mended, SimulatedTool.MIRROR, Spot.BRACES, 0, Side.BASS))
                .isZero();
        assertThat(ACTION.truth(mended.state().shape())).isLessThan(before);
        assertThat(FaultCheck.left(given, given.instrument())).contains(InstrumentFault.LOOSE_BRACE);
        assertThat(FaultCheck.left(given, mended.state().instrument())).doesNotContain(InstrumentFault.LOOSE_BRACE);
        assertThat(SheetReader.truth(given).visit().observations()).hasSize(1);
    }

    /**
     * A feeler leaf goes under a bridge that came loose, farther when the strings pull; under a reglued one none does.
     */
    @Test
    public void aLiftedBridgeIsFoundAndGlued() {
        PracticeCase given = with(InstrumentFault.BRIDGE_LIFTED);
        PracticeRun run = PracticeRun.of(given);
        Placement back = new Placement(Spot.BRIDGE_BACK, 0, Side.BASS);
        double gap = back.truth(run.state().shape());
        assertThat(gap).isBetween(0.25, 0.7);
        assertThat(shown(run, SimulatedTool.FEELER, Spot.BRIDGE_BACK, 0, Side.BASS))
                .isCloseTo(gap, within(0.06));
        assertThat(shown(run, SimulatedTool.MIRROR, Spot.BRIDGE_BACK, 0, Side.BASS))
                .isEqualTo(1);
        PracticeRun slack = done(run, Operation.SLACKEN);
        assertThat(back.truth(slack.state().shape())).isLessThan(gap / 2);
        PracticeRun mended = done(done(slack, Operation.REGLUE_BRIDGE), Operation.TUNE);
        assertThat(back.truth(mended.state().shape())).isZero();
        assertThat(mended.state().waited()).isEqualTo(run.state().waited() + 12);
    }

    /**
     * Pressing a string in its middle takes four times its pull times the depth divided by its length (a point load on
     * a string).
     */
    @Test
    public void theForceThatPressesAString() {
        PracticeRun run = PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP));
        var instrument = run.state().instrument();
        Frame frame = new Frame(instrument);
        double pull = Equilibrium.pulls(instrument, 0).get(0);
        double depth = frame.over(run.state().shape(), 12, Side.BASS);
        assertThat(new Placement(Spot.PRESSED_STRING, 12, Side.BASS)
                        .truth(run.state().shape()))
                .isCloseTo(4 * pull * depth / instrument.saddleAt(), within(0.01));
    }

    /** The wood under the frets bends as far as the crowns do, except for what the crowns themselves are off. */
    @Test
    public void aNotchedStraightedgeDoesNotMindTheFrets() {
        PracticeCase given = with(InstrumentFault.WORN_FRETS);
        PracticeRun run = PracticeRun.of(given);
        double gap = new Frame(given.instrument()).relief(run.state().shape());
        double wood = new Placement(Spot.BOARD, 0, Side.BASS).truth(run.state().shape());
        PracticeRun even = done(done(done(run, Operation.SLACKEN), Operation.REFRET), Operation.TUNE);
        assertThat(new Placement(Spot.BOARD, 0, Side.BASS).truth(even.state().shape()))
                .isCloseTo(wood, within(0.001));
        assertThat(new Frame(even.state().instrument()).relief(even.state().shape()))
                .isNotCloseTo(gap, within(0.003));
    }

    @Test
    public void anAngleGaugeReadsTheSetOfTheNeck() {
        PracticeRun run = PracticeRun.of(with(InstrumentFault.NECK_FORWARD));
        double angle =
                new Placement(Spot.NECK_ANGLE, 0, Side.BASS).truth(run.state().shape());
        assertThat(angle)
                .isCloseTo(Math.toDegrees(run.state().shape().pitch()), within(1e-9))
                .isLessThan(0.8);
        assertThat(shown(run, SimulatedTool.ANGLE_GAUGE, Spot.NECK_ANGLE, 0, Side.BASS))
                .isCloseTo(angle, within(0.3));
    }

    @Test
    public void aHygrometerShowsWhatTheTopHasKnown() {
        PracticeRun run = PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP));
        Placement air = new Placement(Spot.AIR, 0, Side.BASS);
        double before = air.truth(run.state().shape());
        assertThat(before).isBetween(30.0, 64.0);
        PracticeRun rested = done(run, Operation.CONDITION, 20);
        assertThat(Math.abs(air.truth(rested.state().shape()) - 47)).isLessThanOrEqualTo(Math.abs(before - 47));
    }

    @DataProvider
    public Object[][] joints() {
        return new Object[][] {
            {PracticeFamily.FLAT_TOP, true, true, false, false},
            {PracticeFamily.FLAT_TOP, false, true, true, false},
            {PracticeFamily.FLAT_TOP, true, false, false, true},
            {PracticeFamily.BOLT_ON, true, false, false, false},
        };
    }

    /** Not scored, the finish chips; not shimmed at the tail, a dovetail is loose. Bolts need no shims. */
    @Test(dataProvider = "joints")
    public void whatWasSkippedAtTheJointIsPaidFor(
            PracticeFamily kind, boolean scored, boolean shimmed, boolean chips, boolean loose) {
        PracticeRun run = done(PracticeRun.of(CaseGenerator.of(3, Level.EASY, kind)), Operation.SLACKEN);
        if (scored) {
            run = done(run, Operation.SCORE);
        }
        run = done(done(run, Operation.FREE_NECK, 9), Operation.SAND_HEEL, 20, 20);
        if (shimmed) {
            run = done(run, Operation.SHIM_TAIL);
        }
        run = done(run, Operation.FIX_NECK);
        assertThat(run.state().mishaps().contains(Mishap.FINISH_CHIPPED)).isEqualTo(chips);
        assertThat(run.state().mishaps().contains(Mishap.TAIL_LOOSE)).isEqualTo(loose);
    }

    /** With the neck off nothing can be read on it; dry-fitted it can, until the next cut. */
    @Test
    public void aNeckIsReadInItsJoint() {
        PracticeRun run = done(
                done(PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP)), Operation.SLACKEN),
                Operation.SCORE);
        Placement straightedge = new Placement(Spot.PROJECTION, 0, Side.BASS);
        assertThat(run.work(Operation.DRY_FIT, NOTHING).refused()).contains(Refusal.NECK_ON);
        PracticeRun off = done(run, Operation.FREE_NECK, 9);
        assertThat(off.measure(SimulatedTool.STRAIGHTEDGE, straightedge).refused())
                .contains(Refusal.NOT_IN_JOINT);
        PracticeRun dry = done(off, Operation.DRY_FIT);
        assertThat(dry.measure(SimulatedTool.STRAIGHTEDGE, straightedge).refused())
                .isEmpty();
        assertThat(dry.work(Operation.TUNE, NOTHING).refused()).contains(Refusal.NECK_OFF);
        PracticeRun sanded = done(dry, Operation.SAND_HEEL, 10, 10);
        assertThat(sanded.measure(SimulatedTool.STRAIGHTEDGE, straightedge).refused())
                .contains(Refusal.NOT_IN_JOINT);
    }

    /** A neck set back leaves the end of its board behind; a wedge lifts it. */
    @Test
    public void aNeckThatIsSetBackWantsAWedge() {
        PracticeRun run = done(
                done(PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP)), Operation.SLACKEN),
                Operation.SCORE);
        PracticeRun sanded = done(done(run, Operation.FREE_NECK, 9), Operation.SAND_HEEL, 40, 40);
        PracticeRun shimmed = done(done(sanded, Operation.SAND_HEEL, 30, 30), Operation.SHIM_TAIL);
        assertThat(done(shimmed, Operation.FIX_NECK).state().mishaps()).containsExactly(Mishap.BOARD_DROPS);
        PracticeRun wedged = done(shimmed, Operation.WEDGE, 1.2);
        assertThat(done(wedged, Operation.FIX_NECK).state().mishaps()).isEmpty();
        Placement fall = new Placement(Spot.FALL_AWAY, 0, Side.BASS);
        assertThat(fall.truth(wedged.state().shape()))
                .isLessThan(fall.truth(shimmed.state().shape()) - 1.1);
    }

    @Test
    public void rampsTailpieceAndStringsDoWhatTheySay() {
        PracticeRun pins =
                done(PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP)), Operation.SLACKEN);
        Placement ramp = new Placement(Spot.RAMP, 0, Side.BASS);
        double before = ramp.truth(pins.state().shape());
        assertThat(ramp.truth(done(pins, Operation.RAMP_PINS, 1.5).state().shape()))
                .isCloseTo(before + 1.5, within(1e-9));
        assertThat(pins.work(Operation.MOVE_TAILPIECE, NOTHING).refused()).contains(Refusal.NO_SUCH_PART);
        PracticeRun archtop =
                done(PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.ARCHTOP)), Operation.SLACKEN);
        double high = archtop.state().instrument().bridge().endHeight();
        assertThat(done(archtop, Operation.MOVE_TAILPIECE, -4)
                        .state()
                        .instrument()
                        .bridge()
                        .endHeight())
                .isCloseTo(high - 4, within(1e-9));
        // A string's pull is proportional to the square of its thickness (Mersenne).
        double pull = Equilibrium.pulls(pins.state().instrument(), 0).get(5);
        PracticeRun lighter = done(pins, Operation.CHANGE_STRINGS, -10);
        assertThat(Equilibrium.pulls(lighter.state().instrument(), 0).get(5))
                .isCloseTo(pull * 0.81, within(pull * 0.01));
    }

    /** The last resorts do what they are meant to, each in its way. */
    @Test
    public void lastResorts() {
        PracticeRun run = PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP));
        PracticeRun slack = done(run, Operation.SLACKEN);
        double pitch = slack.state().instrument().neck().pitch();
        double height = slack.state().instrument().heel().height();
        PracticeRun slipped = done(slack, Operation.SLIP_BACK, 1.5);
        assertThat(slipped.state().instrument().neck().pitch() - pitch).isCloseTo(1.5 / height, within(0.15 / height));
        PracticeRun sawn = done(slack, Operation.SAW_AND_BOLT);
        assertThat(sawn.state().isOff()).isTrue();
        PracticeRun bolted = done(done(sawn, Operation.FIX_NECK), Operation.TUNE);
        assertThat(bolted.state().mishaps()).isEmpty();
        assertThat(done(bolted, Operation.SLACKEN)
                        .work(Operation.SAW_AND_BOLT, NOTHING)
                        .refused())
                .contains(Refusal.BOLTED);
        // Below pitch the strings pull less by the square of the pitch, and the action is lower.
        PracticeRun down = done(run, Operation.TUNE_DOWN, 2);
        assertThat(down.state().shape().halfStepsDown()).isCloseTo(2, within(1e-6));
        assertThat(ACTION.truth(down.state().shape()))
                .isLessThan(ACTION.truth(run.state().shape()));
        assertThat(down.state().atPitch()).isFalse();
        assertThat(done(down, Operation.TUNE).state().atPitch()).isTrue();
        // A top that gives more rises more under a pin bridge.
        PracticeRun shaved = done(done(slack, Operation.SHAVE_BRACES, 30), Operation.TUNE);
        assertThat(shaved.state().shape().topRise() - slack.state().shape().topRise())
                .isGreaterThan(
                        run.state().shape().topRise() - slack.state().shape().topRise());
    }

    @DataProvider
    public Object[][] seeds() {
        return LongStream.range(0, 12).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** Doing only what Kestan would do next comes nearer to the target and spoils nothing. */
    @Test(dataProvider = "seeds")
    public void doingAsKestanWould(long seed) {
        PracticeFamily kind = PracticeFamily.values()[(int) (seed % PracticeFamily.values().length)];
        PracticeCase given = CaseGenerator.of(seed, Level.EASY, kind);
        WorkPlan plan = WorkPlan.of(
                PracticeSolver.truth(given).ways(),
                PracticeSolver.truth(given).recommendation().ways());
        PracticeRun run = PracticeRun.of(given);
        int steps = 0;
        for (Optional<NextWork> next = NextWork.of(run, plan); next.isPresent(); next = NextWork.of(run, plan)) {
            PracticeRun.Step step = run.work(next.get().operation(), next.get().amount());
            assertThat(step.refused()).as(next.get().toString()).isEmpty();
            run = step.run();
            assertThat(++steps).isLessThan(25);
        }
        assertThat(run.state().mishaps()).isEmpty();
        Reckoning reckoning = Reckoning.of(run.handOver(WorkPlan.taking(SheetReader.truth(given), plan.ways())));
        assertThat(reckoning.owner()).isNotEqualTo(Reckoning.Owner.UNFINISHED);
        double before = Math.max(
                Math.abs(reckoning.before().bass() - reckoning.wanted().bass()),
                Math.abs(reckoning.before().treble() - reckoning.wanted().treble()));
        assertThat(reckoning.miss()).isLessThanOrEqualTo(Math.max(before, 0.5));
    }
}
