package org.kestan.analysis.trajectory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Fault;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.HeldFrets;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.JointFit;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.ProjectionOver;
import org.kestan.job.terms.Stringing;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TrajectoryTest {

    private static Trajectory solve(Job job) {
        Trajectory.Read read = Trajectory.of(job, ShopStandards.DEFAULT);
        assertThat(read.faults()).isEmpty();
        return read.trajectory().orElseThrow();
    }

    @Test
    public void stringsPassThroughWhatWasRead() {
        Trajectory known = solve(Jobs.flatTop());
        Basis basis = known.basis();
        double first = basis.frets().at(1);
        double twelfth = basis.frets().at(12);
        assertThat(known.strings().bass().heightAt(first)
                        + known.neck().middle().dipAt(first))
                .isCloseTo(0.55, within(1e-9));
        assertThat(known.strings().bass().heightAt(twelfth)
                        + known.neck().middle().dipAt(twelfth))
                .isCloseTo(3.9, within(1e-9));
        assertThat(known.saddleHeight(Side.TREBLE)).isLessThan(known.saddleHeight(Side.BASS));
    }

    /**
     * Three points of the same instrument by pencil and ruler: without relief the string is a straight line through
     * (x1, nut) and (x12, action), so its height at the saddle follows by similar triangles.
     */
    @Test
    public void saddleHeightBySimilarTriangles() {
        Job job = Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0);
        Trajectory known = solve(job);
        double x1 = 632 * (1 - Math.pow(2, -1 / 12.0));
        double xs = 632 * (1 - Math.pow(2, -14 / 12.0)) + 283;
        double expected = 0.55 + (3.9 - 0.55) * (xs - x1) / (316 - x1);
        assertThat(known.saddleHeight(Side.BASS)).isCloseTo(expected, within(1e-9));
        assertThat(known.impliedStrung())
                .isCloseTo(8.8 + 2.6 - (expected + known.saddleHeight(Side.TREBLE)) / 2, within(1e-9));
    }

    /** Straightedge 4 mm over the top strung, 5 mm slack: aim 1 mm high. Common practice, no source. */
    @Test
    public void sinkIsSlackLessStrung() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.PROJECTION_STRUNG, 4), Reading.PROJECTION_SLACK, 5);
        assertThat(solve(job).sink().orElseThrow()).isCloseTo(1, within(1e-12));
        assertThat(solve(Jobs.without(job, Reading.PROJECTION_SLACK)).sink()).isEmpty();
    }

    @Test
    public void projectionReadOverTheBridgeIsTheSameProjection() {
        Job over = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.PROJECTION_STRUNG, -4.4), Reading.PROJECTION_SLACK, -3.7);
        over = over.with(Lines.PROJECTION_OVER, ProjectionOver.BRIDGE);
        Trajectory byBridge = solve(over);
        Trajectory byBoard = solve(Jobs.flatTop());
        assertThat(byBridge.disagreement().orElseThrow())
                .isCloseTo(byBoard.disagreement().orElseThrow(), within(1e-9));
        assertThat(byBridge.sink().orElseThrow()).isCloseTo(0.7, within(1e-9));
    }

    @Test
    public void actionReadAtAnotherFretGivesTheSameString() {
        Job job = Jobs.flatTop();
        Trajectory known = solve(job);
        double tenth = known.basis().frets().at(10);
        double atTenth =
                known.strings().bass().heightAt(tenth) + known.neck().middle().dipAt(tenth);
        double trebleAtTenth =
                known.strings().treble().heightAt(tenth) + known.neck().middle().dipAt(tenth);
        Job other = Jobs.put(Jobs.put(job, Reading.ACTION_BASS, atTenth), Reading.ACTION_TREBLE, trebleAtTenth);
        other = other.with(Lines.ACTION_FRET, 10);
        assertThat(solve(other).meanSaddleHeight()).isCloseTo(known.meanSaddleHeight(), within(1e-7));
    }

    @Test
    public void whatWasNotReadIsAssumedAndSaid() {
        Job job = Jobs.without(Jobs.without(Jobs.flatTop(), Reading.NUT_BASS), Reading.NUT_TREBLE);
        job = Jobs.without(Jobs.without(job, Reading.JOINT_TO_SADDLE), Reading.FRETS_OVER_TOP);
        Basis basis = solve(job).basis();
        assertThat(basis.assumed())
                .containsExactlyInAnyOrder("survey.nut", "survey.jointToSaddle", "survey.fretsOverTop");
        assertThat(basis.nut().bass()).isEqualTo(0.5);
        assertThat(basis.fretsOverTop()).isEqualTo(7);
        assertThat(basis.saddle()).isCloseTo(635, within(1e-9));
        assertThat(solve(Jobs.without(Jobs.flatTop(), Reading.NUT_BASS)).basis().assumed())
                .containsExactly("survey.nut.bass");
        assertThat(solve(Jobs.without(Jobs.flatTop(), Reading.RELIEF)).basis().assumed())
                .containsExactly("survey.relief.gap");
    }

    @Test
    public void reliefIsReadAtTheFretNearestTheMiddle() {
        assertThat(solve(Jobs.flatTop()).basis().reliefReadAt()).isEqualTo(6);
        Job held = Jobs.flatTop();
        held = held.with(Lines.HELD, new HeldFrets(1, 10));
        assertThat(solve(held).basis().reliefReadAt()).isEqualTo(5);
    }

    @DataProvider
    static Object[][] faulty() {
        Job job = Jobs.flatTop();
        return new Object[][] {
            {Jobs.without(job, Dimension.SCALE), "/instrument/scale"},
            {Jobs.put(job, Dimension.SCALE, 0), "/instrument/scale"},
            {job.without(Lines.JOINT_FRET), "/instrument/jointFret"},
            {job.with(Lines.JOINT_FRET, 40), "/instrument/jointFret"},
            {
                Jobs.without(
                        Jobs.without(Jobs.without(job, Reading.ACTION_TREBLE), Reading.PROJECTION_STRUNG),
                        Reading.PROJECTION_SLACK),
                "/survey/action/treble"
            },
            {Jobs.without(job, Reading.SADDLE_BASS), "/survey/saddle/bass"},
            {Jobs.without(job, Reading.BRIDGE_THICKNESS), "/survey/bridgeThickness"},
            {Jobs.put(job, Reading.JOINT_TO_SADDLE, 0), "/survey/jointToSaddle"},
            {Jobs.put(job, Reading.HEEL_HEIGHT, -3), "/survey/heel/height"},
            {job.with(Lines.ACTION_FRET, 1), "/survey/action/fret"},
            {job.with(Lines.ACTION_FRET, 99), "/survey/action/fret"},
            {job.with(Lines.HELD, new HeldFrets(14, 1)), "/survey/relief/heldAt"},
            {job.with(Lines.HELD, new HeldFrets(1, 2)), "/survey/relief/heldAt"},
            {job.with(Lines.RELIEF_READ_AT, 14), "/survey/relief/readAt"},
            {Jobs.without(Jobs.archtop(), Reading.BRIDGE_HEIGHT), "/survey/bridgeHeight"},
        };
    }

    @Test(dataProvider = "faulty")
    public void saysWhereTheFaultIs(Job job, String pointer) {
        Trajectory.Read read = Trajectory.of(job, ShopStandards.DEFAULT);
        assertThat(read.trajectory()).isEmpty();
        assertThat(read.faults()).extracting(Fault::pointer).containsOnly(pointer);
        assertThat(Wording.in(BenchUnit.MILLIMETERS).line(read.faults().get(0)))
                .startsWith(pointer + ": ")
                .contains("accepted:")
                .doesNotContain("\n");
    }

    @Test
    public void allThatIsMissingIsSaidAtOnce() {
        Trajectory.Read read = Trajectory.of(Job.BLANK, ShopStandards.DEFAULT);
        assertThat(read.faults())
                .extracting(Fault::pointer)
                .containsExactlyInAnyOrder(
                        "/instrument/scale",
                        "/instrument/jointFret",
                        "/survey/action/bass",
                        "/survey/action/treble",
                        "/survey/saddle/bass",
                        "/survey/saddle/treble",
                        "/survey/bridgeThickness");
    }

    /** With the neck off, the straightedge alone shows where it points (§3.6a). */
    private static Job neckOff() {
        Job job = Jobs.flatTop().with(Lines.STRINGS, Stringing.OFF).with(Lines.JOINT_FIT, JointFit.OFF);
        for (Reading reading : List.of(
                Reading.ACTION_BASS,
                Reading.ACTION_TREBLE,
                Reading.RELIEF,
                Reading.NUT_BASS,
                Reading.NUT_TREBLE,
                Reading.PROJECTION_STRUNG)) {
            job = Jobs.without(job, reading);
        }
        return job;
    }

    @Test
    public void withoutStringsTheStraightedgeTells() {
        Trajectory known = solve(neckOff());
        double sink = ShopStandards.DEFAULT.get(Standard.SINK);
        assertThat(known.impliedStrung()).isCloseTo(5.1 - sink, within(1e-9));
        assertThat(known.meanSaddleHeight()).isCloseTo(8.8 + 2.6 - (5.1 - sink), within(1e-9));
        assertThat(known.basis().assumed())
                .contains("survey.action.bass", "survey.action.treble", "survey.relief.gap", "survey.nut");
        assertThat(known.disagreement()).isEmpty();
        // The slack relief stands in for the relief at pitch; without either, the shop's usual value does.
        Trajectory bowed = solve(Jobs.put(neckOff(), Reading.RELIEF_SLACK, 0.05));
        assertThat(bowed.basis().reliefGap()).isEqualTo(0.05);
        assertThat(known.basis().reliefGap()).isBetween(0.1, 0.26);
    }

    /**
     * Straightedge 5 mm under the crown wanted for it, heel 90 mm, joint to saddle 280 mm: about 1.6 mm. Common practice, no
     * source.
     */
    @Test
    public void fiveMillimetersUnderAreOnePointSix() {
        Job job = Jobs.put(Jobs.put(neckOff(), Reading.HEEL_HEIGHT, 90), Reading.JOINT_TO_SADDLE, 280);
        Correction plan =
                SheetAnalysis.of(job, ShopStandards.DEFAULT).correction().orElseThrow();
        double reading = 5.1;
        for (int i = 0; i < 20; i++) {
            plan = SheetAnalysis.of(Jobs.put(job, Reading.PROJECTION_SLACK, reading), ShopStandards.DEFAULT)
                    .correction()
                    .orElseThrow();
            reading += plan.targetSlack() - reading - 5;
        }
        assertThat(plan.targetSlack() - reading).isCloseTo(5, within(0.01));
        assertThat(plan.heel().orElseThrow().atCap()).isCloseTo(1.6, within(0.05));
    }

    /** The same instrument read in two ways gives one estimate between the two, nearer to the more certain one. */
    @Test
    public void stringsAndStraightedgeGiveOneEstimate() {
        Trajectory strings = solve(Jobs.without(Jobs.flatTop(), Reading.PROJECTION_STRUNG));
        double implied = strings.impliedStrung();
        Job job = Jobs.put(Jobs.flatTop(), Reading.PROJECTION_STRUNG, implied + 0.4);
        SheetAnalysis sheet = SheetAnalysis.of(job, ShopStandards.DEFAULT);
        Reconciled one = sheet.trajectory().orElseThrow().basis().reconciled().orElseThrow();
        assertThat(one.weightStrings()).isBetween(0.01, 0.99);
        assertThat(one.value()).isCloseTo(implied + (1 - one.weightStrings()) * 0.4, within(1e-9));
        Correction plan = sheet.correction().orElseThrow();
        double byStrings = plan.heelByStrings().orElseThrow();
        double byStraightedge = plan.heelByStraightedge().orElseThrow();
        double cut = plan.heel().orElseThrow().atCap();
        assertThat(cut)
                .isCloseTo(one.weightStrings() * byStrings + (1 - one.weightStrings()) * byStraightedge, within(0.002));
        // The future straightedge reading is today's reading plus the change, so the cut and the stopping point agree.
        double change = plan.targetStrung() - one.value();
        assertThat(plan.strungAsRead()).isCloseTo(implied + 0.4 + change, within(1e-9));
        // Finer tools on the strings give the strings more weight.
        Job dial = job.withVisit(
                job.visit().withTool(Reading.ACTION_BASS, Tool.DIAL).withTool(Reading.ACTION_TREBLE, Tool.DIAL));
        assertThat(SheetAnalysis.of(dial, ShopStandards.DEFAULT)
                        .trajectory()
                        .orElseThrow()
                        .basis()
                        .reconciled()
                        .orElseThrow()
                        .weightStrings())
                .isGreaterThan(one.weightStrings());
        // Readings that contradict each other are not averaged.
        Job apart = Jobs.put(Jobs.flatTop(), Reading.PROJECTION_STRUNG, implied + 4);
        assertThat(SheetAnalysis.of(apart, ShopStandards.DEFAULT)
                        .trajectory()
                        .orElseThrow()
                        .basis()
                        .reconciled())
                .isEmpty();
    }

    /** The neck's own part of the sink is taken off where the slack relief was read (§3.4). */
    @Test
    public void theBodysPartOfTheSink() {
        Trajectory known = solve(Jobs.put(Jobs.flatTop(), Reading.RELIEF_SLACK, 0.05));
        Trajectory still = solve(Jobs.put(Jobs.flatTop(), Reading.RELIEF_SLACK, 0.2));
        assertThat(solve(Jobs.flatTop()).bodySink()).isEmpty();
        assertThat(still.bodySink().orElseThrow()).isCloseTo(0.7, within(1e-9));
        // Constant curvature: Δκ(x_J − x_1)·D/2 of 0.15 mm of relief.
        double length = 632 * (Math.pow(2, -1 / 12.0) - Math.pow(2, -14 / 12.0));
        double sixth = 632 * (1 - Math.pow(2, -6 / 12.0));
        double first = 632 * (1 - Math.pow(2, -1 / 12.0));
        double curvature = 2 * 0.15 / ((sixth - first) * (first + length - sixth));
        assertThat(known.bodySink().orElseThrow()).isCloseTo(0.7 - curvature * length * 283 / 2, within(1e-6));
    }
}
