package org.kestan.analysis.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.Test;

public class SetupTest {

    private static final long SEED = 20261123;
    private static final int TRIALS = 200;

    private static Setup measured(Job job) {
        return Setup.measured(
                SheetAnalysis.of(job, ShopStandards.DEFAULT).trajectory().orElseThrow(),
                job.visit(),
                ShopStandards.DEFAULT);
    }

    @Test
    public void asMeasuredItReadsAsTheSheet() {
        Setup setup = measured(Jobs.flatTop());
        assertThat(setup.action().bass()).isCloseTo(3.9, within(1e-12));
        assertThat(setup.action().treble()).isCloseTo(3.2, within(1e-12));
        assertThat(setup.nut().bass()).isCloseTo(0.55, within(1e-12));
        assertThat(setup.rotation().radians()).isZero();
    }

    /** Take twice off the saddle: 0.060 in for 0.030 in at fret 12. Common practice, no source. */
    @Test
    public void twiceOffTheSaddle() {
        Setup setup = measured(Jobs.flatTop());
        Setup lower = setup.afterSaddleRaised(new Sides<>(-0.060 * 25.4, -0.060 * 25.4));
        assertThat(setup.action().bass() - lower.action().bass()).isCloseTo(0.030 * 25.4, within(0.02));
        assertThat(lower.nut().bass()).isLessThan(setup.nut().bass());
        assertThat(lower.projection()).isCloseTo(setup.projection(), within(1e-9));
    }

    /** A riser of 1/8 in under a floating bridge raises fret 12 by about 1/16 in. Common practice, no source. */
    @Test
    public void aRiserRaisesHalfOfIt() {
        Setup setup = measured(Jobs.archtop());
        Setup raised = setup.afterSaddleRaised(new Sides<>(25.4 / 8, 25.4 / 8));
        assertThat(raised.action().treble() - setup.action().treble()).isCloseTo(25.4 / 16, within(0.05));
        assertThat(raised.supportHeight() - setup.supportHeight()).isCloseTo(25.4 / 8, within(1e-12));
    }

    /** Shaving 1/16 in allows at least 1/64 in less action. Common practice, no source. */
    @Test
    public void aShavedBridgeLetsTheSaddleDown() {
        Setup setup = measured(Jobs.flatTop());
        Setup shaved = setup.afterBridgeShaved(25.4 / 16);
        assertThat(shaved.action()).isEqualTo(setup.action());
        assertThat(shaved.protrusion().orElseThrow().bass()).isCloseTo(3 + 25.4 / 16, within(1e-12));
        Setup lowered = shaved.afterSaddleRaised(new Sides<>(-25.4 / 16, -25.4 / 16));
        assertThat(lowered.protrusion().orElseThrow().bass()).isCloseTo(3, within(1e-12));
        assertThat(setup.action().bass() - lowered.action().bass()).isGreaterThanOrEqualTo(25.4 / 64);
    }

