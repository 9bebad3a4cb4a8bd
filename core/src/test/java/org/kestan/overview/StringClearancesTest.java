package org.kestan.overview;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.analysis.swing.Leveling;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.finding.Finding;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.PlayingTouch;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateFinding;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.GateState;
import org.testng.annotations.Test;

public class StringClearancesTest {

    private static Job strung(Job job) {
        return job.withStrings(List.of(
                StringSpec.of(Length.ofText("0.053 in"), true, "E2"),
                StringSpec.of(Length.ofText("0.012 in"), false, "E4")));
    }

    private static JobAnalysis open(Job job) {
        return JobAnalysis.of(job, ShopStandards.DEFAULT);
    }

    private static double treble(Swing swing) {
        return swing.lowestActions().treble();
    }

    /** More relief gives more room; a stage that changes nothing is not mentioned; leveling removes the proud fret. */
    @Test
    public void stagesOfTheWork() {
        Job job = strung(Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.6)));
        StringClearances room = open(strung(job)).room();
        Swing now = room.at(StringClearances.Stage.NOW).orElseThrow();
        Swing relieved = room.at(StringClearances.Stage.AFTER_ROD).orElseThrow();
        assertThat(treble(relieved)).isNotEqualTo(treble(now));
        assertThat(room.at(StringClearances.Stage.LEVELLED))
                .as("single frets were not read")
                .isEmpty();

        Job proud = Jobs.put(strung(Jobs.sound(Jobs.flatTop())), Reading.FRET_PROUD.at(9), 0.1);
        StringClearances filed = open(strung(proud)).room();
        assertThat(filed.at(StringClearances.Stage.AFTER_ROD))
                .as("the relief is right")
                .isEmpty();
        assertThat(treble(filed.at(StringClearances.Stage.LEVELLED).orElseThrow()))
                .isLessThan(treble(filed.at(StringClearances.Stage.NOW).orElseThrow()));
        assertThat(open(proud.withStrings(List.of())).room().at(StringClearances.Stage.NOW))
                .isEmpty();
    }

    /**
     * A string that rattles at fret 12 is explained by a higher fret that stands proud there; with level frets and a
     * generous action there is no explanation.
     */
    @Test
    public void aRattleHasItsReasonWhereThereIsNoRoom() {
        Job generous = Jobs.put(
                Jobs.put(strung(Jobs.sound(Jobs.flatTop())), Reading.ACTION_BASS, 3.5), Reading.ACTION_TREBLE, 3.0);
        StringOverFrets.Meeting clear = open(generous).room().tightest(1, 12).orElseThrow();
        assertThat(clear.pressed()).isEqualTo(12);
        assertThat(clear.explainsRattle()).isFalse();
        StringOverFrets.Meeting proud = open(Jobs.put(generous, Reading.FRET_PROUD.at(14), clear.clearance() + 0.8))
                .room()
                .tightest(1, 12)
                .orElseThrow();
        assertThat(proud.meets()).isEqualTo(14);
        assertThat(proud.explainsRattle()).isTrue();
        assertThat(new StringOverFrets.Meeting(12, 13, 0.051).explainsRattle()).isFalse();
        assertThat(new StringOverFrets.Meeting(12, 13, 0.049).explainsRattle()).isTrue();
        assertThat(open(generous.withStrings(List.of())).room().tightest(1, 12)).isEmpty();
        assertThat(open(generous).room().tightest(3, 12))
                .as("its gauge is not known")
                .isEmpty();
        assertThat(open(generous).room().tightest(1, 40)).isEmpty();
    }

    /**
     * A target action that a hard hand cannot play clean is reported at the action's gate, with what leveling would
     * allow.
     */
    @Test
    public void anActionThatCanNotBePlayedCleanIsSaid() {
        Job job = Jobs.put(strung(Jobs.sound(Jobs.flatTop())), Reading.FRET_PROUD.at(9), 0.2);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.0), Aim.ACTION_TREBLE, 1.6);
        assertThat(said(strung(job).with(Lines.TOUCH, PlayingTouch.LIGHT)))
                .contains(GateFinding.WANTED_BUZZES)
                .contains(GateFinding.LEVELLING_ALLOWS);
        // So low an action for so hard a hand that a clean note would buzz even with the proud fret down: no leveling
        // is offered.
        Job low = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 1.8), Aim.ACTION_TREBLE, 1.4);
        assertThat(said(strung(low).with(Lines.TOUCH, PlayingTouch.HARD)))
                .contains(GateFinding.WANTED_BUZZES)
                .doesNotContain(GateFinding.LEVELLING_ALLOWS);
        Job high = Jobs.put(
                Jobs.put(Jobs.without(job, Reading.FRET_PROUD.at(9)), Aim.ACTION_BASS, 3.9), Aim.ACTION_TREBLE, 3.2);
        assertThat(said(strung(high).with(Lines.TOUCH, PlayingTouch.LIGHT)))
                .doesNotContain(GateFinding.WANTED_BUZZES, GateFinding.WANTED_BUZZES_OPEN);
    }

    private static List<Finding.Kind> said(Job job) {
        Gate gate = open(job).gates().stream()
                .filter(each -> each.id() == GateId.ACTION)
                .findFirst()
                .orElseThrow();
        assertThat(gate.state()).isNotEqualTo(GateState.UNKNOWN);
        return gate.reasons().stream().map(Finding::kind).toList();
    }

    /** The plan includes leveling if single frets were read; a fret that would end up too low is named. */
    @Test
    public void levelingIsPartOfThePlan() {
        Job job = Jobs.put(strung(Jobs.sound(Jobs.flatTop())), Reading.FRET_PROUD.at(9), 0.3);
        Leveling leveling = open(job).plan().leveling().orElseThrow();
        assertThat(leveling.off()).anySatisfy(off -> assertThat(off.fret()).isEqualTo(9));
        assertThat(leveling.tooLow(0.8, 0.6)).contains(9);
        assertThat(leveling.tooLow(1.2, 0.6)).isEmpty();
        assertThat(open(Jobs.without(job, Reading.FRET_PROUD.at(9))).plan().leveling())
                .isEmpty();
    }
}
