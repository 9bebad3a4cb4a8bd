package org.kestan.judgment.counter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.kestan.Said.said;

import java.util.List;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.GateState;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

/** Named cases of the trade: common practice, no source. */
public class CounterCheckTest {

    private static CounterCheck check(Job job) {
        return CounterCheck.of(job, ShopStandards.DEFAULT);
    }

    private static Job five(double actionBass, double actionTreble, double saddle, double thickness) {
        Job job = Jobs.put(Job.BLANK, Reading.ACTION_BASS, actionBass);
        job = Jobs.put(job, Reading.ACTION_TREBLE, actionTreble);
        job = Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, saddle), Reading.SADDLE_TREBLE, saddle);
        return Jobs.put(job, Reading.BRIDGE_THICKNESS, thickness);
    }

    @Test
    public void nothingReadIsNothingKnown() {
        CounterCheck check = check(Job.BLANK);
        assertThat(check.likely().ways()).isEmpty();
        assertThat(check.settle()).isEmpty();
        assertThat(said(check.confidence())).contains("nothing to go on");
        assertThat(check.gates()).hasSize(11);
        assertThat(check.assumed()).hasSize(2);
    }

    @Test
    public void aGrossCaseHangsOnItsWorthAlone() {
        CounterCheck check = check(five(5, 4.2, 1.2, 7));
        assertThat(check.likely().ways()).contains(WayCatalog.NECK_RESET);
        assertThat(check.cases()).isLessThan(check.of());
        assertThat(said(check.settle().orElseThrow().what())).isEqualTo("what it is worth");

        CounterCheck valued = check(five(5, 4.2, 1.2, 7).with(Lines.VALUE, 5000.0));
        assertThat(valued.likely().ways()).contains(WayCatalog.NECK_RESET);
        assertThat(said(valued.confidence())).startsWith("settled");
        assertThat(valued.settle()).isEmpty();
    }

    @Test
    public void aMiddlingActionHangsOnTheRelief() {
        Job job = five(3, 2.5, 2.0, 8.8).with(Lines.VALUE, 5000.0);
        job = job.with(Lines.TRUSS_ROD, TrussRod.WORKS);
        job = Jobs.put(Jobs.put(job, Reading.NUT_BASS, 0.5), Reading.NUT_TREBLE, 0.4);
        CounterCheck check = check(job);
        assertThat(check.cases()).isLessThan(check.of());
        assertThat(said(check.settle().orElseThrow().what())).isEqualTo("the relief");
        assertThat(check.settle().orElseThrow().cases()).isGreaterThan(check.cases());
        CounterCheck read = check(Jobs.put(job, Reading.RELIEF, 0.6));
        assertThat(read.of()).isEqualTo(1);
        assertThat(read.likely().ways()).contains(WayCatalog.TRUSS_ROD);
    }

    @Test
    public void whatIsBadAtALookComesFirst() {
        Job job = five(3, 2.5, 2.0, 8.8);
        job = job.withVisit(job.visit().with(new Observation(Defect.BRIDGE_LIFT, Severity.SERIOUS, "")));
        CounterCheck check = check(job);
        assertThat(check.likely().ways()).containsExactly(WayCatalog.REGLUE_BRIDGE);
        assertThat(said(check.confidence())).startsWith("settled");
        assertThat(check.gates().get(0).state()).isEqualTo(GateState.STOP);
    }

    @Test
    public void gatesStayHonestAboutWhatWasNotRead() {
        List<GateId> unknown = check(five(3, 2.5, 3, 9)).gates().stream()
                .filter(gate -> gate.state() == GateState.UNKNOWN)
                .map(gate -> gate.id())
                .toList();
        assertThat(unknown)
                .contains(GateId.SOUNDNESS, GateId.PITCH, GateId.RELIEF, GateId.NUT, GateId.FRETBOARD, GateId.WORTH)
                .doesNotContain(GateId.ACTION, GateId.SADDLE, GateId.BRIDGE);
    }
}
