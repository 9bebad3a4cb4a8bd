package org.kestan.analysis.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.analysis.figures.Figure;
import org.kestan.analysis.figures.State;
import org.kestan.base.finding.Finding;
import org.kestan.base.notation.TypedAngle;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.Ways;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SheetAnalysisTest {

    private static Optional<SideView> view(Job job) {
        return SideView.of(WorkPlan.of(Ways.of(reckon(job))));
    }

    private static SheetAnalysis reckon(Job job) {
        return SheetAnalysis.of(job, ShopStandards.DEFAULT);
    }

    private static List<Figure> figures(Job job) {
        return JobAnalysis.of(job, ShopStandards.DEFAULT).figures();
    }

    private static List<Finding> asked(Job job, Line<?> line) {
        return reckon(job).questions().stream()
                .filter(question -> question.line() == line)
                .flatMap(question -> question.asked().stream())
                .toList();
    }

    private static Figure figure(Job job, Figure.Kind kind) {
        return figures(job).stream()
                .filter(figure -> figure.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void questionsWhatIsImplausibleAndTakesItAllTheSame() {
        Job job = Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 40);
        assertThat(reckon(job).trajectory()).isPresent();
        assertThat(asked(job, Reading.ACTION_BASS)).hasSize(1);
        assertThat(reckon(Jobs.flatTop()).questions()).isEmpty();
    }

    @Test
    public void disagreementNamesTheReadingsToTakeAgain() {
        Job job = Jobs.put(Jobs.flatTop(), Reading.PROJECTION_STRUNG, 6);
        assertThat(said(asked(job, Reading.PROJECTION_STRUNG).get(0)))
                .contains("Take this, the action and the bridge again");
        Job upsideDown = Jobs.put(Jobs.flatTop(), Reading.PROJECTION_SLACK, 4);
        assertThat(asked(upsideDown, Reading.PROJECTION_SLACK)).hasSize(1);
    }

    @Test
    public void angleGaugeIsCrossChecked() {
        Job job = Jobs.flatTop();
        double pitch =
                reckon(job).trajectory().orElseThrow().pitch().orElseThrow().degrees();
        for (double off : new double[] {0.1, 0.6}) {
            TypedAngle gauge = TypedAngle.parse(String.format(Locale.ROOT, "%.2f deg", pitch + off))
                    .optional()
                    .orElseThrow();
            assertThat(asked(job.with(Lines.NECK_ANGLE, gauge), Lines.NECK_ANGLE))
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
        // The strings alone: an unchanged straightedge reading would contradict them.
        Job strings = Jobs.without(Jobs.without(Jobs.flatTop(), Reading.PROJECTION_STRUNG), Reading.PROJECTION_SLACK);
        Job job = Jobs.put(Jobs.put(strings, Reading.ACTION_BASS, action), Reading.ACTION_TREBLE, 1.7);
        job = Jobs.put(job, Reading.SADDLE_BASS, 4);
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
        List<Figure> figures = figures(Job.BLANK);
        assertThat(figures).hasSize(Figure.Kind.values().length);
        assertThat(figures).allSatisfy(figure -> {
            assertThat(figure.now().state()).isEqualTo(State.UNKNOWN);
            assertThat(figure.planned().state()).isEqualTo(State.UNKNOWN);
        });
        assertThat(view(Job.BLANK)).isEmpty();
    }

    @Test
    public void standInsAreWhatTheArithmeticTakes() {
        SheetAnalysis sheetAnalysis = reckon(Jobs.without(Jobs.flatTop(), Reading.FRETS_OVER_TOP));
        assertThat(sheetAnalysis.standIn(Reading.FRETS_OVER_TOP).orElseThrow()).isEqualTo(7);
        assertThat(sheetAnalysis.standIn(Reading.ACTION_BASS)).isEmpty();
        assertThat(sheetAnalysis.standIn(Aim.SADDLE).orElseThrow()).isCloseTo(2.6, within(1e-9));
        // The slot stays: the string turns about it by what the action drops, x_1/x_12 of it over fret 1.
        double first = 632 * (1 - Math.pow(2, -1 / 12.0));
        assertThat(sheetAnalysis.standIn(Aim.NUT_BASS).orElseThrow())
                .isCloseTo(0.55 - (3.9 - 2.2) * first / 316, within(1e-9));
        assertThat(sheetAnalysis.assumed()).contains("survey.fretsOverTop");
        assertThat(sheetAnalysis.assumed()).doesNotContain("survey.nut.bass");
    }

    @Test
    public void drawingAgreesWithTheReadings() {
        SideView view = view(Jobs.flatTop()).orElseThrow();
        double twelfth = view.frets().at(12);
        SideProfile now = view.measured().orElseThrow();
        SideProfile plan = view.outcome().profile().orElseThrow();
        assertThat(now.actionAt(Side.BASS, twelfth)).isCloseTo(3.9, within(1e-9));
        assertThat(plan.actionAt(Side.TREBLE, twelfth)).isCloseTo(1.7, within(1e-9));
        // Both states meet at the pivot, and the strings reach the crown where the bridge puts it.
        assertThat(now.fretLineAt(view.joint())).isEqualTo(plan.fretLineAt(view.joint()));
        double crown = (now.stringAt(Side.BASS, view.saddle()) + now.stringAt(Side.TREBLE, view.saddle())) / 2;
        assertThat(crown).isCloseTo(8.8 + 2.6, within(1e-9));
        assertThat(now.crownAt(view.joint() + 104)).isCloseTo(now.fretLineAt(view.joint() + 104) - 0.2, within(1e-9));
        assertThat(view.marks().last()).isEqualTo(22);
    }

    @Test
    public void drawsTheFretsAsSoonAsScaleAndJointAreKnown() {
        Job job = Jobs.put(Job.BLANK, Dimension.SCALE, 632);
        job = job.with(Lines.JOINT_FRET, 14);
        SideView view = view(job).orElseThrow();
        assertThat(view.measured()).isEmpty();
        assertThat(view.saddle()).isCloseTo(635, within(1e-9));
    }
}
