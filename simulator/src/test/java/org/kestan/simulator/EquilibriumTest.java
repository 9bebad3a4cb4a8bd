package org.kestan.simulator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.elastic.Beam;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Frame;
import org.kestan.simulator.tools.SheetReader;
import org.kestan.simulator.tools.SimulatedTool;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The virtual instrument is compared with closed forms, and its populations with what the trade sees. */
public class EquilibriumTest {

    private static final int CASES = Integer.getInteger("kestan.practice", 60);

    /** A cantilever under an end moment: w = M·L²/(2·E·I), under an end load: P·L³/(3·E·I) (any textbook of strength of materials). */
    @Test
    public void aUniformBeamBendsAsTheClosedFormsSay() {
        double stiffness = 3e8;
        Beam beam = new Beam(360, x -> stiffness);
        double[] moment = new double[Beam.PLACES];
        Arrays.fill(moment, 9000);
        double byMoment = 9000 * 360.0 * 360 / (2 * stiffness);
        assertThat(beam.deflection(moment)[0]).isCloseTo(byMoment, within(1e-3 * byMoment));
        // Halfway along, a quarter of it is left.
        assertThat(beam.deflection(moment)[Beam.PLACES / 2]).isCloseTo(byMoment / 4, within(1e-3 * byMoment));
        for (int i = 0; i < Beam.PLACES; i++) {
            moment[i] = 25 * beam.at(i);
        }
        double byLoad = 25 * Math.pow(360, 3) / (3 * stiffness);
        assertThat(beam.deflection(moment)[0]).isCloseTo(byLoad, within(1e-3 * byLoad));
    }

    /** A cantilever whose depth grows evenly, under an end moment, by Simpson's rule on a mesh five times as fine. */
    @Test
    public void aTaperedBeamBendsAsAFinerMeshSays() {
        Beam beam = new Beam(360, x -> 2e8 * Math.pow(1 + x / 900, 3));
        double[] moment = new double[Beam.PLACES];
        Arrays.fill(moment, 9000);
        int steps = 1000;
        double sum = 0;
        for (int i = 0; i <= steps; i++) {
            double x = 360.0 * i / steps;
            double weight = i == 0 || i == steps ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * x * 9000 / (2e8 * Math.pow(1 + x / 900, 3));
        }
        assertThat(beam.deflection(moment)[0]).isCloseTo(sum * 360 / steps / 3, within(1e-3));
    }

    @DataProvider
    public Object[][] kinds() {
        return Arrays.stream(PracticeFamily.values())
                .map(kind -> new Object[] {kind})
                .toArray(Object[][]::new);
    }

    private static List<PracticeCase> cases(PracticeFamily kind, Level level) {
        return IntStream.range(0, CASES)
                .mapToObj(seed -> CaseGenerator.of(seed, level, kind))
                .toList();
    }

    /** Strung, everything is in balance: what is left of the moment is less than a millionth of a newton meter. */
    @Test(dataProvider = "kinds")
    public void theStrungStateIsInEquilibrium(PracticeFamily kind) {
        for (PracticeCase each : cases(kind, Level.HARD)) {
            State strung = Equilibrium.strung(each.instrument());
            assertThat(strung.residual() / 1e6).as("N·m, seed " + each.seed()).isLessThan(1e-6);
            assertThat(strung.rise()[Beam.PLACES - 1]).isZero();
            assertThat(strung.turned()).isPositive();
        }
    }

    /** The pull is within a tenth of what sets of strings are sold with (common practice, no source). */
    @Test
    public void theStringsPullAsTheirSetsDo() {
        double light =
                Equilibrium.pulls(
                                CaseGenerator.of(1, Level.EASY, PracticeFamily.FLAT_TOP)
                                        .instrument(),
                                0)
                        .stream()
                        .mapToDouble(Double::doubleValue)
                        .sum();
        assertThat(light).isBetween(650.0, 800.0);
        double nylon =
                Equilibrium.pulls(
                                CaseGenerator.of(1, Level.EASY, PracticeFamily.CLASSICAL)
                                        .instrument(),
                                0)
                        .stream()
                        .mapToDouble(Double::doubleValue)
                        .sum();
        assertThat(nylon).isBetween(330.0, 450.0);
    }

