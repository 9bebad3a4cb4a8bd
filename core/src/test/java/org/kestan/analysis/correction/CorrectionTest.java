package org.kestan.analysis.correction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.finding.Fault;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.Test;

public class CorrectionTest {

    private static final long SEED = 20261123;
    private static final int TRIALS = 500;

    private static Correction solve(Job job) {
        SheetAnalysis sheetAnalysis = SheetAnalysis.of(job, ShopStandards.DEFAULT);
        assertThat(sheetAnalysis.faults()).isEmpty();
        return sheetAnalysis.correction().orElseThrow();
    }

    private static double inches(String text) {
        return Length.ofText(text + " in").millimeters();
    }

    /**
     * Take twice off the saddle: action to fall 0.030 in at fret 12, 0.060 in off the saddle; 6/64 in less action, 3/16 in
     * off the saddle. Common practice, no source; the exact factor is a little over two.
     */
    @Test
    public void takeTwiceOffTheSaddle() {
        assertThat(dropFor(inches("0.030"))).isCloseTo(inches("0.060"), within(0.09 * inches("0.060")));
        assertThat(dropFor(inches("6/64"))).isCloseTo(inches("3/16"), within(0.09 * inches("3/16")));
        assertThat(dropFor(inches("0.030"))).isGreaterThan(inches("0.060"));
    }

    private static double dropFor(double lower) {
        Job job = Jobs.flatTop();
        job = Jobs.put(job, Aim.ACTION_BASS, 3.9 - lower);
        job = Jobs.put(job, Aim.ACTION_TREBLE, 3.2 - lower);
        return solve(job).meanSaddleDrop();
    }

    /** A 1/8 in riser under a floating bridge raises fret 12 by about 1/16 in: common practice, no source. */
    @Test
    public void riserUnderAFloatingBridge() {
        Job job = Jobs.archtop();
        double rise = inches("1/8");
        double lift = inches("1/16");
        job = Jobs.put(job, Aim.ACTION_BASS, 3.2 + lift);
        job = Jobs.put(job, Aim.ACTION_TREBLE, 2.4 + lift);
        job = Jobs.put(job, Aim.BRIDGE_HEIGHT, 25.5 + rise);
        // With the neck left alone the two would cancel exactly; what is left is the rule's own rounding.
        assertThat(solve(job).angle().degrees()).isCloseTo(0, within(0.06));
    }

    /** Shaving 1/16 in off saddle or bridge allows at least 1/64 in less action: common practice, no source. */
    @Test
    public void shavingASixteenthLowersByAtLeastASixtyFourth() {
        Job job = Jobs.put(Jobs.flatTop(), Aim.BRIDGE_THICKNESS, 8.8 - inches("1/16"));
        double low = 0;
        double high = 3;
        double lowered = new BrentSolver(1e-12)
                .solve(
                        200,
                        lower -> solve(Jobs.put(
                                        Jobs.put(job, Aim.ACTION_BASS, 3.9 - lower), Aim.ACTION_TREBLE, 3.2 - lower))
                                .angle()
                                .radians(),
                        low,
                        high);
        assertThat(lowered).isGreaterThan(inches("1/64"));
        assertThat(lowered).isCloseTo(inches("1/32"), within(0.1));
    }

