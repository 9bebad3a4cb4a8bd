package org.kestan.overview;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.analysis.figures.Figure;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.BenchUnit;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;
import org.testng.annotations.Test;

/** One answer everywhere: plan, figures and drawing follow the way taken, else the one recommended. */
public class PreviewTest {

    private static JobAnalysis open(Job job) {
        return JobAnalysis.of(job, ShopStandards.DEFAULT);
    }

    @Test
    public void withNoWayTakenTheRecommendedOneIsPlanned() {
        JobAnalysis analysis = open(Jobs.flatTop());
        assertThat(analysis.isPreview()).isTrue();
        assertThat(analysis.recommendation().ways()).isNotEmpty();
        assertThat(analysis.plan().ways()).isEqualTo(analysis.recommendation().ways());
        assertThat(analysis.plan().planned())
                .isEqualTo(analysis.ways()
                        .combined(analysis.recommendation().ways())
                        .predicted()
                        .map(each -> each.setup()));
    }

    @Test
    public void aWayThatIsTakenIsPlannedWhateverIsRecommended() {
        JobAnalysis analysis = open(WorkPlan.taking(Jobs.flatTop(), List.of(WayCatalog.SADDLE)));
        assertThat(analysis.isPreview()).isFalse();
        assertThat(analysis.plan().ways()).containsExactly(WayCatalog.SADDLE);
        assertThat(analysis.plan().heel()).isEmpty();
    }

    /** On a thousand random instruments the recommendation, the drawing and the text about the heel never disagree. */
    @Test
    public void noHeelCutBesideAdviceThatLeavesTheNeckAlone() {
        java.util.Random random = new java.util.Random(20);
        for (int i = 0; i < 1000; i++) {
            JobAnalysis analysis = open(Jobs.random(random));
            boolean cuts = analysis.recommendation().ways().stream().anyMatch(way -> way.has(Effect.CUTS_HEEL));
            if (!cuts) {
                assertThat(analysis.plan().heel()).isEmpty();
                assertThat(analysis.sideView().flatMap(view -> view.outcome().heel()))
                        .isEmpty();
            }
        }
    }

    @Test
    public void whatHangsOnAQuestionedReadingIsHeldBackUntilItIsReadAgain() {
        Job job = Jobs.flatTop().with(Reading.ACTION_BASS, Length.exact(50 * 25.4));
        JobAnalysis analysis = open(job);
        assertThat(analysis.heldBack()).extracting(each -> (Object) each.line()).contains(Reading.ACTION_BASS);
        assertThat(analysis.plan().planned()).isEmpty();
        assertThat(PlanCards.of(analysis, Wording.in(BenchUnit.MILLIMETERS))).isEmpty();
        for (Figure figure : analysis.figures()) {
            assertThat(figure.planned().quantities()).as(figure.kind().key()).isEmpty();
        }
        assertThat(analysis.sideView().orElseThrow().outcome().profile()).isEmpty();
        Job again = ReadingTakes.takeAgain(job, Reading.ACTION_BASS, Length.exact(50 * 25.4), ShopStandards.DEFAULT);
        assertThat(open(again).heldBack()).as("read twice it is what it is").isEmpty();
    }

    /** If strings and straightedge contradict each other, nothing is planned until one of them is taken again. */
    @Test
    public void aContradictionHoldsThePlanBackUntilOneReadingIsTakenAgain() {
        Job sound = Jobs.without(Jobs.flatTop(), Reading.PROJECTION_SLACK);
        double strings = open(sound).trajectory().orElseThrow().impliedStrung();
        Job near = Jobs.put(sound, Reading.PROJECTION_STRUNG, strings + 0.6);
        assertThat(open(near).trajectory().orElseThrow().disagreement().orElseThrow())
                .isGreaterThan(ShopStandards.DEFAULT.get(Standard.DISAGREEMENT));
        assertThat(open(near).heldBack()).as("within what both let expect").isEmpty();
        assertThat(open(near).trajectory().orElseThrow().basis().reconciled()).isPresent();
        Job far = Jobs.put(sound, Reading.PROJECTION_STRUNG, strings + 6);
        assertThat(open(far).heldBack())
                .extracting(each -> (Object) each.line())
                .containsExactly(Reading.PROJECTION_STRUNG);
        assertThat(open(far).plan().planned()).isEmpty();
        Job again = ReadingTakes.takeAgain(
                far, Reading.ACTION_BASS, far.get(Reading.ACTION_BASS).orElseThrow(), ShopStandards.DEFAULT);
        assertThat(open(again).heldBack()).isEmpty();
        assertThat(open(again).questions()).as("still asked").isNotEmpty();
    }

    @Test
    public void aQuestionedReadingOnWhichNothingHangsHoldsNothingBack() {
        Job job = Jobs.flatTop().with(Reading.SLOT_LENGTH, Length.exact(2900));
        assertThat(open(job).questions()).isNotEmpty();
        assertThat(open(job).heldBack()).isEmpty();
        Job scale = Jobs.flatTop().with(Dimension.SCALE, Length.exact(30));
        assertThat(open(scale).heldBack()).isNotEmpty();
    }
}
