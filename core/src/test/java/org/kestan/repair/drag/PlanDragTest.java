package org.kestan.repair.drag;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.judgment.advice.Ways;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.BenchUnit;
import org.testng.annotations.Test;

public class PlanDragTest {

    private static final BenchUnit MM = BenchUnit.MILLIMETERS;

    private static SheetAnalysis reckon(Job job) {
        return SheetAnalysis.of(job, ShopStandards.DEFAULT);
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
            Correction moved = plan(PlanDrag.move(byTarget(job), Handle.FRET_LINE, wanted, MM::length));
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
            Correction moved = plan(PlanDrag.move(byTarget(job), Handle.SADDLE_CROWN, wanted, MM::length));
            assertThat(moved.supportHeight()).isCloseTo(wanted, within(MM.step() / 2 + 1e-9));
            assertThat(moved.targetStrung()).isCloseTo(plan(job).targetStrung(), within(0.003));
            assertThat(moved.plannedAction(Side.TREBLE)).isLessThan(plan(job).plannedAction(Side.TREBLE) + MM.step());
        }
    }

    @Test
    public void actionHoldsTheSaddleAndTheFretLineFollows() {
        Job job = Jobs.flatTop();
        Correction moved = plan(PlanDrag.move(byTarget(job), Handle.ACTION_BASS, 1.9, MM::length));
        assertThat(moved.plannedAction(Side.BASS)).isCloseTo(1.9, within(1e-9));
        assertThat(moved.supportHeight()).isCloseTo(plan(job).supportHeight(), within(1e-9));
        assertThat(moved.targetStrung()).isGreaterThan(plan(job).targetStrung());
    }

    @Test
    public void movesAreWrittenInTheUnitOfTheBench() {
        Job moved = PlanDrag.move(byTarget(Jobs.flatTop()), Handle.ACTION_BASS, 2.4, BenchUnit.SIXTY_FOURTHS::length);
        assertThat(moved.get(Aim.ACTION_BASS).orElseThrow().text()).isEqualTo("3/32 in");
    }

    @Test
    public void resetGoesBackToWhatIsMeasured() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Aim.SADDLE, 4.5), Aim.ACTION_BASS, 3.4);
        job = Jobs.put(job, Aim.ACTION_TREBLE, 2.8);
        Job saddle = PlanDrag.reset(byTarget(job), Handle.SADDLE_CROWN);
        assertThat(saddle.get(Aim.SADDLE)).isEmpty();
        Correction line = plan(PlanDrag.reset(byTarget(job), Handle.FRET_LINE));
        assertThat(line.angle().degrees()).isCloseTo(0, within(1e-3));
        Job action = PlanDrag.reset(byTarget(job), Handle.ACTION_BASS);
        assertThat(plan(action).plannedAction(Side.BASS)).isCloseTo(3.9, within(1e-9));
    }

    /** The saddle can't be moved below the top of the bridge. */
    @Test
    public void nothingIsMovedBelowZero() {
        Job down = PlanDrag.move(byTarget(Jobs.flatTop()), Handle.FRET_LINE, -8, MM::length);
        assertThat(down.millimeters(Aim.SADDLE).orElseThrow()).isGreaterThan(0);
        assertThat(reckon(down).correction()).isPresent();
    }

    @Test
    public void floatingBridgeMovesByItsHeight() {
        Job job = Jobs.archtop();
        Job moved = PlanDrag.move(byTarget(job), Handle.SADDLE_CROWN, 24, MM::length);
        assertThat(moved.get(Aim.BRIDGE_HEIGHT).orElseThrow().text()).isEqualTo("24.00 mm");
        assertThat(plan(moved).targetStrung()).isCloseTo(plan(job).targetStrung(), within(0.003));
    }

    @Test
    public void nothingMovesWithoutAPlan() {
        assertThat(PlanDrag.move(byTarget(Job.BLANK), Handle.FRET_LINE, 5, MM::length))
                .isEqualTo(Job.BLANK);
        assertThat(PlanDrag.move(byTarget(Jobs.flatTop()), Handle.FRET_LINE, Double.NaN, MM::length))
                .isEqualTo(Jobs.flatTop());
        assertThat(PlanDrag.reset(byTarget(Job.BLANK), Handle.FRET_LINE)).isEqualTo(Job.BLANK);
    }
}
