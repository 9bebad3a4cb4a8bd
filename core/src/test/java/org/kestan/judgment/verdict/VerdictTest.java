package org.kestan.judgment.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.kestan.Said.said;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Detail;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.testng.annotations.Test;

/** Named cases of the trade: common practice, no source. */
public class VerdictTest {

    private static List<Gate> judge(Job job) {
        ShopStandards shop = ShopStandards.DEFAULT;
        // As if a reset were what would be done.
        return Verdict.of(
                SheetAnalysis.of(job, shop),
                Optional.of(new RepairPrice(shop.hours(ShopStandards.RESET), shop.cost(ShopStandards.RESET))));
    }

    private static Gate gate(Job job, GateId id) {
        return judge(job).stream().filter(each -> each.id() == id).findFirst().orElseThrow();
    }

    private static <T> Job survey(Job job, Detail<T> detail, T value) {
        return job.with(detail, value);
    }

    private static double millimeters(Gate gate, GateNumber number) {
        return ((Quantity.Distance) gate.numbers().get(number)).millimeters();
    }

    @Test
    public void allGatesAreThereInTheirOrder() {
        assertThat(judge(Job.BLANK))
                .extracting(gate -> gate.id().key())
                .containsExactly(
                        "soundness",
                        "pitch",
                        "relief",
                        "nut",
                        "fretboard",
                        "action",
                        "saddle",
                        "break-angle",
                        "bridge",
                        "neck-pitch",
                        "worth");
        assertThat(judge(Job.BLANK)).allSatisfy(gate -> {
            assertThat(gate.state()).isEqualTo(GateState.UNKNOWN);
            assertThat(said(gate.reasons())).endsWith(".");
        });
    }

