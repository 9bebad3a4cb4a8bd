package org.kestan.judgment.ways;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.List;
import java.util.Random;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.Combination;
import org.kestan.judgment.advice.DecidingCircumstance;
import org.kestan.judgment.advice.MaterialUsed;
import org.kestan.judgment.advice.Recommendation;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.text.Wording;
import org.testng.annotations.Test;

/** Named cases of the trade: common practice, no source. */
public class WaysTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Ways ways(Job job) {
        return ways(job, SHOP);
    }

    private static Ways ways(Job job, ShopStandards shop) {
        return Ways.of(SheetAnalysis.of(job, shop));
    }

    private static List<Way> recommended(Job job) {
        return Recommendation.of(ways(job)).ways();
    }

    private static Job worth(Job job, double value) {
        return job.with(Lines.VALUE, value);
    }

    private static Job collectible(Job job) {
        return job.with(Lines.COLLECTIBLE, true);
    }

    private static Job joint(Job job, Joint joint) {
        return job.with(Lines.JOINT, joint);
    }

    private static Job action(Job job, double bass, double treble) {
        return Jobs.put(Jobs.put(job, Reading.ACTION_BASS, bass), Reading.ACTION_TREBLE, treble);
    }

    private static Job saddle(Job job, double both) {
        return Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, both), Reading.SADDLE_TREBLE, both);
    }

    /** Low saddle, bridge at 9/32 in, high action. */
    private static Job folded() {
        return saddle(Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.BRIDGE_THICKNESS, "9/32 in")), 1.5);
    }

    @Test
    public void allWaysAreThereLeastInvasiveFirst() {
        assertThat(ways(Job.BLANK).all())
                .extracting(way -> way.way().key())
                .containsExactly(
                        "leave",
                        "condition",
                        "mend-first",
                        "reglue-bridge",
                        "tune-down",
                        "strings",
                        "truss-rod",
                        "nut",
                        "saddle",
                        "pin-ramps",
                        "tailpiece",
                        "shave-bridge",
                        "thin-bridge",
                        "new-bridge",
                        "floating-bridge",
                        "neck-tilt",
                        "pocket-shim",
                        "heel-sanding",
                        "neck-reset",
                        "back-slip",
                        "saw-and-bolt",
                        "refret",
                        "new-rod",
                        "shave-brace",
                        "slide");
        assertThat(ways(Job.BLANK).all()).allSatisfy(way -> {
            assertThat(way.reasons()).isNotEmpty();
            assertThat(Wording.risks(way.way())).isNotEmpty();
            assertThat(Wording.suits(way.way())).isNotBlank();
        });
        assertThat(recommended(Job.BLANK)).isEmpty();
    }

    @Test
    public void aHighActionFromASlackRodIsNotAReset() {
        Job job = action(Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.6)), 3.1, 2.6);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.1), Aim.ACTION_TREBLE, 1.7);
        assertThat(recommended(job)).containsExactly(WayCatalog.TRUSS_ROD);
        Assessment rod = ways(job).of(WayCatalog.TRUSS_ROD);
        assertThat(rod.possible()).isTrue();
        assertThat(rod.reaches()).isTrue();
        assertThat(rod.reversible()).isTrue();
        assertThat(rod.predicted()
                        .orElseThrow()
                        .setup()
                        .protrusion()
                        .orElseThrow()
                        .bass())
                .isEqualTo(3.0);

        Assessment none = ways(job.with(Lines.TRUSS_ROD, TrussRod.NONE)).of(WayCatalog.TRUSS_ROD);
        assertThat(none.fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        assertThat(recommended(job.with(Lines.TRUSS_ROD, TrussRod.NONE))).doesNotContain(WayCatalog.TRUSS_ROD);
    }

    @Test
    public void aStraightNeckWithThreeOfSaddleAndOneToLoseIsASaddleJob() {
        Job job = action(saddle(Jobs.sound(Jobs.flatTop()), 3), 2.7, 2.2);
        assertThat(recommended(job)).containsExactly(WayCatalog.SADDLE);
        Assessment saddle = ways(job).of(WayCatalog.SADDLE);
        Sides<Double> left =
                saddle.predicted().orElseThrow().setup().protrusion().orElseThrow();
        assertThat(left.bass()).isCloseTo(2, within(0.05));
        assertThat(saddle.spent()).singleElement().satisfies(spent -> {
            assertThat(spent.reserve()).isEqualTo(MaterialUsed.Reserve.SADDLE);
            assertThat(spent.amount()).isCloseTo(1, within(0.05));
            assertThat(spent.left().orElseThrow()).isCloseTo(2 - 25.4 / 16, within(0.05));
        });
    }

    @Test
    public void lowSaddleThinBridgeHighActionOnAValuableOneIsAReset() {
        assertThat(recommended(worth(folded(), 2600))).containsExactly(WayCatalog.NECK_RESET);
        Ways ways = ways(worth(folded(), 2600));
        assertThat(ways.of(WayCatalog.SADDLE).fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        assertThat(said(ways.of(WayCatalog.SADDLE).reasons().get(0))).contains("left; this needs");
        assertThat(ways.of(WayCatalog.SHAVE_BRIDGE).fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        assertThat(ways.of(WayCatalog.SAW_AND_BOLT).fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        assertThat(ways.of(WayCatalog.NECK_RESET).reversible()).isFalse();
    }

    @Test
    public void onOneWorthLessThanTheWorkItIsNot() {
        for (double value : new double[] {60, 300, 500}) {
            Recommendation said = Recommendation.of(ways(worth(folded(), value)));
            assertThat(said.ways()).isNotEmpty().doesNotContain(WayCatalog.NECK_RESET);
            assertThat(said(said.reasons()))
                    .containsAnyOf("costs more than it is worth", "more than the instrument is worth");
            double cost = said.ways().stream()
                    .mapToDouble(
                            id -> ways(worth(folded(), value)).of(id).price().cost())
                    .sum();
            assertThat(cost).isLessThanOrEqualTo(value);
        }
        assertThat(recommended(worth(folded(), 500))).containsExactly(WayCatalog.BACK_SLIP);
        assertThat(recommended(worth(folded(), 300))).containsExactly(WayCatalog.SAW_AND_BOLT);
        assertThat(recommended(worth(folded(), 60))).containsExactly(WayCatalog.LEAVE);
    }

    @Test
    public void aHandmadeOrCollectibleOneIsNeverShaved() {
        Job job = worth(saddle(Jobs.sound(Jobs.flatTop()), 1.5), 300);
        assertThat(ways(job).of(WayCatalog.SHAVE_BRIDGE).possible()).isTrue();
        for (Job kept : List.of(collectible(job), job.with(Lines.HANDMADE, true))) {
            Assessment shave = ways(kept).of(WayCatalog.SHAVE_BRIDGE);
            assertThat(shave.fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
            assertThat(said(shave.reasons().get(0))).contains("never shaved");
            assertThat(recommended(kept)).doesNotContain(WayCatalog.SHAVE_BRIDGE);
        }
        ShopStandards careful = SHOP.with(School.SHAVE_NOT_HANDMADE);
        assertThat(ways(job, careful).of(WayCatalog.SHAVE_BRIDGE).possible()).isFalse();
        assertThat(ways(job.with(Lines.HANDMADE, false), careful)
                        .of(WayCatalog.SHAVE_BRIDGE)
                        .possible())
                .isTrue();
    }

    @Test
    public void nothingOriginalOfACollectibleOneIsCut() {
        for (Assessment way : ways(collectible(folded())).all()) {
            if (List.of(
                            WayCatalog.PIN_RAMPS,
                            WayCatalog.SHAVE_BRIDGE,
                            WayCatalog.NEW_BRIDGE,
                            WayCatalog.BACK_SLIP,
                            WayCatalog.SAW_AND_BOLT)
                    .contains(way.way())) {
                assertThat(way.possible()).as(way.way().key()).isFalse();
            }
        }
        assertThat(recommended(collectible(folded()))).containsExactly(WayCatalog.NECK_RESET);
    }

    @Test
    public void aBridgeLiftedByHalfAMillimeterComesBeforeAll() {
        Job job = Jobs.put(folded(), Reading.BRIDGE_LIFT, 0.5);
        assertThat(recommended(job)).containsExactly(WayCatalog.REGLUE_BRIDGE);
        assertThat(ways(job).of(WayCatalog.LEAVE).possible()).isFalse();
        Job braces = job.withVisit(job.visit().with(new Observation(Defect.BRACE_LOOSE, Severity.SERIOUS, "")));
        assertThat(recommended(braces)).containsExactly(WayCatalog.MEND_FIRST, WayCatalog.REGLUE_BRIDGE);
    }

    @Test
    public void dryAirIsConditionedFirst() {
        Job dry = folded();
        dry = dry.with(Lines.HUMIDITY, 28.0);
        assertThat(recommended(dry)).containsExactly(WayCatalog.CONDITION);
        assertThat(ways(dry).of(WayCatalog.CONDITION).possible()).isTrue();
        assertThat(ways(folded()).of(WayCatalog.CONDITION).fit()).isEqualTo(Suitability.NO_NEED);
    }

    @Test
    public void anArchtopWithItsAdjusterAtTheBottom() {
        Job job = Jobs.sound(Jobs.archtop()).with(Lines.BRIDGE, ArchtopBridge.ADJUSTABLE);
        // How low it goes was not read: one of the ways to lower a floating bridge applies, and that reading tells
        // which.
        assertThat(recommended(job)).containsExactly(WayCatalog.FLOATING_BRIDGE);
        assertThat(said(ways(job).of(WayCatalog.FLOATING_BRIDGE).reasons())).contains("Read how low");
        Job low = Jobs.put(job, Reading.BRIDGE_LOWEST, 25.5);
        Assessment trimmed = ways(low).of(WayCatalog.FLOATING_BRIDGE);
        assertThat(trimmed.possible()).isTrue();
        assertThat(trimmed.reversible()).isFalse();
        assertThat(said(trimmed.reasons().get(0))).contains("wheels are at their end");
        // On a collectible the foot is not trimmed: the top piece on a strip does the job, and the old parts are kept.
        Assessment onStrip = ways(collectible(low)).of(WayCatalog.FLOATING_BRIDGE);
        assertThat(onStrip.possible()).isTrue();
        assertThat(onStrip.reversible()).isTrue();
        assertThat(said(onStrip.reasons().get(0))).contains("top piece on a strip");
        assertThat(recommended(collectible(low))).containsExactly(WayCatalog.FLOATING_BRIDGE);

        Assessment wheels = ways(Jobs.put(job, Reading.BRIDGE_LOWEST, 20)).of(WayCatalog.FLOATING_BRIDGE);
        assertThat(wheels.reversible()).isTrue();
        assertThat(wheels.reaches()).isTrue();
        assertThat(wheels.price().cost()).isLessThan(trimmed.price().cost());

        // If a taller bridge is asked for, lowering it does not help.
        assertThat(recommended(Jobs.put(low, Aim.BRIDGE_HEIGHT, 28))).containsExactly(WayCatalog.NECK_RESET);
    }

    @Test
    public void aSolidBridgeIsRaisedWithStrips() {
        Job job = action(Jobs.sound(Jobs.archtop()), 1.6, 1.2).with(Lines.BRIDGE, ArchtopBridge.SOLID);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 3), Aim.ACTION_TREBLE, 2);
        assertThat(recommended(job)).containsExactly(WayCatalog.FLOATING_BRIDGE);
        Assessment strips = ways(job).of(WayCatalog.FLOATING_BRIDGE);
        assertThat(said(strips.reasons().get(0))).startsWith("Strips ");
        assertThat(strips.reversible()).isTrue();
    }

    @Test
    public void aBoltOnThatNeedsFourTenthsTakesTheHalfDegreeShim() {
        Job job = joint(saddle(Jobs.sound(Jobs.flatTop()), 1.6), Joint.POCKET_BOLT);
        job = Jobs.put(job, Reading.POCKET_LENGTH, 68);
        // The action of a neck pitched 0.4° too far forward is found by search, not taken from the program's own
        // inverse.
        Job level = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.2), Aim.ACTION_TREBLE, 1.7);
        double rise = 283 * Math.tan(Math.toRadians(0.4)) * 316 / (316 + 283 + 632 * (0.5 - Math.pow(2, -14 / 12.0)));
        Job high = action(level, 2.2 + rise, 1.7 + rise);
        Assessment shim = ways(high).of(WayCatalog.POCKET_SHIM);
        assertThat(shim.possible()).isTrue();
        assertThat(said(shim.reasons().get(0))).contains("It needs 0.40\u00b0").contains("0.50\u00b0 shim");
        assertThat(shim.predicted().orElseThrow().setup().rotation().degrees()).isCloseTo(0.5, within(1e-12));
        assertThat(said(shim.reasons().get(1))).contains("0.59 mm");
        // The stock shim overshoots by a tenth of a degree, more than 1/128 in of action: the saddle makes up for it.
        assertThat(recommended(high)).containsExactly(WayCatalog.POCKET_SHIM, WayCatalog.SADDLE);
        assertThat(ways(high).of(WayCatalog.NECK_RESET).possible()).isFalse();
        assertThat(ways(high).shims()).hasSize(6);
        assertThat(ways(Jobs.flatTop()).shims()).isEmpty();
    }

    @Test
    public void aTargetAlreadyMetIsLeftAlone() {
        Job job = action(Jobs.sound(Jobs.flatTop()), 2.2, 1.7);
        assertThat(recommended(job)).containsExactly(WayCatalog.LEAVE);
        for (Way id :
                List.of(WayCatalog.SADDLE, WayCatalog.SHAVE_BRIDGE, WayCatalog.NEW_BRIDGE, WayCatalog.NECK_RESET)) {
            assertThat(ways(job).of(id).fit()).isEqualTo(Suitability.NO_NEED);
        }
    }

    @Test
    public void throughNecksAndPocketsAreNotReset() {
        Job job = worth(folded(), 2600);
        assertThat(ways(joint(job, Joint.THROUGH)).of(WayCatalog.NECK_RESET).possible())
                .isFalse();
        assertThat(ways(joint(job, Joint.MORTISE_BOLT))
                        .of(WayCatalog.NECK_RESET)
                        .possible())
                .isFalse();
        assertThat(recommended(joint(job, Joint.MORTISE_BOLT))).containsExactly(WayCatalog.HEEL_SANDING);
        assertThat(ways(joint(job, Joint.MORTISE_BOLT))
                        .of(WayCatalog.HEEL_SANDING)
                        .possible())
                .isTrue();
        assertThat(ways(job).of(WayCatalog.HEEL_SANDING).possible()).isFalse();
    }

    @Test
    public void aPoorBreakAngleIsRamped() {
        Job job = action(saddle(Jobs.sound(Jobs.flatTop()), 2.6), 2.7, 2.2);
        job = Jobs.put(job, Reading.PIN_DISTANCE, 14);
        assertThat(ways(job).of(WayCatalog.PIN_RAMPS).possible()).isTrue();
        assertThat(recommended(job)).containsExactly(WayCatalog.SADDLE, WayCatalog.PIN_RAMPS);
        assertThat(ways(Jobs.put(job, Reading.STRING_RAMP, 1.5))
                        .of(WayCatalog.PIN_RAMPS)
                        .possible())
                .isFalse();
    }

    /** The reset's prediction is what the solver works out, on random instruments. */
    @Test
    public void aResetComesToWhatIsSolved() {
        Random random = new Random(20261123);
        int looked = 0;
        for (int i = 0; i < 200; i++) {
            Job drawn = Jobs.random(random);
            double stands = (drawn.millimeters(Reading.SADDLE_BASS).orElseThrow()
                            + drawn.millimeters(Reading.SADDLE_TREBLE).orElseThrow())
                    / 2;
            Job job = Jobs.put(drawn, Aim.SADDLE, stands);
            Correction plan = SheetAnalysis.of(job, SHOP).correction().orElseThrow();
            Assessment reset = ways(job).of(WayCatalog.NECK_RESET);
            if (reset.possible()) {
                looked++;
                assertThat(reset.predicted().orElseThrow().setup().rotation().radians())
                        .isCloseTo(plan.angle().radians(), within(1e-12));
                assertThat(reset.predicted().orElseThrow().setup().action().bass())
                        .isCloseTo(plan.plannedAction(org.kestan.base.sheet.Side.BASS), within(1e-9));
                assertThat(reset.reaches()).isTrue();
            }
        }
        assertThat(looked).isGreaterThan(50);
    }

    /** Relief first, then the saddle from there: together they reach what neither does alone. */
    @Test
    public void combinedWaysAreTakenFromEachOthersState() {
        Job job = action(saddle(Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.6)), 3), 3.9, 3.3);
        Ways ways = ways(job);
        Combination both = ways.combined(List.of(WayCatalog.SADDLE, WayCatalog.TRUSS_ROD));
        assertThat(both.ways()).containsExactly(WayCatalog.TRUSS_ROD, WayCatalog.SADDLE);
        assertThat(both.reaches()).isTrue();
        assertThat(ways.of(WayCatalog.TRUSS_ROD).reaches()).isFalse();
        assertThat(ways.of(WayCatalog.SADDLE).reaches()).isFalse();
        double alone = ways.of(WayCatalog.SADDLE).spent().get(0).amount();
        double after = both.steps().get(1).spent().get(0).amount();
        assertThat(after).isLessThanOrEqualTo(alone + 1e-9);
        assertThat(both.hours())
                .isCloseTo(SHOP.get(Standard.HOURS_ROD) + SHOP.get(Standard.HOURS_SADDLE), within(1e-12));
        assertThat(recommended(job)).containsExactly(WayCatalog.TRUSS_ROD, WayCatalog.SADDLE);
    }

    @Test
    public void whatWouldChangeItIsJudgedAnew() {
        Job job = worth(action(saddle(Jobs.sound(Jobs.flatTop()), 1.6), 2.9, 2.4), 300);
        SheetAnalysis sheetAnalysis = SheetAnalysis.of(job, SHOP);
        Recommendation now = Recommendation.of(Ways.of(sheetAnalysis));
        assertThat(now.ways()).containsExactly(WayCatalog.SHAVE_BRIDGE);
        List<DecidingCircumstance> changes = DecidingCircumstance.of(now, sheetAnalysis);
        assertThat(changes)
                .anySatisfy(change -> {
                    // Money counts for a collectible, too: a reset costs more than this one is worth.
                    assertThat(said(change.condition())).isEqualTo("If it were collectible");
                    assertThat(change.then().ways()).containsExactly(WayCatalog.LEAVE);
                })
                .anySatisfy(change -> assertThat(said(change.condition())).isEqualTo("If it were handmade"));
        assertThat(changes)
                .allSatisfy(change -> assertThat(change.then().ways()).isNotEqualTo(now.ways()));
    }

    @Test
    public void tuningDownGivesBackAShareOfTheSink() {
        Assessment down = ways(Jobs.sound(Jobs.flatTop())).of(WayCatalog.TUNE_DOWN);
        double rise = down.predicted().orElseThrow().setup().projection()
                - ways(Jobs.flatTop()).measured().orElseThrow().setup().projection();
        assertThat(rise).isCloseTo(0.7 * (1 - Math.pow(2, -1 / 3.0)), within(1e-9));
    }
}
