package org.kestan.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.testng.annotations.Test;

/** Named cases of the trade: common practice, no source. */
public class VerdictTest {

    private static List<Gate> judge(Job job) {
        return Verdict.of(Reckoning.of(job, ShopStandards.DEFAULT), BenchUnit.MILLIMETRES);
    }

    private static Gate gate(Job job, GateId id) {
        return judge(job).get(id.ordinal());
    }

    private static <T> Job survey(Job job, Detail<T> detail, T value) {
        return job.withSurvey(job.survey().with(detail, Optional.of(value)));
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
            assertThat(gate.reason()).endsWith(".");
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
        assertThat(relief.reason()).contains("turn the rod first");
        assertThat(relief.numbers().get("actionBassThen")).isLessThan(2.6);
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
        assertThat(saddle.reason()).contains("can take it");
        assertThat(saddle.numbers().get("remaining")).isGreaterThan(1.5);
    }

    @Test
    public void lowSaddleAndHighActionIsAReset() {
        Job job = Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.BRIDGE_THICKNESS, "9/32 in"));
        Gate saddle = gate(job, GateId.SADDLE);
        assertThat(saddle.state()).isEqualTo(GateState.STOP);
        assertThat(saddle.reason()).contains("left; this needs");
        assertThat(gate(job, GateId.NECK_PITCH).state()).isEqualTo(GateState.STOP);
        assertThat(gate(job, GateId.NECK_PITCH).reason()).contains("has to go back");
    }

    @Test
    public void worthDecidesBetweenAResetAndTheCheaperWays() {
        Job job = Jobs.sound(Jobs.flatTop());
        assertThat(gate(job.with(Details.VALUE, Optional.of(2600.0)), GateId.WORTH)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(job.with(Details.VALUE, Optional.of(800.0)), GateId.WORTH)
                        .state())
                .isEqualTo(GateState.WARN);
        Gate cheap = gate(job.with(Details.VALUE, Optional.of(60.0)), GateId.WORTH);
        assertThat(cheap.state()).isEqualTo(GateState.STOP);
        assertThat(cheap.reason()).contains("cheaper ways");
        Job kept = job.withInstrument(job.instrument().withCollectible(Optional.of(true)));
        assertThat(gate(kept, GateId.WORTH).reason()).contains("nothing original is cut");
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
        Job dry = job.withSurvey(job.survey().withHumidity(OptionalDouble.of(28)));
        assertThat(gate(dry, GateId.SOUNDNESS).state()).isEqualTo(GateState.STOP);
        assertThat(gate(dry, GateId.SOUNDNESS).numbers()).containsEntry("humidity", 28.0);
        assertThat(gate(dry, GateId.ACTION).provisional()).isTrue();
        for (double fine : new double[] {40, 55}) {
            Job right = job.withSurvey(job.survey().withHumidity(OptionalDouble.of(fine)));
            assertThat(gate(right, GateId.SOUNDNESS).state()).isEqualTo(GateState.PASS);
        }
    }

    @Test
    public void slackStringsAreNoSheet() {
        assertThat(gate(survey(Jobs.sound(Jobs.flatTop()), Details.STEPS_DOWN, 2), GateId.PITCH)
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
        assertThat(gate(job, GateId.BRIDGE).reason()).contains("bottom of its adjustment");
        assertThat(gate(Jobs.put(job, Reading.BRIDGE_LOWEST, 20), GateId.BRIDGE).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(job, GateId.SADDLE).state()).isEqualTo(GateState.PASS);
    }

    @Test
    public void aTargetAlreadyMetPasses() {
        Job job = Jobs.sound(Jobs.flatTop());
        job = job.with(Aim.ACTION_BASS, job.length(Reading.ACTION_BASS))
                .with(Aim.ACTION_TREBLE, job.length(Reading.ACTION_TREBLE));
        job = Jobs.put(Jobs.put(job, Reading.ACTION_BASS, 2), Aim.ACTION_BASS, 2);
        job = Jobs.put(Jobs.put(job, Reading.ACTION_TREBLE, 1.6), Aim.ACTION_TREBLE, 1.6);
        assertThat(gate(job, GateId.ACTION).state()).isEqualTo(GateState.PASS);
        assertThat(gate(job, GateId.SADDLE).reason()).contains("need not come down");
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