    /**
     * Straightening a neck with too much relief lowers the action by far more at fret 12 than the relief changed.
     * Common practice, no source.
     */
    @Test
    public void straighteningLowersTheActionMoreThanTheRelief() {
        Setup setup = measured(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.5));
        Setup straight = setup.afterRelief(0.15);
        assertThat(setup.action().bass() - straight.action().bass()).isGreaterThan(2 * 0.35);
    }

    /** The crown seen from a turned neck, against a point turned about the pivot with a geometry library. */
    @Test
    public void turningTheNeckIsARigidRotation() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Setup setup = measured(Jobs.random(random));
            double angle = Math.toRadians(random.nextDouble() * 4 - 2);
            Setup turned = setup.afterNeckTurned(Angle.ofRadians(angle));
            for (Side side : Side.values()) {
                double o = setup.basis().fretsOverTop();
                Vector2D crown = new Vector2D(
                        setup.basis().jointToSaddle(), setup.crown().get(side) + o);
                // A neck set back by the angle sees the crown turned by its opposite.
                Vector2D seen = new Vector2D(
                        crown.dotProduct(new Vector2D(Math.cos(angle), Math.sin(angle))),
                        crown.dotProduct(new Vector2D(-Math.sin(angle), Math.cos(angle))));
                assertThat(turned.crown().get(side)).isCloseTo(seen.getY() - o, within(1e-9));
                assertThat(turned.strings().get(side).atNut())
                        .isCloseTo(setup.strings().get(side).atNut(), within(1e-12));
            }
            assertThat(turned.supportHeight()).isEqualTo(setup.supportHeight());
        }
    }

    /** Single changes one after another come to the same as solving for all at once. */
    @Test
    public void stepsAddUpToTheCorrection() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = Jobs.random(random);
            Correction plan =
                    SheetAnalysis.of(job, ShopStandards.DEFAULT).correction().orElseThrow();
            Setup setup = measured(job);
            Setup stepped = setup.afterRelief(plan.planned().reliefGap());
            // The neck first, then what is left between the sides at the saddle, then the nut as planned.
            stepped = stepped.afterNeckTurned(plan.angle());
            Sides<Double> rest = plan.planned().crown().with(stepped.crown(), (to, from) -> to - from);
            stepped = stepped.afterSaddleRaised(rest).afterNut(plan.planned().nut());
            for (Side side : Side.values()) {
                assertThat(stepped.action().get(side)).isCloseTo(plan.plannedAction(side), within(1e-9));
                // The mean of both sides is exact; each side alone is right to second order in the difference between
                // them.
                assertThat(stepped.protrusion().orElseThrow().get(side))
                        .isCloseTo(plan.protrusion().orElseThrow().get(side), within(0.01));
            }
            assertThat(Sides.mean(rest)).isCloseTo(0, within(0.001));
        }
    }

    @Test
    public void theNutTurnsTheStringAboutTheSaddle() {
        Setup setup = measured(Jobs.flatTop());
        Setup cut = setup.afterNut(new Sides<>(0.3, 0.3));
        assertThat(cut.nut().treble()).isCloseTo(0.3, within(1e-12));
        assertThat(cut.crown().bass()).isCloseTo(setup.crown().bass(), within(1e-12));
        // About half of what comes off over fret 1 is seen at fret 12, the saddle being the hinge.
        assertThat((setup.action().bass() - cut.action().bass()) / 0.25).isBetween(0.45, 0.6);
    }

    @Test
    public void crownRiseBringsTheAction() {
        Setup setup = measured(Jobs.flatTop());
        Sides<Double> wanted = new Sides<>(2.5, 2.0);
        Setup raised = setup.afterSaddleRaised(setup.crownRiseFor(wanted));
        assertThat(raised.offFrom(wanted)).isLessThan(1e-12);
        assertThat(raised.meets(wanted, 0)).isTrue();
        assertThat(setup.meets(wanted, 0.5)).isFalse();
    }

    @Test
    public void tunedDownTheBodyComesBack() {
        Setup setup = measured(Jobs.flatTop());
        Setup down = setup.afterTunedDown(2, 0.15);
        assertThat(down.projection() - setup.projection()).isCloseTo(0.15, within(1e-9));
        assertThat(down.action().bass()).isLessThan(setup.action().bass());
        assertThat(down.stepsDown()).isEqualTo(2);
    }

    @Test
    public void aDeeperRampBendsTheStringsMore() {
        Setup setup = measured(Jobs.flatTop());
        Angle before = setup.leastBreakAngle().orElseThrow();
        assertThat(setup.afterRamp(1.5).leastBreakAngle().orElseThrow()).isGreaterThan(before);
        assertThat(measured(Jobs.archtop()).leastBreakAngle()).isEmpty();
    }

    /**
     * Thick end toward the nut, the neck turns about the pocket's far end: against the point turned with a geometry library the
     * strings rise over the frets by (D − P)/D of what the other way round takes off, and the frets rise by P·tan α.
     */
    @Test
    public void aShimTowardTheNutTurnsAboutThePocketsFarEnd() {
        Setup setup = measured(Jobs.flatTop());
        Angle half = Angle.ofDegrees(0.5);
        double pocket = 65;
        Setup forward = setup.afterShim(half.negated(), pocket);
        Setup back = setup.afterShim(half, pocket);
        double up = Sides.mean(forward.crown()) - Sides.mean(setup.crown());
        double down = Sides.mean(setup.crown()) - Sides.mean(back.crown());
        assertThat(up / down).isCloseTo((283 - pocket) / 283, within(0.003));
        assertThat(up / down).isCloseTo(0.77, within(0.005));
        assertThat(forward.basis().fretsOverTop() - setup.basis().fretsOverTop())
                .isCloseTo(pocket * half.tan(), within(1e-12));
        Turn turn = new Turn(half.radians());
        for (Side side : Side.values()) {
            double height = setup.crown().get(side) + setup.basis().fretsOverTop();
            double there = turn.turned(283 - pocket, height) - setup.basis().fretsOverTop();
            assertThat(forward.crown().get(side)).isCloseTo(there, within(1e-9));
        }
    }

    /** A plane turn by a geometry library. */
    private record Turn(double by) {

        double turned(double x, double y) {
            return new org.hipparchus.geometry.euclidean.threed.Rotation(
                            Vector3D.PLUS_K, by, RotationConvention.VECTOR_OPERATOR)
                    .applyTo(new Vector3D(x, y, 0))
                    .getY();
        }
    }

    /**
     * Planing the board keeps the height of the string over fret 1, and lowers the board by what comes off at its
     * ends.
     */
    @Test
    public void aPlanedBoardComesDownByItsDip() {
        Setup setup = measured(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.4));
        Setup planed = setup.afterBoardPlaned(0.1);
        assertThat(planed.reliefGap()).isEqualTo(0.1);
        assertThat(planed.nut().bass()).isCloseTo(setup.nut().bass(), within(1e-9));
        double down = setup.neck().middle().deepest() - planed.neck().middle().deepest();
        assertThat(setup.basis().fretsOverTop() - planed.basis().fretsOverTop()).isCloseTo(down, within(1e-12));
        assertThat(Sides.mean(planed.crown()) - Sides.mean(setup.crown())).isCloseTo(down, within(1e-9));
    }
}
