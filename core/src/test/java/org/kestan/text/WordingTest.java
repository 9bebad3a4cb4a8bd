package org.kestan.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.StationFinding;
import org.testng.annotations.Test;

public class WordingTest {

    private static final Wording MM = Wording.in(BenchUnit.MILLIMETERS);

    private static JobAnalysis analysis(Job job) {
        return JobAnalysis.of(job, ShopStandards.DEFAULT);
    }

    @Test
    public void oneThingIsSaidInTheSingular() {
        assertThat(MM.say(StationFinding.QUESTIONS.of(Quantity.count(1)))).isEqualTo("1 question");
        assertThat(MM.say(StationFinding.QUESTIONS.of(Quantity.count(3)))).isEqualTo("3 questions");
    }

    @Test
    public void aFindingHasTheQuantitiesOfItsKind() {
        assertThatThrownBy(() -> StationFinding.QUESTIONS.of()).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> StationFinding.QUESTIONS.of(Quantity.text("three")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** The same finding, in the unit of the display: lengths change, the sentence does not. */
    @Test
    public void lengthsAreSaidInTheUnitOfTheDisplay() {
        Finding said = analysis(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, "9/64 in"))
                .gates()
                .get(5)
                .reasons()
                .get(0);
        assertThat(MM.say(said)).contains("3.57 mm");
        assertThat(Wording.in(BenchUnit.SIXTY_FOURTHS).say(said)).contains("9/64 in");
        assertThat(Wording.in(BenchUnit.THOUSANDTHS).say(said)).contains("140.6 thou");
    }

    @Test
    public void waysAreSaidInARow() {
        assertThat(Wording.ways(List.of())).isEqualTo("Nothing yet");
        assertThat(Wording.ways(List.of(WayCatalog.TRUSS_ROD, WayCatalog.SADDLE)))
                .startsWith(Wording.label(WayCatalog.TRUSS_ROD))
                .contains(", then ");
    }

    /**
     * For the owner the gates are described in whole sentences, and never with a number from the bench they did not
     * ask for.
     */
    @Test
    public void theOwnerIsToldWhatTheBenchIsTold() {
        Random random = new Random(20261125);
        for (int i = 0; i < 60; i++) {
            JobAnalysis analysis = analysis(Jobs.random(random));
            Wording owner = MM.to(Audience.OWNER);
            analysis.gates()
                    .forEach(gate -> assertThat(owner.say(gate.reasons()))
                            .isNotBlank()
                            .doesNotContain("{")
                            .doesNotContain("NaN"));
            assertThat(owner.say(analysis.recommendation().reasons())).isNotBlank();
        }
    }

    @Test
    public void cardsSayWhatIsToBeDone() {
        JobAnalysis analysis = analysis(Jobs.flatTop());
        List<Card> cards = PlanCards.of(analysis, analysis.plan(), analysis.spread(), MM);
        assertThat(cards)
                .extracting(card -> card.id().key())
                .contains("neck", "joint", "saddle-to-make", "intonation", "nut-and-frets");
        assertThat(PlanCards.text(analysis, cards))
                .contains("Neck angle correction: ")
                .contains("Heel cut at the cap: ")
                .contains("Straightedge, slack: ")
                .contains("Slacken all strings");
        List<Card.Row> rows =
                cards.stream().flatMap(card -> card.rows().stream()).toList();
        assertThat(rows)
                .filteredOn(row -> row.value().contains("\u00b1"))
                .hasSizeGreaterThan(9)
                .allSatisfy(row -> assertThat(row.source()).startsWith("\u00b1 mostly from "));
        JobAnalysis blank = analysis(Job.BLANK);
        assertThat(PlanCards.of(blank, blank.plan(), JobAnalysis.Spread.NONE, MM))
                .isEmpty();
    }
}
