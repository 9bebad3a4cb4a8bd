package org.kestan.work.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.kestan.following.correction.Correction;
import org.kestan.following.reckoning.Reckoning;
import org.kestan.ground.sheet.Aim;
import org.kestan.ground.sheet.Side;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.judgement.advice.Ways;
import org.kestan.words.BenchUnit;
import org.kestan.work.plan.WorkPlan;
import org.testng.annotations.Test;

public class PlanMovesTest {

    private static final BenchUnit MM = BenchUnit.MILLIMETRES;

    private static Reckoning reckon(Job job) {
        return Reckoning.of(job, ShopStandards.DEFAULT);
    }

    private static WorkPlan byTarget(Job job) {
        return WorkPlan.of(Ways.of(reckon(job)));
    }

    private static Correction plan(Job job) {
        return reckon(job).correction().orElseThrow();
    }

    @Test
    public void fretLineHoldsTheActionAndTheSaddleFollows() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            Job job = Jobs.random(random);
            double wanted = plan(job).targetStrung() + 2 * random.nextDouble() - 1;
            Correction moved = plan(PlanMoves.move(byTarget(job), Handle.FRET_LINE, wanted, MM::length));
            assertThat(moved.targetStrung()).isCloseTo(wanted, within(MM.step() / 2 + 1e-9));
            assertThat(moved.plannedAction(Side.BASS)).isCloseTo(plan(job).plannedAction(Side.BASS), within(1e-9));
            assertThat(moved.supportHeight() - plan(job).supportHeight())
                    .isCloseTo(moved.targetStrung() - plan(job).targetStrung(), within(1e-9));
        }
    }

    @Test
    public void saddleCrownHoldsTheFretLineAndTheActionFollows() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            Job job = Jobs.random(random);
            double wanted = plan(job).supportHeight() - 0.1 * random.nextDouble();
            Correction moved = plan(PlanMoves.move(byTarget(job), Handle.SADDLE_CROWN, wanted, MM::length));
            assertThat(moved.supportHeight()).isCloseTo(wanted, within(MM.step() / 2 + 1e-9));
            assertThat(moved.targetStrung()).isCloseTo(plan(job).targetStrung(), within(0.003));
            assertThat(moved.plannedAction(Side.TREBLE)).isLessThan(plan(job).plannedAction(Side.TREBLE) + MM.step());
        }
    }

    @Test
    public void actionHoldsTheSaddleAndTheFretLineFollows() {
        Job job = Jobs.flatTop();
        Correction moved = plan(PlanMoves.move(byTarget(job), Handle.ACTION_BASS, 1.9, MM::length));
        assertThat(moved.plannedAction(Side.BASS)).isCloseTo(1.9, within(1e-9));
        assertThat(moved.supportHeight()).isCloseTo(plan(job).supportHeight(), within(1e-9));
        assertThat(moved.targetStrung()).isGreaterThan(plan(job).targetStrung());
    }

    @Test
    public void movesAreWrittenInTheUnitOfTheBench() {
        Job moved = PlanMoves.move(byTarget(Jobs.flatTop()), Handle.ACTION_BASS, 2.4, BenchUnit.SIXTY_FOURTHS::length);
        assertThat(moved.get(Aim.ACTION_BASS).orElseThrow().text()).isEqualTo("3/32 in");
    }

    @Test
    public void resetGoesBackToWhatIsMeasured() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Aim.SADDLE, 4.5), Aim.ACTION_BASS, 3.4);
        job = Jobs.put(job, Aim.ACTION_TREBLE, 2.8);
        Job saddle = PlanMoves.reset(byTarget(job), Handle.SADDLE_CROWN);
        assertThat(saddle.get(Aim.SADDLE)).isEmpty();
        Correction line = plan(PlanMoves.reset(byTarget(job), Handle.FRET_LINE));
        assertThat(line.angle().degrees()).isCloseTo(0, within(1e-3));
        Job action = PlanMoves.reset(byTarget(job), Handle.ACTION_BASS);
        assertThat(plan(action).plannedAction(Side.BASS)).isCloseTo(3.9, within(1e-9));
    }

    /** The saddle is not moved under the bridge's top. */
    @Test
    public void nothingIsMovedBelowZero() {
        Job down = PlanMoves.move(byTarget(Jobs.flatTop()), Handle.FRET_LINE, -8, MM::length);
        assertThat(down.millimetres(Aim.SADDLE).orElseThrow()).isGreaterThan(0);
        assertThat(reckon(down).correction()).isPresent();
    }

    @Test
    public void floatingBridgeMovesByItsHeight() {
        Job job = Jobs.archtop();
        Job moved = PlanMoves.move(byTarget(job), Handle.SADDLE_CROWN, 24, MM::length);
        assertThat(moved.get(Aim.BRIDGE_HEIGHT).orElseThrow().text()).isEqualTo("24.00 mm");
        assertThat(plan(moved).targetStrung()).isCloseTo(plan(job).targetStrung(), within(0.003));
    }

    @Test
    public void nothingMovesWithoutAPlan() {
        assertThat(PlanMoves.move(byTarget(Job.BLANK), Handle.FRET_LINE, 5, MM::length))
                .isEqualTo(Job.BLANK);
        assertThat(PlanMoves.move(byTarget(Jobs.flatTop()), Handle.FRET_LINE, Double.NaN, MM::length))
                .isEqualTo(Jobs.flatTop());
        assertThat(PlanMoves.reset(byTarget(Job.BLANK), Handle.FRET_LINE)).isEqualTo(Job.BLANK);
    }
}
