package org.kestan.repair.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.uncertainty.Propagation;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.template.Templates;
import org.kestan.text.BenchUnit;
import org.kestan.text.Card;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds for every plan, on random instruments. */
public class PlanPropertiesTest {

    private static final long SEED = 20261123;
    private static final int TRIALS = 60;

    private static WorkPlan plan(Job job, ShopStandards shop, Way... ways) {
        return WorkPlan.of(Ways.of(SheetAnalysis.of(job, shop)), List.of(ways));
    }

    private static List<Card> cards(WorkPlan plan, BenchUnit unit) {
        JobAnalysis analysis = JobAnalysis.of(plan.job(), plan.shop());
        return PlanCards.of(analysis, plan, JobAnalysis.Spread.NONE, Wording.in(unit));
    }

    private static String text(WorkPlan plan, JobAnalysis.Spread spread) {
        JobAnalysis analysis = JobAnalysis.of(plan.job(), plan.shop());
        return PlanCards.text(analysis, PlanCards.of(analysis, plan, spread, Wording.in(BenchUnit.MILLIMETERS)));
    }

    private static Job full(Random random) {
        Job job = Jobs.random(random);
        job = job.with(Lines.JOINT, Joint.values()[random.nextInt(5)]);
        for (Reading reading : Reading.values()) {
            if (job.get(reading).isEmpty() && reading.plausible(40)) {
                job = Jobs.put(job, reading, 40);
            }
        }
        job = Jobs.put(Jobs.put(job, Reading.SLOT_DEPTH, 4), Reading.SLOT_WIDTH, 2.4);
        job = Jobs.without(Jobs.put(job, Reading.RADIUS_NUT, 350), Reading.BRIDGE_HEIGHT);
        job = Jobs.put(job, Reading.RADIUS_BODY, 420);
        job = job.with(Lines.VALUE, random.nextDouble() * 2000);
        return Jobs.put(Jobs.put(job, Reading.OBSTACLE_HEIGHT, 6), Reading.OBSTACLE_DISTANCE, 100);
    }

    @DataProvider
    public Object[][] ways() {
        return WayCatalog.ALL.stream().map(way -> new Object[] {way}).toArray(Object[][]::new);
    }

