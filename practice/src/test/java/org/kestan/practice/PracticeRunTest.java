package org.kestan.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.BenchState;
import org.kestan.practice.work.Mishap;
import org.kestan.practice.work.Operation;
import org.kestan.practice.work.Refusal;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.tools.Frame;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PracticeRunTest {

    private static final Placement ACTION = new Placement(Spot.OVER_FRET, 12, Side.BASS);
    private static final Sides<Double> NOTHING = Sides.of(side -> 0.0);

    private static PracticeRun flatTop() {
        return PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP));
    }

    private static PracticeRun done(PracticeRun run, Operation operation, double bass, double treble) {
        PracticeRun.Step step = run.work(operation, new Sides<>(bass, treble));
        assertThat(step.refused()).as(operation.key()).isEmpty();
        return step.run();
    }

    private static Optional<Refusal> refused(PracticeRun run, Operation operation, double bass, double treble) {
        PracticeRun.Step step = run.work(operation, new Sides<>(bass, treble));
        assertThat(step.refused().isPresent()).isEqualTo(step.run() == run);
        return step.refused();
    }

    private static PracticeRun off() {
        return done(scored(), Operation.FREE_NECK, 9, 0);
    }

    private static PracticeRun scored() {
        return done(done(flatTop(), Operation.SLACKEN, 0, 0), Operation.SCORE, 0, 0);
    }

    @Test
    public void aReadingLiesAboutTheTruthAndTakesTime() {
        PracticeRun run = flatTop();
        double truth = new Frame(run.state().instrument()).over(run.state().shape(), 12, Side.BASS);
        double sum = 0;
        for (int i = 0; i < 200; i++) {
            PracticeRun.Step step = run.measure(SimulatedTool.RULE, ACTION);
            sum += step.shown().orElseThrow();
            run = step.run();
        }
        assertThat(sum / 200).isCloseTo(truth, within(0.025));
        assertThat(run.state().minutes()).isEqualTo(200 * PracticeRun.READING_MINUTES);
    }

    /** Over the wrong fret, on the wrong side, with slack strings, a tool shows what is really there. */
    @Test
    public void aToolPutElsewhereShowsWhatIsThere() {
        PracticeRun run = flatTop();
        Frame frame = new Frame(run.state().instrument());
        double at11 = frame.over(run.state().shape(), 11, Side.BASS);
        double read = run.measure(SimulatedTool.RULE, new Placement(Spot.OVER_FRET, 11, Side.BASS))
                .shown()
                .orElseThrow();
        assertThat(read).isCloseTo(at11, within(0.4));
        PracticeRun slack = done(run, Operation.SLACKEN, 0, 0);
        Placement straightedge = new Placement(Spot.PROJECTION, 0, Side.BASS);
        double lower =
                run.measure(SimulatedTool.STRAIGHTEDGE, straightedge).shown().orElseThrow();
        double higher =
                slack.measure(SimulatedTool.STRAIGHTEDGE, straightedge).shown().orElseThrow();
        assertThat(higher - lower)
                .isCloseTo(
                        frame.projection(Equilibrium.slack(run.state().instrument()), 8)
                                - frame.projection(run.state().shape(), 8),
                        within(0.6));
    }

    @Test
    public void whatCannotBeReadIsRefusedAndChangesNothing() {
        PracticeRun run = flatTop();
        assertThat(run.measure(SimulatedTool.FEELER, new Placement(Spot.BRIDGE_THICKNESS, 0, Side.BASS))
                        .refused())
                .contains(Refusal.TOOL);
        assertThat(run.measure(SimulatedTool.RULE, new Placement(Spot.OVER_FRET, 0, Side.BASS))
                        .refused())
                .contains(Refusal.FRET);
        int last = run.state().instrument().lastFret();
        assertThat(run.measure(SimulatedTool.RULE, new Placement(Spot.OVER_FRET, last, Side.BASS))
                        .refused())
                .isEmpty();
        assertThat(run.measure(SimulatedTool.RULE, new Placement(Spot.OVER_FRET, last + 1, Side.BASS))
                        .refused())
                .contains(Refusal.FRET);
        assertThat(run.measure(SimulatedTool.CALIPER, new Placement(Spot.BRIDGE_HEIGHT, 0, Side.BASS))
                        .refused())
                .contains(Refusal.NO_SUCH_PART);
        PracticeRun slack = done(run, Operation.SLACKEN, 0, 0);
        assertThat(slack.measure(SimulatedTool.RULE, ACTION).refused()).contains(Refusal.STRINGS_SLACK);
        assertThat(slack.measure(SimulatedTool.RULE, ACTION).run()).isSameAs(slack);
    }

    @Test
    public void theOrderOfTheBenchHolds() {
        PracticeRun run = flatTop();
        assertThat(refused(run, Operation.FREE_NECK, 9, 0)).contains(Refusal.STRINGS_UP);
        assertThat(refused(run, Operation.SAND_HEEL, 4, 4)).contains(Refusal.NECK_ON);
        assertThat(refused(run, Operation.MOVE_BRIDGE, 1, 1)).contains(Refusal.NO_SUCH_PART);
        assertThat(refused(run, Operation.TURN_ROD, 1.5, 0)).isEmpty();
        assertThat(refused(run, Operation.TURN_ROD, 1.51, 0)).contains(Refusal.AMOUNT);
        assertThat(refused(off(), Operation.TUNE, 0, 0)).contains(Refusal.NECK_OFF);
        assertThat(refused(
                        PracticeRun.of(CaseGenerator.of(3, Level.EASY, PracticeFamily.CLASSICAL)),
                        Operation.TURN_ROD,
                        0.5,
                        0))
                .contains(Refusal.NO_ROD);
    }

    @DataProvider
    public Object[][] heats() {
        return new Object[][] {
            {6.9, BenchState.Seat.SET, Mishap.NOT_FREE},
            {7, BenchState.Seat.FREE, null},
            {16, BenchState.Seat.FREE, null},
            {16.1, BenchState.Seat.FREE, Mishap.HEAT_HARM},
        };
    }

    @Test(dataProvider = "heats")
    public void heatTooShortLeavesItOnTooLongDoesHarm(double minutes, BenchState.Seat seat, Mishap mishap) {
        BenchState state = done(scored(), Operation.FREE_NECK, minutes, 0).state();
        assertThat(state.seat()).isEqualTo(seat);
        assertThat(state.mishaps()).isEqualTo(mishap == null ? java.util.List.of() : java.util.List.of(mishap));
    }

    /** Wood off both cheeks sets the neck back by the angle it makes at the cap; uneven pulls turn it sideways. */
    @Test
    public void pullsSetTheNeckBack() {
        PracticeRun run = off();
        double pitch = run.state().instrument().neck().pitch();
        PracticeRun sanded = done(run, Operation.SAND_HEEL, 20, 20);
        double taken =
                (sanded.state().removed().bass() + sanded.state().removed().treble()) / 2;
        assertThat(taken).isBetween(0.3, 0.6);
        assertThat(sanded.state().instrument().neck().pitch() - pitch)
                .isCloseTo(taken / run.state().instrument().heel().height(), within(1e-9));
        PracticeRun shimmed = done(sanded, Operation.SHIM_HEEL, taken, taken);
        assertThat(shimmed.state().instrument().neck().pitch()).isCloseTo(pitch, within(0.001));
        assertThat(done(run, Operation.SAND_HEEL, 18, 10).state().mishaps()).isEmpty();
        assertThat(done(run, Operation.SAND_HEEL, 19, 10).state().mishaps()).containsExactly(Mishap.CHEEK_ROCKED);
    }

    @Test
    public void glueHasToCure() {
        PracticeRun glued = done(off(), Operation.FIX_NECK, 0, 0);
        double pitch = glued.state().instrument().neck().pitch();
        PracticeRun early = done(done(glued, Operation.WAIT, 11, 0), Operation.TUNE, 0, 0);
        assertThat(early.state().mishaps()).contains(Mishap.GLUE_GAVE);
        assertThat(early.state().instrument().neck().pitch()).isLessThan(pitch);
        PracticeRun cured = done(done(glued, Operation.WAIT, 12, 0), Operation.TUNE, 0, 0);
        assertThat(cured.state().mishaps()).isEmpty();
        assertThat(cured.state().instrument().neck().pitch()).isEqualTo(pitch);
        assertThat(cured.state().seat()).isEqualTo(BenchState.Seat.SET);
    }

    @Test
    public void aNewNutGivesTheClearanceThatWasSaid() {
        PracticeRun run =
                done(done(done(flatTop(), Operation.SLACKEN, 0, 0), Operation.NEW_NUT, 0.5, 0.4), Operation.TUNE, 0, 0);
        Frame frame = new Frame(run.state().instrument());
        assertThat(frame.over(run.state().shape(), 1, Side.BASS)).isCloseTo(0.5, within(0.12));
        assertThat(frame.over(run.state().shape(), 1, Side.TREBLE)).isCloseTo(0.4, within(0.12));
    }

    @Test
    public void theSameEventsComeToTheSame() {
        PracticeRun run = done(off(), Operation.SAND_HEEL, 12, 11);
        run = run.measure(SimulatedTool.STRAIGHTEDGE, new Placement(Spot.PROJECTION, 0, Side.BASS))
                .run();
        run = done(run, Operation.FIX_NECK, 0, 0);
        PracticeRun again = PracticeRun.replay(run.given(), run.events(), Optional.empty());
        assertThat(again.state()).isEqualTo(run.state());
        assertThat(done(again, Operation.WAIT, 3, 0).state())
                .isEqualTo(done(run, Operation.WAIT, 3, 0).state());
        assertThat(run.state().minutes()).isGreaterThan(NOTHING.bass());
    }
}