    @Test
    public void aHighActionFromASlackRodIsNotAReset() {
        Job job = Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.6));
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.6), Aim.ACTION_TREBLE, 2.2);
        job = Jobs.put(Jobs.put(job, Reading.ACTION_BASS, 3.1), Reading.ACTION_TREBLE, 2.6);
        job = Jobs.put(job, Aim.RELIEF, 0.2);
        Gate relief = gate(job, GateId.RELIEF);
        assertThat(relief.state()).isEqualTo(GateState.WARN);
        assertThat(said(relief.reasons())).contains("Set the rod first");
        assertThat(millimeters(relief, GateNumber.ACTION_BASS_THEN)).isLessThan(2.6);
        assertThat(gate(job, GateId.SADDLE).state()).isEqualTo(GateState.PASS);
        assertThat(gate(job, GateId.NECK_PITCH).state()).isNotEqualTo(GateState.STOP);
    }

    @Test
    public void aStraightNeckWithSaddleToSpareIsASaddleJob() {
        Job job = Jobs.sound(Jobs.flatTop());
        for (Reading saddle : List.of(Reading.SADDLE_BASS, Reading.SADDLE_TREBLE)) {
            job = Jobs.put(job, saddle, 3);
        }
        job = Jobs.put(Jobs.put(job, Reading.ACTION_BASS, 2.7), Reading.ACTION_TREBLE, 2.2);
        Gate saddle = gate(job, GateId.SADDLE);
        assertThat(saddle.state()).isEqualTo(GateState.PASS);
        assertThat(said(saddle.reasons())).contains("can take it");
        assertThat(millimeters(saddle, GateNumber.REMAINING)).isGreaterThan(1.5);
    }

    @Test
    public void lowSaddleAndHighActionIsAReset() {
        Job job = Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.BRIDGE_THICKNESS, "9/32 in"));
        Gate saddle = gate(job, GateId.SADDLE);
        assertThat(saddle.state()).isEqualTo(GateState.STOP);
        assertThat(said(saddle.reasons())).contains("left; this needs");
        assertThat(gate(job, GateId.NECK_PITCH).state()).isEqualTo(GateState.STOP);
        assertThat(said(gate(job, GateId.NECK_PITCH).reasons())).contains("has to go back");
    }

    @Test
    public void worthDecidesBetweenAResetAndTheCheaperWays() {
        Job job = Jobs.sound(Jobs.flatTop());
        assertThat(gate(job.with(Lines.VALUE, 2600.0), GateId.WORTH).state()).isEqualTo(GateState.PASS);
        assertThat(gate(job.with(Lines.VALUE, 800.0), GateId.WORTH).state()).isEqualTo(GateState.WARN);
        Gate cheap = gate(job.with(Lines.VALUE, 60.0), GateId.WORTH);
        assertThat(cheap.state()).isEqualTo(GateState.STOP);
        assertThat(said(cheap.reasons())).contains("Cheaper ways");
        Job kept = job.with(Lines.COLLECTIBLE, true);
        assertThat(said(gate(kept, GateId.WORTH).reasons())).contains("nothing original is cut");
    }

    @Test
    public void aLiftedBridgeStopsEverythingElse() {
        List<Gate> gates = judge(Jobs.put(Jobs.sound(Jobs.flatTop()), Reading.BRIDGE_LIFT, 0.5));
        assertThat(gates.get(0).state()).isEqualTo(GateState.STOP);
        assertThat(gates.get(0).provisional()).isFalse();
        assertThat(gates.subList(1, gates.size()))
                .allSatisfy(gate -> assertThat(gate.provisional()).isTrue());
    }

    @Test
    public void dryAirMakesItProvisional() {
        Job job = Jobs.sound(Jobs.flatTop());
        Job dry = job.with(Lines.HUMIDITY, 28.0);
        assertThat(gate(dry, GateId.SOUNDNESS).state()).isEqualTo(GateState.STOP);
        assertThat(gate(dry, GateId.SOUNDNESS).numbers()).containsEntry(GateNumber.HUMIDITY, new Quantity.Percent(28));
        assertThat(gate(dry, GateId.ACTION).provisional()).isTrue();
        for (double fine : new double[] {40, 55}) {
            Job right = job.with(Lines.HUMIDITY, fine);
            assertThat(gate(right, GateId.SOUNDNESS).state()).isEqualTo(GateState.PASS);
        }
    }

    @Test
    public void slackStringsAreNoSheet() {
        assertThat(gate(survey(Jobs.sound(Jobs.flatTop()), Lines.STEPS_DOWN, 2), GateId.PITCH)
                        .state())
                .isEqualTo(GateState.STOP);
        assertThat(gate(Jobs.sound(Jobs.flatTop()), GateId.PITCH).state()).isEqualTo(GateState.PASS);
        assertThat(gate(Jobs.sound(Jobs.flatTop()).withStrings(List.of()), GateId.PITCH)
                        .state())
                .isEqualTo(GateState.WARN);
    }

    @Test
    public void anArchtopWithItsBridgeAtTheBottom() {
        Job job = Jobs.put(Jobs.archtop(), Reading.BRIDGE_LOWEST, 25.5);
        assertThat(gate(job, GateId.BRIDGE).state()).isEqualTo(GateState.WARN);
        assertThat(said(gate(job, GateId.BRIDGE).reasons())).contains("bottom of its adjustment");
        assertThat(gate(Jobs.put(job, Reading.BRIDGE_LOWEST, 20), GateId.BRIDGE).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(job, GateId.SADDLE).state()).isEqualTo(GateState.PASS);
    }

    @Test
    public void aTargetAlreadyMetPasses() {
        Job job = Jobs.sound(Jobs.flatTop());
        job = job.with(Aim.ACTION_BASS, job.get(Reading.ACTION_BASS).orElseThrow())
                .with(Aim.ACTION_TREBLE, job.get(Reading.ACTION_TREBLE).orElseThrow());
        job = Jobs.put(Jobs.put(job, Reading.ACTION_BASS, 2), Aim.ACTION_BASS, 2);
        job = Jobs.put(Jobs.put(job, Reading.ACTION_TREBLE, 1.6), Aim.ACTION_TREBLE, 1.6);
        assertThat(gate(job, GateId.ACTION).state()).isEqualTo(GateState.PASS);
        assertThat(said(gate(job, GateId.SADDLE).reasons())).contains("does not need to come down");
    }

    @Test
    public void nutAndFretboardHaveTheirLimits() {
        Job job = Jobs.sound(Jobs.flatTop());
        assertThat(gate(Jobs.put(job, Reading.NUT_TREBLE, 0.1), GateId.NUT).state())
                .isEqualTo(GateState.STOP);
        assertThat(gate(Jobs.put(job, Reading.NUT_BASS, 1), GateId.NUT).state()).isEqualTo(GateState.WARN);
        assertThat(gate(job, GateId.NUT).state()).isEqualTo(GateState.PASS);
        assertThat(gate(Jobs.put(job, Reading.EXTENSION_FALL_AWAY, -0.3), GateId.FRETBOARD)
                        .state())
                .isEqualTo(GateState.WARN);
        assertThat(gate(job, GateId.FRETBOARD).state()).isEqualTo(GateState.PASS);
    }
}
