package org.kestan.reckoning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.notation.Angle;
import org.kestan.notation.BenchUnit;
import org.kestan.plan.WorkPlan;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sideview.Profile;
import org.kestan.sideview.SideView;
import org.kestan.standards.ShopStandards;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ReckoningTest {

    private static Optional<SideView> view(Job job) {
        return SideView.of(reckon(job), WorkPlan.of(reckon(job)));
    }

    private static Reckoning reckon(Job job) {
        return Reckoning.of(job, ShopStandards.DEFAULT);
    }

    private static Figure figure(Job job, Figure.Kind kind) {
        return DecidingFigures.of(reckon(job), BenchUnit.MILLIMETRES).stream()
                .filter(figure -> figure.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void questionsWhatIsImplausibleAndTakesItAllTheSame() {
        Reckoning reckoning = reckon(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 40));
        assertThat(reckoning.trajectory()).isPresent();
        assertThat(Question.about(reckoning.questions(), Reading.ACTION_BASS)).hasSize(1);
        assertThat(reckon(Jobs.flatTop()).questions()).isEmpty();
    }

    @Test
    public void disagreementNamesTheReadingsToTakeAgain() {
        Reckoning reckoning = reckon(Jobs.put(Jobs.flatTop(), Reading.PROJECTION_STRUNG, 6));
        assertThat(Question.about(reckoning.questions(), Reading.PROJECTION_STRUNG)
                        .get(0))
                .contains("take this, the action and the bridge again");
        Reckoning upsideDown = reckon(Jobs.put(Jobs.flatTop(), Reading.PROJECTION_SLACK, 4));
        assertThat(Question.about(upsideDown.questions(), Reading.PROJECTION_SLACK))
                .hasSize(1);
    }

    @Test
    public void angleGaugeIsCrossChecked() {
        Job job = Jobs.flatTop();
        double pitch = Math.toDegrees(reckon(job).trajectory().orElseThrow().pitch());
        for (double off : new double[] {0.1, 0.6}) {
            Angle gauge = Angle.parse(String.format(Locale.ROOT, "%.2f deg", pitch + off))
                    .optional()
                    .orElseThrow();
            Job read = job.withSurvey(job.survey().with(Details.NECK_ANGLE, Optional.of(gauge)));
            assertThat(Question.about(reckon(read).questions(), Details.NECK_ANGLE.pointer()))
                    .hasSize(off > 0.3 ? 1 : 0);
        }
    }

    /** Grades: 8/64 in is out of spec on steel strings. Common practice, no source. */
    @DataProvider
    static Object[][] actions() {
        return new Object[][] {{"8/64 in", State.STOP}, {"7/64 in", State.MARGINAL}, {"2.3 mm", State.GOOD}};
    }

    @Test(dataProvider = "actions")
    public void actionAgainstTheTarget(String action, State state) {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, action), Reading.ACTION_TREBLE, 1.7);
        assertThat(figure(job, Figure.Kind.ACTION).now().state()).isEqualTo(state);
        assertThat(figure(job, Figure.Kind.ACTION).planned().state()).isEqualTo(State.GOOD);
    }

    /** Bridge 3/8 in full, not under 9/32 in on a large body, under 1/4 in already cut. Common practice, no source. */
    @DataProvider
    static Object[][] bridges() {
        return new Object[][] {
            {"3/8 in", State.GOOD}, {"9/32 in", State.GOOD}, {"17/64 in", State.MARGINAL}, {"15/64 in", State.STOP}
        };
    }

    @Test(dataProvider = "bridges")
    public void bridgeThickness(String thickness, State state) {
        Job job = Jobs.put(Jobs.flatTop(), Reading.BRIDGE_THICKNESS, thickness);
        assertThat(figure(job, Figure.Kind.BRIDGE).now().state()).isEqualTo(state);
    }

    @Test
    public void saddleAndPitchAndCut() {
        Job job = Jobs.flatTop();
        assertThat(figure(job, Figure.Kind.SADDLE).now().state()).isEqualTo(State.MARGINAL);
        assertThat(figure(Jobs.put(job, Reading.SADDLE_TREBLE, 1), Figure.Kind.SADDLE)
                        .now()
                        .state())
                .isEqualTo(State.STOP);
        assertThat(figure(job, Figure.Kind.NECK_PITCH).now().state()).isEqualTo(State.STOP);
        assertThat(figure(job, Figure.Kind.HEEL_CUT).planned().state()).isEqualTo(State.MARGINAL);
        assertThat(figure(Jobs.without(job, Reading.HEEL_HEIGHT), Figure.Kind.HEEL_CUT)
                        .planned()
                        .state())
                .isEqualTo(State.UNKNOWN);
        assertThat(figure(Jobs.archtop(), Figure.Kind.BREAK_ANGLE).now().state())
                .isEqualTo(State.UNKNOWN);
    }

    @Test
    public void nothingEnteredIsUnknownNotWrong() {
        List<Figure> figures = DecidingFigures.of(reckon(Job.BLANK), BenchUnit.SIXTY_FOURTHS);
        assertThat(figures).hasSize(Figure.Kind.values().length);
        assertThat(figures).allSatisfy(figure -> {
            assertThat(figure.now().state()).isEqualTo(State.UNKNOWN);
            assertThat(figure.planned().state()).isEqualTo(State.UNKNOWN);
        });
        assertThat(WorkFigures.of(reckon(Job.BLANK), BenchUnit.SIXTY_FOURTHS)).isEmpty();
        assertThat(view(Job.BLANK)).isEmpty();
    }

    @Test
    public void standInsAreWhatTheArithmeticTakes() {
        Reckoning reckoning = reckon(Jobs.without(Jobs.flatTop(), Reading.FRETS_OVER_TOP));
        assertThat(reckoning.standIn(Reading.FRETS_OVER_TOP).orElseThrow()).isEqualTo(7);
        assertThat(reckoning.standIn(Reading.ACTION_BASS)).isEmpty();
        assertThat(reckoning.standIn(Aim.SADDLE).orElseThrow()).isCloseTo(2.6, within(1e-9));
        assertThat(reckoning.standIn(Aim.NUT_BASS).orElseThrow()).isCloseTo(0.55, within(1e-9));
        assertThat(reckoning.isAssumed("survey.fretsOverTop")).isTrue();
        assertThat(reckoning.isAssumed("survey.nut.bass")).isFalse();
    }

    @Test
    public void copiedTextHasTheFiguresThatDecide() {
        String text = WorkFigures.text(
                reckon(Jobs.flatTop()), WorkFigures.of(reckon(Jobs.flatTop()), BenchUnit.SIXTY_FOURTHS));
        assertThat(text)
                .contains("Neck angle correction: ")
                .contains("Heel cut at the cap: ")
                .contains("Straightedge, slack: ")
                .contains("Saddle out, bass: ")
                .contains("Slacken all strings");
    }

    @Test
    public void figuresWithAnUncertaintyNameTheReadingBehindIt() {
        List<WorkFigures.Line> lines = WorkFigures.of(reckon(Jobs.flatTop()), BenchUnit.MILLIMETRES).stream()
                .flatMap(group -> group.lines().stream())
                .toList();
        assertThat(lines)
                .filteredOn(line -> line.value().contains("\u00b1"))
                .hasSizeGreaterThan(9)
                .allSatisfy(line -> assertThat(line.source()).startsWith("\u00b1 mostly from "));
        assertThat(lines)
                .filteredOn(line -> line.label().equals("Heel cut at the cap"))
                .singleElement()
                .satisfies(line -> assertThat(line.source()).contains("action").contains("rule"));
    }

    @Test
    public void drawingAgreesWithTheReadings() {
        SideView view = view(Jobs.flatTop()).orElseThrow();
        double twelfth = view.frets().at(12);
        Profile now = view.measured().orElseThrow();
        Profile plan = view.planned().orElseThrow();
        assertThat(now.actionAt(Side.BASS, twelfth)).isCloseTo(3.9, within(1e-9));
        assertThat(plan.actionAt(Side.TREBLE, twelfth)).isCloseTo(1.7, within(1e-9));
        // Both states meet at the pivot, and the strings reach the crown the bridge gives them.
        assertThat(now.fretLineAt(view.joint())).isEqualTo(plan.fretLineAt(view.joint()));
        double crown = (now.stringAt(Side.BASS, view.saddle()) + now.stringAt(Side.TREBLE, view.saddle())) / 2;
        assertThat(crown).isCloseTo(8.8 + 2.6, within(1e-9));
        assertThat(now.crownAt(view.joint() + 104)).isCloseTo(now.fretLineAt(view.joint() + 104) - 0.2, within(1e-9));
        assertThat(view.lastFret()).isEqualTo(22);
    }

    @Test
    public void drawsTheFretsAsSoonAsScaleAndJointAreKnown() {
        Job job = Jobs.put(Job.BLANK, Dimension.SCALE, 632);
        job = job.withInstrument(job.instrument().withJointFret(OptionalInt.of(14)));
        SideView view = view(job).orElseThrow();
        assertThat(view.measured()).isEmpty();
        assertThat(view.saddle()).isCloseTo(635, within(1e-9));
    }
}
