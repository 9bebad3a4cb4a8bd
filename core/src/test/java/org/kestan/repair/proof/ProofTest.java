package org.kestan.repair.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.geometry.Angle;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.Jobs;
import org.kestan.job.Sections;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepVisit;
import org.kestan.text.BenchUnit;
import org.kestan.text.ProofText;
import org.kestan.text.Wording;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class ProofTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private Job job;
    private WorkPlan plan;
    private Setup planned;

    @BeforeClass
    public void foretell() {
        JobAnalysis analysis = JobAnalysis.of(WorkPlan.taking(Jobs.flatTop(), List.of(WayCatalog.NECK_RESET)), SHOP);
        plan = analysis.plan();
        planned = plan.planned().orElseThrow();
        job = analysis.job()
                .with(
                        Sections.PREDICTION,
                        PredictionMaker.of(plan, analysis.spread().plan(), TODAY));
    }

    /** The job once a setup was read after the work. */
    private Job read(Setup came, double strung) {
        Map<Reading, Double> all = new EnumMap<>(Reading.class);
        all.put(Reading.RELIEF, came.reliefGap());
        all.put(Reading.ACTION_BASS, came.action().bass());
        all.put(Reading.ACTION_TREBLE, came.action().treble());
        all.put(Reading.SADDLE_BASS, came.protrusion().orElseThrow().bass());
        all.put(Reading.SADDLE_TREBLE, came.protrusion().orElseThrow().treble());
        all.put(Reading.PROJECTION_STRUNG, strung);
        Visit visit = StepVisit.of(job, Step.Into.AFTER, TODAY);
        for (Map.Entry<Reading, Double> each : all.entrySet()) {
            visit = visit.with(each.getKey(), mm(each.getValue()));
        }
        return StepVisit.put(job, Step.Into.AFTER, visit);
    }

    private static Length mm(double length) {
        return Length.ofText(String.format(Locale.ROOT, "%.4f mm", length));
    }

    private double strung() {
        return plan.projection().orElseThrow().strungAsRead();
    }

    private static Ways ways(Job job, ShopStandards shop) {
        return Ways.of(SheetAnalysis.of(job, shop));
    }

    private static Proof proof(Job job, ShopStandards shop) {
        return Proof.of(ways(job, shop), TODAY);
    }

    private static Map<Proof.Cause, Sides<Double>> shares(Job job) {
        Map<Proof.Cause, Sides<Double>> all = new EnumMap<>(Proof.Cause.class);
        proof(job, SHOP).explain(ways(job, SHOP), TODAY).forEach(share -> all.put(share.cause(), share.action()));
        return all;
    }

    /** What comes out as predicted is no miss, and there is nothing to explain. */
    @Test
    public void asPredicted() {
        Job after = read(planned, strung());
        Proof proof = proof(after, SHOP);
        assertThat(proof.asMade()).isTrue();
        assertThat(proof.misses()).isFalse();
        assertThat(proof.lines())
                .filteredOn(row -> row.after().isPresent())
                .hasSize(6)
                .allSatisfy(row -> assertThat(row.miss().orElseThrow()).isCloseTo(0, within(1e-3)));
        assertThat(shares(after)).isEmpty();
    }

    /** Until something is read after the work there is no proof, whatever tools were used. */
    @Test
    public void nothingIsProvenBefore() {
        Job job2 = job.with(Reading.BRIDGE_FRONT, mm(8));
        assertThat(proof(job2, SHOP).after()).isEmpty();
        assertThat(proof(job2, SHOP).misses()).isFalse();
    }

    /** More relief than planned: the relief explains the whole miss. */
    @Test
    public void reliefExplains() {
        Setup came = planned.afterRelief(planned.reliefGap() + 0.2);
        Job after = read(came, strung());
        assertThat(proof(after, SHOP).lines())
                .filteredOn(row -> row.reading() == Reading.RELIEF)
                .allMatch(Proof.Row::isMiss);
        double miss = came.action().bass() - planned.action().bass();
        assertThat(shares(after)).containsOnlyKeys(Proof.Cause.RELIEF);
        assertThat(shares(after).get(Proof.Cause.RELIEF).bass()).isCloseTo(miss, within(1e-3));
    }

    /** A body that folds half a millimeter more than assumed: the action is higher by its share at fret 12. */
    @Test
    public void sinkExplains() {
        double distance = planned.basis().jointToSaddle();
        Setup came = planned.afterNeckTurned(Angle.ofRadians(Math.atan(-0.5 / distance)));
        Job after = read(came, strung() - 0.5);
        Map<Proof.Cause, Sides<Double>> shares = shares(after);
        assertThat(shares).containsOnlyKeys(Proof.Cause.SINK);
        // By similar triangles the string over fret 12 rises by half of what the saddle's crown does: x12 / xs.
        assertThat(shares.get(Proof.Cause.SINK).bass())
                .isCloseTo(
                        0.5 * planned.basis().frets().at(12) / planned.basis().saddle(), within(0.02));
        assertThat(proof(after, SHOP).misses()).isTrue();
    }

    /** With the dry fit read, a gluing error is told apart from what the body did. */
    @Test
    public void theNeckAsItWasSet() {
        double distance = planned.basis().jointToSaddle();
        Setup came = planned.afterNeckTurned(Angle.ofRadians(Math.atan(-0.4 / distance)));
        Job after = read(came, strung() - 0.4);
        Visit dry = StepVisit.of(after, Step.Into.DRY_FIT, TODAY)
                .with(
                        Reading.PROJECTION_SLACK,
                        mm(plan.projection().orElseThrow().slackAsRead() - 0.4));
        assertThat(shares(StepVisit.put(after, Step.Into.DRY_FIT, dry))).containsOnlyKeys(Proof.Cause.NECK_SET);
        assertThat(proof(StepVisit.put(after, Step.Into.DRY_FIT, dry), SHOP)
                        .sink(StepVisit.put(after, Step.Into.DRY_FIT, dry), TODAY)
                        .orElseThrow())
                .isCloseTo(plan.projection().orElseThrow().sink(), within(0.05));
    }

    /** A saddle left too tall; what no reading explains is the rest. */
    @Test
    public void saddleAndRest() {
        Setup came = planned.afterSaddleRaised(new Sides<>(0.3, 0.3));
        assertThat(shares(read(came, strung()))).containsOnlyKeys(Proof.Cause.SADDLE);
        Job odd = read(planned, strung());
        Visit visit = StepVisit.of(odd, Step.Into.AFTER, TODAY)
                .with(Reading.ACTION_BASS, mm(planned.action().bass() + 0.3));
        assertThat(shares(StepVisit.put(odd, Step.Into.AFTER, visit))).containsOnlyKeys(Proof.Cause.REST);
    }

    /** 6/64 to 5/64 in is 17 % lower (arithmetic, domain practice: one sixth). */
    @Test
    public void sharesOfChange() {
        Proof.Row row = new Proof.Row(
                Reading.ACTION_BASS,
                OptionalDouble.of(Length.ofText("6/64 in").millimeters()),
                Optional.empty(),
                OptionalDouble.of(Length.ofText("5/64 in").millimeters()),
                0);
        assertThat(row.percent().orElseThrow()).isCloseTo(-16.667, within(1e-3));
        assertThat(row.miss()).isEmpty();
        assertThat(row.isMiss()).isFalse();
    }

    /** The prediction stays as it was made, whatever the shop's standards become; it is written and read again. */
    @Test
    public void staysAsItWasMade() {
        JobTree.Read read = JobTree.read(JobTree.write(job));
        assertThat(read.faults()).isEmpty();
        assertThat(JobTree.write(read.job().orElseThrow())).isEqualTo(JobTree.write(job));
        ShopStandards other = SHOP.with(Standard.SINK, "2 mm").optional().orElseThrow();
        Job back = read.job().orElseThrow();
        assertThat(proof(back, other).prediction()).isEqualTo(proof(back, SHOP).prediction());
        assertThat(back.section(Sections.PREDICTION).orElseThrow().standards().get("values"))
                .isPresent();
    }

    /** Humidity is named if it differs enough for wood to move, and only if it was read both times. */
    @Test
    public void anotherHumidityIsNamed() {
        Job before = job.withVisit(job.visit().with(Lines.HUMIDITY, 45.0));
        Visit after = StepVisit.of(before, Step.Into.AFTER, TODAY).with(Reading.ACTION_BASS, Length.ofText("4 mm"));
        assertThat(proof(StepVisit.put(before, Step.Into.AFTER, after), SHOP).humidity())
                .isEmpty();
        assertThat(with(before, after, 54).humidity()).isEmpty();
        Proof damp = with(before, after, 62);
        assertThat(damp.humidity()).contains(new Proof.Humidity(45, 62));
        JobAnalysis analysis =
                JobAnalysis.of(StepVisit.put(before, Step.Into.AFTER, after.with(Lines.HUMIDITY, 62.0)), SHOP);
        assertThat(ProofText.causes(analysis, Wording.in(BenchUnit.SIXTY_FOURTHS)))
                .contains("Humidity is 62 %, and it was 45 % before. That alone can move the action by 1/64 in.");
    }

    private static Proof with(Job before, Visit after, double humidity) {
        return proof(StepVisit.put(before, Step.Into.AFTER, after.with(Lines.HUMIDITY, humidity)), SHOP);
    }
}
