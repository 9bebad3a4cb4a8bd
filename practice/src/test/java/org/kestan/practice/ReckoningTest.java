package org.kestan.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.drills.DrillQuestion;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.reckoning.ReadingCheck;
import org.kestan.practice.reckoning.Reckoning;
import org.kestan.practice.reckoning.Slip;
import org.kestan.practice.reckoning.Trial;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.practice.work.Operation;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SheetReader;
import org.kestan.simulator.tools.Spot;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ReckoningTest {

    private static final PracticeCase CASE = CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP);

    private static Job with(Reading line, double millimeters) {
        return SheetReader.truth(CASE).with(line, Length.ofText(String.format(Locale.ROOT, "%.3f mm", millimeters)));
    }

    private static ReadingCheck check(Reading line, double millimeters) {
        return ReadingCheck.all(with(line, millimeters), CASE).stream()
                .filter(each -> each.line() == line)
                .findFirst()
                .orElseThrow();
    }

    private static State strung() {
        return Equilibrium.strung(CASE.instrument());
    }

    @Test
    public void aTrueSheetIsAllGood() {
        List<ReadingCheck> all = ReadingCheck.all(SheetReader.truth(CASE), CASE);
        assertThat(all).hasSizeGreaterThan(20).allMatch(ReadingCheck::isGood);
        assertThat(all).allMatch(each -> each.slip().isEmpty());
    }

    @DataProvider
    public Object[][] slips() {
        double bass = new Placement(Spot.OVER_FRET, 12, Side.BASS).truth(strung());
        double treble = new Placement(Spot.OVER_FRET, 12, Side.TREBLE).truth(strung());
        double relief =
                Placement.of(Reading.RELIEF, CASE.instrument()).orElseThrow().truth(strung());
        Placement straightedge = new Placement(Spot.PROJECTION, 0, Side.BASS);
        return new Object[][] {
            {Reading.ACTION_BASS, bass + 1, Slip.RULE_END},
            {Reading.ACTION_BASS, treble, Math.abs(treble - bass) > 0.25 ? Slip.OTHER_SIDE : null},
            {Reading.RELIEF, relief / 2, Slip.HALF},
            {Reading.ACTION_BASS, bass / 25.4, Slip.UNIT},
            {Reading.PROJECTION_SLACK, straightedge.truth(strung()), Slip.OTHER_STRINGS},
        };
    }

    @Test(dataProvider = "slips")
    public void aSlipIsNamed(Reading line, double read, Slip slip) {
        ReadingCheck check = check(line, read);
        assertThat(check.slip()).isEqualTo(Optional.ofNullable(slip));
        assertThat(check.isGood()).isEqualTo(slip == null);
    }

    @Test
    public void aReadingNothingExplainsIsLeftUnexplained() {
        double truth = Placement.of(Reading.BRIDGE_THICKNESS, CASE.instrument())
                .orElseThrow()
                .truth(strung());
        ReadingCheck check = check(Reading.BRIDGE_THICKNESS, truth + 2.7);
        assertThat(check.isGood()).isFalse();
        assertThat(check.slip()).isEmpty();
    }

    /** Nothing measured, judged or done: no marks, and the owner takes it back as it came. */
    @Test
    public void doingNothingComesToNothing() {
        Reckoning reckoning = Reckoning.of(PracticeRun.of(CASE).handOver(Job.BLANK));
        assertThat(reckoning.marks().measuring()).isZero();
        assertThat(reckoning.marks().judging()).isZero();
        assertThat(reckoning.after()).isEqualTo(reckoning.before());
        assertThat(reckoning.owner()).isNotEqualTo(Reckoning.Owner.PLEASED);
    }

    @Test
    public void theBestWaysGetTheBestMark() {
        Trial best = Trial.best(Trial.all(CASE, PracticeSolver.truth(CASE))).orElseThrow();
        assertThat(best.miss()).isLessThanOrEqualTo(Trial.NEAR);
        Job planned = WorkPlan.taking(SheetReader.truth(CASE), best.ways());
        Reckoning reckoning = Reckoning.of(PracticeRun.of(CASE).handOver(planned));
        assertThat(reckoning.marks().judging()).isEqualTo(Marks.MOST);
        assertThat(reckoning.marks().measuring()).isEqualTo(Marks.MOST);
        assertThat(reckoning.best().orElseThrow().ways()).isEqualTo(best.ways());
    }

    @Test
    public void aNeckLeftOffIsNotFinished() {
        PracticeRun run = PracticeRun.of(CASE)
                .work(Operation.SLACKEN, new Sides<>(0.0, 0.0))
                .run()
                .work(Operation.FREE_NECK, new Sides<>(9.0, 0.0))
                .run();
        Reckoning reckoning = Reckoning.of(run.handOver(SheetReader.truth(CASE)));
        assertThat(reckoning.owner()).isEqualTo(Reckoning.Owner.UNFINISHED);
        assertThat(reckoning.marks().working()).isZero();
    }

    /** A case that was not handed over is not reckoned: that would reveal the truth in the middle of the work. */
    @Test
    public void anOpenCaseIsNotReckoned() {
        assertThatThrownBy(() -> Reckoning.of(PracticeRun.of(CASE))).isInstanceOf(IllegalStateException.class);
    }

    @DataProvider
    public Object[][] drills() {
        return java.util.Arrays.stream(Drill.values())
                .map(each -> new Object[] {each})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "drills")
    public void drillsAreTheSameForTheSameSeedAndHaveAnswers(Drill drill) {
        List<DrillQuestion> questions = DrillQuestion.of(drill, 5);
        assertThat(questions).hasSize(drill.questions());
        for (DrillQuestion question : questions) {
            if (question instanceof DrillQuestion.OnRule rule) {
                assertThat(rule.height()).isBetween(0.8, 5.3);
                assertThat(rule.isRight(rule.height() + 0.149, 0.15)).isTrue();
                assertThat(rule.isRight(rule.height() + 0.151, 0.15)).isFalse();
            } else if (question instanceof DrillQuestion.Pulls pulls) {
                double rate = (pulls.after() - pulls.before()) / pulls.pulls();
                assertThat(pulls.after() + pulls.left() * rate).isCloseTo(pulls.target(), within(rate));
                assertThat(pulls.isRight(pulls.left())).isTrue();
                assertThat(pulls.isRight(pulls.left() + 4)).isFalse();
            } else if (question instanceof DrillQuestion.Landing landing) {
                assertThat(landing.answer()).isCloseTo(landing.strung() + landing.sink(), within(0.006));
            } else if (question instanceof DrillQuestion.Gates gates) {
                assertThat(gates.analysis().gates()).isNotEmpty();
            }
        }
        assertThat(DrillQuestion.of(drill, 5).get(0).getClass())
                .isEqualTo(questions.get(0).getClass());
    }
}
