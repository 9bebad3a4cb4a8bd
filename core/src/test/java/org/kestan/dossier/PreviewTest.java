package org.kestan.dossier;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.following.figures.Figure;
import org.kestan.ground.notation.Length;
import org.kestan.ground.sheet.Dimension;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.taking.Takings;
import org.kestan.judgement.way.Effect;
import org.kestan.judgement.ways.Catalogue;
import org.kestan.words.BenchUnit;
import org.kestan.words.PlanCards;
import org.kestan.words.Words;
import org.kestan.work.plan.WorkPlan;
import org.testng.annotations.Test;

/** One answer everywhere: plan, figures and drawing go by the way taken, else by the one recommended. */
public class PreviewTest {

    private static Dossier open(Job job) {
        return Dossier.of(job, ShopStandards.DEFAULT);
    }

    @Test
    public void withNoWayTakenTheRecommendedOneIsPlanned() {
        Dossier dossier = open(Jobs.flatTop());
        assertThat(dossier.isPreview()).isTrue();
        assertThat(dossier.recommendation().ways()).isNotEmpty();
        assertThat(dossier.plan().ways()).isEqualTo(dossier.recommendation().ways());
        assertThat(dossier.plan().planned())
                .isEqualTo(dossier.ways()
                        .combined(dossier.recommendation().ways())
                        .predicted()
                        .map(each -> each.setup()));
    }

    @Test
    public void aWayThatIsTakenIsPlannedWhateverIsRecommended() {
        Dossier dossier = open(WorkPlan.taking(Jobs.flatTop(), List.of(Catalogue.SADDLE)));
        assertThat(dossier.isPreview()).isFalse();
        assertThat(dossier.plan().ways()).containsExactly(Catalogue.SADDLE);
        assertThat(dossier.plan().heel()).isEmpty();
    }

    /** The recommendation of thousand random instruments and what is drawn and said of the heel never differ. */
    @Test
    public void noHeelCutBesideAdviceThatLeavesTheNeckAlone() {
        java.util.Random random = new java.util.Random(20);
        for (int i = 0; i < 1000; i++) {
            Dossier dossier = open(Jobs.random(random));
            boolean cuts = dossier.recommendation().ways().stream().anyMatch(way -> way.has(Effect.CUTS_HEEL));
            if (!cuts) {
                assertThat(dossier.plan().heel()).isEmpty();
                assertThat(dossier.sideView().flatMap(view -> view.heel())).isEmpty();
            }
        }
    }

    @Test
    public void whatHangsOnAQuestionedReadingIsHeldBackUntilItIsReadAgain() {
        Job job = Jobs.flatTop().with(Reading.ACTION_BASS, Length.exact(50 * 25.4));
        Dossier dossier = open(job);
        assertThat(dossier.heldBack()).extracting(each -> (Object) each.line()).containsExactly(Reading.ACTION_BASS);
        assertThat(dossier.plan().planned()).isEmpty();
        assertThat(PlanCards.of(dossier, Words.in(BenchUnit.MILLIMETRES))).isEmpty();
        for (Figure figure : dossier.figures()) {
            assertThat(figure.planned().quantities()).as(figure.kind().key()).isEmpty();
        }
        assertThat(dossier.sideView().orElseThrow().planned()).isEmpty();
        Job again = Takings.takeAgain(job, Reading.ACTION_BASS, Length.exact(50 * 25.4), ShopStandards.DEFAULT);
        assertThat(open(again).heldBack()).as("read twice it is what it is").isEmpty();
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
