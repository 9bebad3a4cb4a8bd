package org.kestan.repair.heel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.Trim;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.heel.FittingWatch.Off;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepCheck;
import org.kestan.repair.steps.StepVisit;
import org.kestan.repair.steps.TrimGoal;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FittingWatchTest {

    private static final Job JOB = WorkPlan.taking(Jobs.flatTop(), List.of(WayCatalog.NECK_RESET));
    private static final WorkPlan PLAN =
            JobAnalysis.of(JOB, ShopStandards.DEFAULT).plan();
    private static final HeelGoal GOAL =
            PLAN.correction().flatMap(plan -> HeelGoal.of(plan, JOB)).orElseThrow();

    private static Optional<Length> mm(double length) {
        return Optional.of(Length.ofText(String.format(Locale.ROOT, "%.3f mm", length)));
    }

    private static HeelEntry.Read read(double over, double drift, double roll) {
        return new HeelEntry.Read(
                mm(GOAL.straightedge().asRead(GOAL.target() + over)),
                mm(Math.abs(drift)),
                drift == 0 ? Optional.empty() : Optional.of(drift > 0 ? Side.TREBLE : Side.BASS),
                Optional.empty(),
                mm(12 + roll),
                mm(12),
                UnknownKeys.NONE);
    }

    @DataProvider
    public Object[][] off() {
        return new Object[][] {
            {0.5, 0, 0, Off.PITCH_HIGH, Off.TRUE, Off.TRUE},
            {-0.5, 0, 0, Off.PITCH_LOW, Off.TRUE, Off.TRUE},
            {0, 0.8, 0, Off.TRUE, Off.DRIFT_TREBLE, Off.TRUE},
            {0, -0.8, 0, Off.TRUE, Off.DRIFT_BASS, Off.TRUE},
            {0, 0, 0.6, Off.TRUE, Off.TRUE, Off.ROLL_TREBLE},
            {0, 0, -0.6, Off.TRUE, Off.TRUE, Off.ROLL_BASS},
            {0.2, 0.4, 0.3, Off.TRUE, Off.TRUE, Off.TRUE},
        };
    }

    /** The six directions, each by its sign. */
    @Test(dataProvider = "off")
    public void sixWaysToBeOff(double over, double drift, double roll, Off pitch, Off side, Off turned) {
        FittingWatch watch = FittingWatch.of(GOAL, List.of(read(over, drift, roll)));
        assertThat(watch.pitch().off()).isEqualTo(pitch);
        assertThat(watch.drift().off()).isEqualTo(side);
        assertThat(watch.roll().off()).isEqualTo(turned);
        assertThat(watch.pitch().now().orElseThrow()).isCloseTo(over, within(2e-3));
        assertThat(watch.pitch().worsens()).isFalse();
    }

    @Test
    public void whereItIsGoing() {
        FittingWatch watch = FittingWatch.of(GOAL, List.of(read(-2, 0.2, 0), read(-1, 1.2, 0)));
        assertThat(watch.drift().worsens()).isTrue();
        assertThat(watch.pitch().worsens()).isFalse();
        assertThat(watch.pitch().before().orElseThrow()).isCloseTo(-2, within(2e-3));
        FittingWatch nothing = FittingWatch.of(GOAL, List.of());
        assertThat(nothing.roll().off()).isEqualTo(Off.UNREAD);
    }

    /** The saddle comes down by what the plan takes off its bottom, on both sides. */
    @Test
    public void whereASaddleHasToCome() {
        Job job = WorkPlan.taking(Jobs.flatTop(), List.of(WayCatalog.SADDLE));
        WorkPlan plan = JobAnalysis.of(job, ShopStandards.DEFAULT).plan();
        TrimGoal goal = TrimGoal.of(plan, Trim.Part.SADDLE).orElseThrow();
        assertThat(goal.from().bass()).isCloseTo(3.0, within(1e-9));
        assertThat(goal.from().treble()).isCloseTo(2.2, within(1e-9));
        assertThat(goal.to()).isEqualTo(plan.saddle().orElseThrow().out());
        assertThat(TrimGoal.of(plan, Trim.Part.BRIDGE)).isEmpty();
    }

    /** A number outside its check is reported: the sink before, the prediction after. */
    @Test
    public void aReadingAgainstItsCheck() {
        StepCheck sink = StepCheck.of(PLAN, Step.Into.BEFORE, JOB.visit(), Reading.PROJECTION_SLACK)
                .orElseThrow();
        assertThat(sink.read()).isCloseTo(0.7, within(1e-9));
        assertThat(sink.isOut()).isFalse();
        double predicted = PLAN.projection().orElseThrow().slackAsRead();
        for (double off : new double[] {0.2, 0.4}) {
            Job read = StepVisit.put(
                    JOB,
                    Step.Into.DRY_FIT,
                    StepVisit.of(JOB, Step.Into.DRY_FIT, LocalDate.of(2026, 1, 1))
                            .with(Reading.PROJECTION_SLACK, mm(predicted + off).orElseThrow()));
            StepCheck check = StepCheck.of(
                            PLAN,
                            Step.Into.DRY_FIT,
                            StepVisit.of(read, Step.Into.DRY_FIT, LocalDate.of(2026, 1, 1)),
                            Reading.PROJECTION_SLACK)
                    .orElseThrow();
            assertThat(check.off()).isCloseTo(off, within(2e-3));
            assertThat(check.isOut()).isEqualTo(off > 0.3);
        }
    }
}