    /** Tuned down a whole step, the pull drops by the square of the pitch (Mersenne). */
    @Test
    public void tunedDownThePullFallsWithTheSquareOfThePitch() {
        PracticeCase given = CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP);
        double down = Equilibrium.tuned(given.instrument(), 2).tension()
                / Equilibrium.strung(given.instrument()).tension();
        assertThat(down).isCloseTo(Math.pow(2, -2 * 2 / 12.0), within(1e-9));
    }

    /** Flat-tops with no brace loose, and no fret on which a straightedge rocks, sink 0.4 to 1.2 mm, and the strings draw 0.1 to 0.4 mm of relief (common practice, no source). */
    @Test
    public void populationsLookLikeTheTrades() {
        double sinks = 0;
        double drawn = 0;
        List<PracticeCase> sound = cases(PracticeFamily.FLAT_TOP, Level.EASY).stream()
                .filter(each -> !each.faults().contains(InstrumentFault.LOOSE_BRACE)
                        && !each.faults().contains(InstrumentFault.PROUD_FRET))
                .toList();
        for (PracticeCase each : sound) {
            State strung = Equilibrium.strung(each.instrument());
            State slack = Equilibrium.slack(each.instrument());
            Frame frame = new Frame(each.instrument());
            double sink = frame.projection(slack, 0) - frame.projection(strung, 0);
            assertThat(sink).as("sink, seed " + each.seed()).isBetween(0.2, 1.5);
            double relief = frame.relief(strung) - frame.relief(slack);
            assertThat(relief).as("relief, seed " + each.seed()).isBetween(0.08, 0.5);
            sinks += sink / sound.size();
            drawn += relief / sound.size();
        }
        assertThat(sinks).isBetween(0.4, 1.2);
        assertThat(drawn).isBetween(0.1, 0.4);
    }

    /** An old neck that came forward has a pitch of about −0.5 to −1 degrees; a sound one is set back or level. */
    @Test
    public void aNeckThatCameForwardLeansForward() {
        for (PracticeCase each : cases(PracticeFamily.FLAT_TOP, Level.EASY)) {
            double pitch = Math.toDegrees(Equilibrium.strung(each.instrument()).pitch());
            if (each.faults().contains(InstrumentFault.NECK_FORWARD)) {
                assertThat(pitch).as("seed " + each.seed()).isBetween(-1.3, 0.2);
            } else if (!each.faults().contains(InstrumentFault.BRIDGE_CUT)) {
                assertThat(pitch).as("seed " + each.seed()).isGreaterThan(-0.3);
            }
        }
    }

    @Test(dataProvider = "kinds")
    public void theSameSeedMakesTheSameInstrument(PracticeFamily kind) {
        for (Level level : Level.values()) {
            PracticeCase one = CaseGenerator.of(17, level, kind);
            assertThat(CaseGenerator.of(17, level, kind)).isEqualTo(one);
            assertThat(CaseGenerator.of(18, level, kind)).isNotEqualTo(one);
            assertThat(one.faults()).hasSize(level.faults());
        }
    }

    /** Read many times, a line is right on average and scattered as its tool says. */
    @Test
    public void readingsAreUnbiasedAndSpreadAsSaid() {
        PracticeCase given = CaseGenerator.of(5, Level.EASY, PracticeFamily.FLAT_TOP);
        State strung = Equilibrium.strung(given.instrument());
        double truth = new Frame(given.instrument()).over(strung, 12, Side.BASS);
        Random random = new Random(9);
        int n = 400;
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < n; i++) {
            Job job = SheetReader.read(given, random);
            double off = job.millimeters(Reading.ACTION_BASS).orElseThrow() - truth;
            sum += off;
            squares += off * off;
        }
        double spread = SimulatedTool.RULE.spread();
        double whole = Math.sqrt(spread * spread + Math.pow(SimulatedTool.RULE.resolution(), 2) / 12);
        assertThat(sum / n).isCloseTo(0, within(3.3 * whole / Math.sqrt(n)));
        assertThat(Math.sqrt(squares / n)).isCloseTo(whole, within(0.12 * whole));
    }

    /** A slip is far outside the error of its tool; feelers then show half of the gap. */
    @Test
    public void aSlipIsFarOut() {
        Random random = new Random(3);
        for (SimulatedTool tool : SimulatedTool.values()) {
            double off = Math.abs(tool.slip(4, random) - 4);
            assertThat(off).as(tool.name()).isGreaterThan(4 * tool.spread());
        }
        PracticeCase given = CaseGenerator.of(5, Level.EASY, PracticeFamily.FLAT_TOP);
        assertThat(SheetReader.read(given, new Random(1), 1)).isNotEqualTo(SheetReader.read(given, new Random(1)));
        assertThat(SheetReader.read(given, new Random(1), 0)).isEqualTo(SheetReader.read(given, new Random(1)));
    }

    /**
     * Work has the effect it has at a bench: the rod takes out relief, a taller saddle raises, a set-back neck lowers.
     */
    @Test
    public void workOnItHasItsEffect() {
        VirtualInstrument made =
                CaseGenerator.of(5, Level.EASY, PracticeFamily.FLAT_TOP).instrument();
        Frame frame = new Frame(made);
        State before = Equilibrium.strung(made);
        double relief = frame.relief(before);
        double action = frame.over(before, 12, Side.BASS);
        assertThat(frame.relief(Equilibrium.strung(made.withRod(1500)))).isLessThan(relief - 0.02);
        assertThat(frame.relief(Equilibrium.strung(made.bowedBy(0.1)))).isCloseTo(relief + 0.085, within(0.02));
        VirtualInstrument taller = made.withBridge(
                made.bridge().thickness(),
                Sides.of(side -> made.bridge().protrusion().get(side) + 1));
        // At fret 12 half of what the saddle rises, less a little because the top gives.
        assertThat(frame.over(Equilibrium.strung(taller), 12, Side.BASS) - action)
                .isBetween(0.45, 0.6);
        VirtualInstrument setBack = made.withPitch(made.neck().pitch() + 0.003);
        assertThat(frame.over(Equilibrium.strung(setBack), 12, Side.BASS)).isLessThan(action - 0.2);
        VirtualInstrument filed = made.withNut(Sides.of(side -> made.nut().get(side) - 0.2));
        assertThat(frame.over(Equilibrium.strung(filed), 1, Side.BASS))
                .isCloseTo(frame.over(before, 1, Side.BASS) - 0.2, within(0.03));
        assertThat(made.withDrift(1.5).heel().drift()).isEqualTo(1.5);
        assertThat(before.string(0, Side.BASS)).isEqualTo(before.nut(Side.BASS));
        assertThat(before.soundboard(made.jointAt() - 20)).isZero();
    }
}