    /** Whatever way is asked for, a plan is either empty or complete: every part finite, every figure in words. */
    @Test(dataProvider = "ways")
    public void everyWayIsPlannedWholeOrNotAtAll(Way way) {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            WorkPlan plan = plan(full(random), ShopStandards.DEFAULT, way);
            List<Card> cards = cards(plan, BenchUnit.SIXTY_FOURTHS);
            assertThat(cards.isEmpty()).isEqualTo(plan.planned().isEmpty());
            for (Card card : cards) {
                assertThat(card.title()).isNotBlank();
                assertThat(card.rows()).allSatisfy(line -> {
                    assertThat(line.label()).isNotBlank();
                    assertThat(line.value()).isNotBlank().doesNotContain("NaN").doesNotContain("Infinity");
                });
            }
            Templates.of(plan).forEach(template -> assertThat(template.inks()).isNotEmpty());
        }
    }

    /** The plan and the instrument after it agree: the crown is where the parts put it. */
    @Test
    public void partsAndSetupAgree() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            WorkPlan plan = plan(full(random), ShopStandards.DEFAULT);
            ProjectionPlan projection = plan.projection().orElseThrow();
            SaddlePlan saddle = plan.saddle().orElseThrow();
            BridgePlan bridge = plan.bridge().orElseThrow();
            double support =
                    bridge.after() + (saddle.out().bass() + saddle.out().treble()) / 2;
            assertThat(support).isCloseTo(plan.planned().orElseThrow().supportHeight(), within(1e-9));
            assertThat(projection.overBridge()).isCloseTo(projection.slack() - bridge.after(), within(1e-9));
            Crown crown = saddle.crown().orElseThrow();
            assertThat(crown.strings().get(0).height()).isCloseTo(saddle.out().bass(), within(1e-9));
            assertThat(crown.strings().get(5).height()).isCloseTo(saddle.out().treble(), within(1e-9));
        }
    }

    /** A saddle that stays the same height, with no other change, changes nothing anywhere. */
    @Test
    public void nothingPlannedChangesNothing() {
        Job job = Jobs.without(
                Jobs.put(Jobs.put(Jobs.flatTop(), Aim.ACTION_BASS, 3.9), Aim.ACTION_TREBLE, 3.2),
                Reading.PROJECTION_STRUNG);
        WorkPlan plan = plan(job, ShopStandards.DEFAULT);
        assertThat(plan.planned().orElseThrow().rotation().radians()).isCloseTo(0, within(1e-12));
        SaddlePlan saddle = plan.saddle().orElseThrow();
        assertThat(saddle.off().bass()).isCloseTo(0, within(1e-9));
        assertThat(plan.bridge().orElseThrow().changes()).isFalse();
        Intonation intonation = plan.intonation().orElseThrow();
        assertThat(intonation.lengthChange()).isCloseTo(0, within(1e-9));
        assertThat(intonation.centsChange().bass()).isCloseTo(0, within(1e-9));
        assertThat(Templates.of(plan)).isEmpty();
    }

    /**
     * What goes off the saddle depends on the action read by x_s/x_12, and hardly on anything else: U = k·u·x_s/x_12 by the
     * law of propagation for the step of the rule and the hand (JCGM 100:2008, 5.1.2 and G.6.5).
     */
    @Test
    public void theSaddlesSpreadIsTheActionsTimesItsLever() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.7), Reading.ACTION_TREBLE, 2.2);
        WorkPlan plan = plan(job, ShopStandards.DEFAULT, WayCatalog.SADDLE);
        Uncertainty.Estimate estimate = PlanFigure.of(plan).get(PlanFigure.OFF_BASS);
        double saddle = 632 * (1 - Math.pow(2, -14 / 12.0)) + 283;
        double standard = Repeatability.standard(job.visit(), Reading.ACTION_BASS, ShopStandards.DEFAULT);
        double step = Tool.RULE_64.resolution() / Math.sqrt(3) / standard;
        double coverage = Propagation.coverage(-1.2 * Math.pow(step, 4));
        assertThat(estimate.expanded()).isCloseTo(coverage * standard * saddle / 316, within(0.01));
        assertThat(estimate.dominating()).contains(Reading.ACTION_BASS);
        assertThat(estimate.share()).isGreaterThan(0.95);
        assertThat(text(
                        plan,
                        new JobAnalysis.Spread(
                                Uncertainty.of(plan.sheetAnalysis()), PlanFigure.of(plan), Optional.empty())))
                .contains("Worth reading again: action, bass");
        assertThat(PlanFigure.of(plan(Job.BLANK, ShopStandards.DEFAULT))).isEmpty();
    }

    @Test
    public void aRiserIsPlannedOnBothFeet() {
        Job job = Jobs.put(Jobs.put(Jobs.archtop(), Reading.ACTION_BASS, 1.6), Reading.ACTION_TREBLE, 1.2)
                .with(Lines.BRIDGE, ArchtopBridge.SOLID);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 3), Aim.ACTION_TREBLE, 2);
        WorkPlan plan = plan(job, ShopStandards.DEFAULT, WayCatalog.FLOATING_BRIDGE);
        BridgePlan bridge = plan.bridge().orElseThrow();
        assertThat(bridge.riser()).isCloseTo(bridge.after() - 25.5, within(1e-9));
        assertThat(bridge.sides().bass()).isGreaterThan(bridge.sides().treble());
        assertThat(plan.saddle()).isEmpty();
        String text = text(plan, JobAnalysis.Spread.NONE);
        assertThat(text).contains("Strips under the feet").contains("Floating bridge, to fit");
    }

    @Test
    public void theShopsSchoolTellsTheTargetOnceAWayIsTaken() {
        ShopStandards shop = ShopStandards.DEFAULT.with(School.SADDLE_LEFT);
        SheetAnalysis sheetAnalysis = SheetAnalysis.of(Jobs.flatTop(), shop);
        Job taken = WorkPlan.take(Ways.of(sheetAnalysis), List.of(WayCatalog.NECK_RESET));
        assertThat(taken.millimeters(Aim.SADDLE).orElseThrow()).isCloseTo(0.180 * 25.4, within(0.001));
        WorkPlan plan = WorkPlan.of(Ways.of(SheetAnalysis.of(taken, shop)));
        assertThat(plan.planned().orElseThrow().rotation().radians())
                .isCloseTo(
                        SheetAnalysis.of(taken, shop)
                                .correction()
                                .orElseThrow()
                                .angle()
                                .radians(),
                        within(1e-9));
        // A job with its own saddle target, and a shop that goes by the sum, are left alone.
        Job own = Jobs.put(Jobs.flatTop(), Aim.SADDLE, 3);
        assertThat(WorkPlan.take(Ways.of(SheetAnalysis.of(own, shop)), List.of(WayCatalog.NECK_RESET))
                        .get(Aim.SADDLE))
                .isEqualTo(own.get(Aim.SADDLE));
        assertThat(WorkPlan.take(
                                Ways.of(SheetAnalysis.of(Jobs.flatTop(), ShopStandards.DEFAULT)),
                                List.of(WayCatalog.NECK_RESET))
                        .get(Aim.SADDLE))
                .isEqualTo(Jobs.flatTop().get(Aim.SADDLE));
    }

    @Test
    public void drawingsShowWhatIsPlannedByTheWayTaken() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.7), Reading.ACTION_TREBLE, 2.2);
        SheetAnalysis sheetAnalysis =
                SheetAnalysis.of(WorkPlan.taking(job, List.of(WayCatalog.SADDLE)), ShopStandards.DEFAULT);
        var view = org.kestan.repair.sideview.SideView.of(WorkPlan.of(Ways.of(sheetAnalysis)))
                .orElseThrow();
        assertThat(view.outcome().heel()).isEmpty();
        var planned = view.outcome().profile().orElseThrow();
        double twelfth = view.frets().at(12);
        assertThat(planned.actionAt(Side.BASS, twelfth)).isCloseTo(2.2, within(1e-9));
        assertThat(planned.fretLineAt(view.saddle()))
                .isCloseTo(view.measured().orElseThrow().fretLineAt(view.saddle()), within(1e-9));
        assertThat(view.withoutPlan().outcome().profile()).isEmpty();
        assertThat(view.withoutPlan().measured()).isEqualTo(view.measured());
    }
}