    /**
     * Straightening a neck with too much relief lowers the action by far more at fret 12 than the relief itself changed:
     * common practice, no source.
     */
    @Test
    public void straighteningLowersTheActionByMoreThanTheRelief() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.5), Aim.RELIEF, 0.15);
        Correction plan = solve(job);
        assertThat(3.9 - plan.actionAfterRelief(Side.BASS)).isGreaterThan(1.5 * 0.35);
        assertThat(plan.actionAfterRelief(Side.TREBLE)).isLessThan(3.2);
    }

    /** 6/64 to 5/64 in is 17 % lower: common practice, no source. */
    @Test
    public void seventeenPercent() {
        assertThat(1 - inches("5/64") / inches("6/64")).isCloseTo(0.17, within(0.005));
    }

    @Test
    public void whatIsAimedAtIsWhatComesOut() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = Jobs.random(random);
            Correction plan = solve(job);
            for (Side side : Side.values()) {
                Aim aim = side == Side.BASS ? Aim.ACTION_BASS : Aim.ACTION_TREBLE;
                assertThat(plan.plannedAction(side))
                        .isCloseTo(job.millimeters(aim).orElseThrow(), within(1e-9));
            }
            assertThat(plan.targetSlack() - plan.targetStrung()).isCloseTo(plan.sink(), within(1e-12));
        }
    }

    @Test
    public void aimingAtWhatIsThereChangesNothing() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = Jobs.random(random);
            job = job.with(Aim.ACTION_BASS, job.get(Reading.ACTION_BASS).orElseThrow())
                    .with(Aim.ACTION_TREBLE, job.get(Reading.ACTION_TREBLE).orElseThrow());
            Correction plan = solve(job);
            assertThat(plan.angle().radians()).isCloseTo(0, within(1e-9));
            assertThat(plan.heel().orElseThrow().atCap()).isCloseTo(0, within(1e-7));
            Sides<Double> protrusion = plan.protrusion().orElseThrow();
            assertThat(protrusion.bass())
                    .isCloseTo(job.visit().millimeters(Reading.SADDLE_BASS).orElseThrow(), within(1e-8));
        }
    }

    @Test
    public void lowerActionNeedsMoreSetBack() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = Jobs.random(random);
            Angle angle = solve(job).angle();
            Job lower = Jobs.put(
                    job, Aim.ACTION_BASS, job.millimeters(Aim.ACTION_BASS).orElseThrow() - 0.1);
            assertThat(solve(lower).angle()).isGreaterThan(angle);
            Job taller = Jobs.put(job, Aim.SADDLE, meanSaddle(job) + 0.5);
            assertThat(solve(taller).angle()).isGreaterThan(angle);
        }
    }

    private static double meanSaddle(Job job) {
        return (job.visit().millimeters(Reading.SADDLE_BASS).orElseThrow()
                        + job.visit().millimeters(Reading.SADDLE_TREBLE).orElseThrow())
                / 2;
    }

    @Test
    public void bassAndTrebleAreAlike() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = Jobs.random(random);
            Correction one = solve(job);
            Correction swapped = solve(swap(job));
            assertThat(swapped.angle().radians()).isCloseTo(one.angle().radians(), within(1e-12));
            assertThat(swapped.saddleDrop(Side.BASS)).isCloseTo(one.saddleDrop(Side.TREBLE), within(1e-10));
            assertThat(swapped.protrusion().orElseThrow().treble())
                    .isCloseTo(one.protrusion().orElseThrow().bass(), within(1e-10));
        }
    }

    private static Job swap(Job job) {
        Reading[][] pairs = {
            {Reading.NUT_BASS, Reading.NUT_TREBLE},
            {Reading.ACTION_BASS, Reading.ACTION_TREBLE},
            {Reading.SADDLE_BASS, Reading.SADDLE_TREBLE}
        };
        Job swapped = job.with(Aim.ACTION_BASS, job.get(Aim.ACTION_TREBLE).orElseThrow())
                .with(Aim.ACTION_TREBLE, job.get(Aim.ACTION_BASS).orElseThrow());
        for (Reading[] pair : pairs) {
            swapped = swapped.with(pair[0], job.get(pair[1]).orElseThrow())
                    .with(pair[1], job.get(pair[0]).orElseThrow());
        }
        return swapped;
    }

    /**
     * The whole chain against the same work done numerically: turn the neck by a trial angle, measure the crown over the
     * turned fret line, and let a general-purpose root finder look for the angle that gives the wanted height.
     */
    @Test
    public void closedFormAgreesWithANumericSearch() {
        Random random = new Random(SEED);
        for (int i = 0; i < 50; i++) {
            Job job = Jobs.put(Jobs.random(random), Aim.SADDLE, 1 + 4 * random.nextDouble());
            Correction plan = solve(job);
            Trajectory known = plan.trajectory();
            double distance = known.basis().jointToSaddle();
            double over = known.basis().fretsOverTop();
            double crown = known.meanSaddleHeight() + over + plan.crownRise();
            double wanted = Sides.mean(plan.planned()
                    .strings()
                    .map(line -> line.heightAt(known.basis().saddle())));
            double searched = new BrentSolver(1e-14)
                    .solve(
                            500,
                            angle -> crown * Math.cos(angle) - distance * Math.sin(angle) - over - wanted,
                            -0.3,
                            0.3);
            assertThat(plan.angle().radians()).isCloseTo(searched, within(1e-11));
        }
    }

    /** Neck, saddle and strings agree: the crown is where the bridge puts it. */
    @Test
    public void projectionAndCrownAddUpToTheSupport() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = Jobs.put(Jobs.random(random), Aim.SADDLE, 3);
            Correction plan = solve(job);
            double crown = Sides.mean(plan.planned()
                    .strings()
                    .map(line -> line.heightAt(plan.trajectory().basis().saddle())));
            assertThat(plan.targetStrung() + crown).isCloseTo(plan.supportHeight(), within(1e-10));
            assertThat(Sides.mean(plan.protrusion().orElseThrow())).isCloseTo(3, within(1e-9));
        }
    }

    @Test
    public void ruleOfThumbStandsBesideTheExactCut() {
        HeelCut heel = solve(Jobs.without(Jobs.flatTop(), Reading.PROJECTION_STRUNG))
                .heel()
                .orElseThrow();
        assertThat(heel.atCap()).isCloseTo(heel.ruleOfThumb(), within(0.02 * heel.ruleOfThumb()));
    }

    @Test
    public void wedgeIsWhatTheExtensionFallsTooFar() {
        Extension extension = solve(Jobs.flatTop()).extension().orElseThrow();
        Correction plan = solve(Jobs.flatTop());
        double turned = 0.2 + 104 * plan.angle().tan();
        Basis basis = plan.trajectory().basis();
        // Δq'(x_J), by the difference of the two curves' slopes just before the joint.
        double step = 1e-4;
        double before = plan.trajectory().neck().middle().dipAt(basis.joint() - step);
        double after = plan.neck().dipAt(basis.joint() - step);
        assertThat(extension.fallAwayAfter()).isCloseTo(turned - 104 * (after - before) / step, within(1e-6));
        assertThat(extension.wedge()).isCloseTo(extension.fallAwayAfter() - 0.4, within(1e-12));
        assertThat(extension.rises()).isZero();
        Extension rising = new Extension(100, 0, 0.1, 0, 0.4, 0.1);
        assertThat(rising.wedge()).isZero();
        assertThat(rising.rises()).isCloseTo(0.3, within(1e-12));
        assertThat(new Extension(100, 0, 0.31, 0, 0.4, 0.1).rises()).isZero();
        assertThat(new Extension(100, 0, 0.29, 0, 0.4, 0.1).rises()).isCloseTo(0.11, within(1e-12));
        assertThat(new Extension(100, 0, 0.6, -0.1, 0.4, 0.1).wedge()).isCloseTo(0.1, within(1e-12));
    }

    @Test
    public void partsWithoutTheirReadingsAreLeftOut() {
        Correction plan =
                solve(Jobs.without(Jobs.without(Jobs.flatTop(), Reading.HEEL_HEIGHT), Reading.EXTENSION_LENGTH));
        assertThat(plan.heel()).isEmpty();
        assertThat(plan.extension()).isEmpty();
        Correction noWidths = solve(Jobs.without(Jobs.flatTop(), Reading.HEEL_WIDTH_CAP));
        assertThat(noWidths.heel().orElseThrow().widths()).isEmpty();
        assertThat(solve(Jobs.archtop()).protrusion()).isEmpty();
    }

    @Test
    public void assumptionsAreListed() {
        Job job = Jobs.without(Jobs.flatTop(), Reading.PROJECTION_SLACK);
        job = Jobs.without(Jobs.without(job, Reading.SIDE_DRIFT), Aim.FALL_AWAY);
        Correction plan = solve(job);
        assertThat(plan.assumed())
                .containsExactlyInAnyOrder("survey.projection", "survey.sideDrift", "target.fallAway");
        assertThat(plan.sink()).isEqualTo(0.8);
        assertThat(solve(Jobs.flatTop()).assumed()).isEmpty();
    }

    @Test
    public void saysWhatIsMissingOrOutOfReach() {
        SheetAnalysis none = SheetAnalysis.of(Jobs.without(Jobs.flatTop(), Aim.ACTION_BASS), ShopStandards.DEFAULT);
        assertThat(none.faults()).extracting(Fault::pointer).containsExactly("/target/action/bass");
        SheetAnalysis far = SheetAnalysis.of(
                Jobs.put(Jobs.put(Jobs.flatTop(), Aim.ACTION_BASS, 400), Aim.ACTION_TREBLE, 400),
                ShopStandards.DEFAULT);
        assertThat(far.faults()).extracting(Fault::pointer).containsExactly("/target/action");
        assertThat(far.trajectory()).isPresent();
    }
}
