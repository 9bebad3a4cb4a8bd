package org.kestan.ways;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.kestan.correction.Correction;
import org.kestan.job.ArchtopBridge;
import org.kestan.job.Details;
import org.kestan.job.Finding;
import org.kestan.job.FindingKind;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.Joint;
import org.kestan.job.Severity;
import org.kestan.job.TrussRod;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.testng.annotations.Test;

/** Named cases of the trade: common practice, no source. */
public class WaysTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Ways ways(Job job) {
        return ways(job, SHOP);
    }

    private static Ways ways(Job job, ShopStandards shop) {
        return Ways.of(Reckoning.of(job, shop), BenchUnit.MILLIMETRES);
    }

    private static List<WayId> recommended(Job job) {
        return Recommendation.of(ways(job)).ways();
    }

    private static <T> Job survey(Job job, Detail<T> detail, T value) {
        return job.withSurvey(job.survey().with(detail, Optional.of(value)));
    }

    private static Job worth(Job job, double value) {
        return job.with(Details.VALUE, Optional.of(value));
    }

    private static Job collectible(Job job) {
        return job.withInstrument(job.instrument().withCollectible(Optional.of(true)));
    }

    private static Job joint(Job job, Joint joint) {
        return job.withInstrument(job.instrument().withJoint(Optional.of(joint)));
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
                .extracting(way -> way.id().key())
                .containsExactly(
                        "leave",
                        "condition",
                        "tune-down",
                        "truss-rod",
                        "nut",
                        "saddle",
                        "pin-ramps",
                        "shave-bridge",
                        "new-bridge",
                        "reglue-bridge",
                        "floating-bridge",
                        "pocket-shim",
                        "heel-sanding",
                        "neck-reset",
                        "back-slip",
                        "saw-and-bolt",
                        "mend-first",
                        "slide");
        assertThat(ways(Job.BLANK).all()).allSatisfy(way -> {
            assertThat(way.reasons()).isNotEmpty();
            assertThat(way.id().risks()).isNotEmpty();
            assertThat(way.id().suits()).isNotBlank();
        });
        assertThat(recommended(Job.BLANK)).isEmpty();
    }

    @Test
    public void aHighActionFromASlackRodIsNotAReset() {
        Job job = action(Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.6)), 3.1, 2.6);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.1), Aim.ACTION_TREBLE, 1.7);
        assertThat(recommended(job)).containsExactly(WayId.TRUSS_ROD);
        Way rod = ways(job).way(WayId.TRUSS_ROD);
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

        Way none = ways(survey(job, Details.TRUSS_ROD, TrussRod.NONE)).way(WayId.TRUSS_ROD);
        assertThat(none.fit()).isEqualTo(Way.Fit.NOT_FOR_THIS_ONE);
        assertThat(recommended(survey(job, Details.TRUSS_ROD, TrussRod.NONE))).doesNotContain(WayId.TRUSS_ROD);
    }

    @Test
    public void aStraightNeckWithThreeOfSaddleAndOneToLoseIsASaddleJob() {
        Job job = action(saddle(Jobs.sound(Jobs.flatTop()), 3), 2.7, 2.2);
        assertThat(recommended(job)).containsExactly(WayId.SADDLE);
        Way saddle = ways(job).way(WayId.SADDLE);
        Sides<Double> left =
                saddle.predicted().orElseThrow().setup().protrusion().orElseThrow();
        assertThat(left.bass()).isCloseTo(2, within(0.05));
        assertThat(saddle.spent()).singleElement().satisfies(spent -> {
            assertThat(spent.reserve()).isEqualTo(Spent.Reserve.SADDLE);
            assertThat(spent.amount()).isCloseTo(1, within(0.05));
            assertThat(spent.left().orElseThrow()).isCloseTo(2 - 25.4 / 16, within(0.05));
        });
    }

    @Test
    public void lowSaddleThinBridgeHighActionOnAValuableOneIsAReset() {
        assertThat(recommended(worth(folded(), 2600))).containsExactly(WayId.NECK_RESET);
        Ways ways = ways(worth(folded(), 2600));
        assertThat(ways.way(WayId.SADDLE).fit()).isEqualTo(Way.Fit.NOT_FOR_THIS_ONE);
        assertThat(ways.way(WayId.SADDLE).reasons().get(0)).contains("left; this needs");
        assertThat(ways.way(WayId.SHAVE_BRIDGE).fit()).isEqualTo(Way.Fit.NOT_FOR_THIS_ONE);
        assertThat(ways.way(WayId.SAW_AND_BOLT).fit()).isEqualTo(Way.Fit.NOT_FOR_THIS_ONE);
        assertThat(ways.way(WayId.NECK_RESET).reversible()).isFalse();
    }

    @Test
    public void onOneWorthLessThanTheWorkItIsNot() {
        for (double value : new double[] {60, 300, 500}) {
            Recommendation said = Recommendation.of(ways(worth(folded(), value)));
            assertThat(said.ways()).isNotEmpty().doesNotContain(WayId.NECK_RESET);
            assertThat(said.reason()).contains("costs more than it is worth");
            double cost = said.ways().stream()
                    .mapToDouble(id -> ways(worth(folded(), value)).way(id).cost())
                    .sum();
            assertThat(cost).isLessThanOrEqualTo(value);
        }
        assertThat(recommended(worth(folded(), 500))).containsExactly(WayId.BACK_SLIP);
        assertThat(recommended(worth(folded(), 300))).containsExactly(WayId.SAW_AND_BOLT);
        assertThat(recommended(worth(folded(), 60))).containsExactly(WayId.LEAVE);
    }

    @Test
    public void aHandmadeOrCollectibleOneIsNeverShaved() {
        Job job = worth(saddle(Jobs.sound(Jobs.flatTop()), 1.5), 300);
        assertThat(ways(job).way(WayId.SHAVE_BRIDGE).possible()).isTrue();
        for (Job kept : List.of(collectible(job), job.with(Details.HANDMADE, Optional.of(true)))) {
            Way shave = ways(kept).way(WayId.SHAVE_BRIDGE);
            assertThat(shave.fit()).isEqualTo(Way.Fit.NOT_FOR_THIS_ONE);
            assertThat(shave.reasons().get(0)).contains("never shaved");
            assertThat(recommended(kept)).doesNotContain(WayId.SHAVE_BRIDGE);
        }
        ShopStandards careful = SHOP.with(School.SHAVE_NOT_HANDMADE);
        assertThat(ways(job, careful).way(WayId.SHAVE_BRIDGE).possible()).isFalse();
        assertThat(ways(job.with(Details.HANDMADE, Optional.of(false)), careful)
                        .way(WayId.SHAVE_BRIDGE)
                        .possible())
                .isTrue();
    }

    @Test
    public void nothingOriginalOfACollectibleOneIsCut() {
        for (Way way : ways(collectible(folded())).all()) {
            if (EnumSet.of(WayId.PIN_RAMPS, WayId.SHAVE_BRIDGE, WayId.NEW_BRIDGE, WayId.BACK_SLIP, WayId.SAW_AND_BOLT)
                    .contains(way.id())) {
                assertThat(way.possible()).as(way.id().key()).isFalse();
            }
        }
        assertThat(recommended(collectible(folded()))).containsExactly(WayId.NECK_RESET);
    }

    @Test
    public void aBridgeLiftedByHalfAMillimetreComesBeforeAll() {
        Job job = Jobs.put(folded(), Reading.BRIDGE_LIFT, 0.5);
        assertThat(recommended(job)).containsExactly(WayId.REGLUE_BRIDGE);
        assertThat(ways(job).way(WayId.LEAVE).possible()).isFalse();
        Job braces = job.withSurvey(job.survey()
                .withFinding(
                        FindingKind.BRACE_LOOSE,
                        Optional.of(new Finding(FindingKind.BRACE_LOOSE, Severity.SERIOUS, ""))));
        assertThat(recommended(braces)).containsExactly(WayId.MEND_FIRST, WayId.REGLUE_BRIDGE);
    }

    @Test
    public void dryAirIsConditionedFirst() {
        Job dry = folded();
        dry = dry.withSurvey(dry.survey().withHumidity(OptionalDouble.of(28)));
        assertThat(recommended(dry)).containsExactly(WayId.CONDITION);
        assertThat(ways(dry).way(WayId.CONDITION).possible()).isTrue();
        assertThat(ways(folded()).way(WayId.CONDITION).fit()).isEqualTo(Way.Fit.NO_NEED);
    }

    @Test
    public void anArchtopWithItsAdjusterAtTheBottom() {
        Job job = Jobs.sound(Jobs.archtop()).with(Details.BRIDGE, Optional.of(ArchtopBridge.ADJUSTABLE));
        assertThat(ways(job).way(WayId.FLOATING_BRIDGE).fit()).isEqualTo(Way.Fit.UNKNOWN);
        Job low = Jobs.put(job, Reading.BRIDGE_LOWEST, 25.5);
        Way trimmed = ways(low).way(WayId.FLOATING_BRIDGE);
        assertThat(trimmed.possible()).isTrue();
        assertThat(trimmed.reversible()).isFalse();
        assertThat(trimmed.reasons().get(0)).contains("wheels are at the end");
        assertThat(ways(collectible(low)).way(WayId.FLOATING_BRIDGE).possible()).isFalse();
        assertThat(recommended(collectible(low))).containsExactly(WayId.NECK_RESET);

        Way wheels = ways(Jobs.put(job, Reading.BRIDGE_LOWEST, 20)).way(WayId.FLOATING_BRIDGE);
        assertThat(wheels.reversible()).isTrue();
        assertThat(wheels.reaches()).isTrue();
        assertThat(wheels.cost()).isLessThan(trimmed.cost());

        // A taller bridge that is asked for is not served by lowering it.
        assertThat(recommended(Jobs.put(low, Aim.BRIDGE_HEIGHT, 28))).containsExactly(WayId.NECK_RESET);
    }

    @Test
    public void aSolidBridgeIsRaisedWithStrips() {
        Job job = action(Jobs.sound(Jobs.archtop()), 1.6, 1.2).with(Details.BRIDGE, Optional.of(ArchtopBridge.SOLID));
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 3), Aim.ACTION_TREBLE, 2);
        assertThat(recommended(job)).containsExactly(WayId.FLOATING_BRIDGE);
        Way strips = ways(job).way(WayId.FLOATING_BRIDGE);
        assertThat(strips.reasons().get(0)).startsWith("Strips of");
        assertThat(strips.reversible()).isTrue();
    }

    @Test
    public void aBoltOnThatNeedsFourTenthsTakesTheHalfDegreeShim() {
        Job job = joint(saddle(Jobs.sound(Jobs.flatTop()), 1.6), Joint.POCKET_BOLT);
        job = Jobs.put(job, Reading.POCKET_LENGTH, 68);
        // The action that a neck 0.4° too far forward gives is found, not taken from the program's own inverse.
        Job level = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.2), Aim.ACTION_TREBLE, 1.7);
        double rise = 283 * Math.tan(Math.toRadians(0.4)) * 316 / (316 + 283 + 632 * (0.5 - Math.pow(2, -14 / 12.0)));
        Job high = action(level, 2.2 + rise, 1.7 + rise);
        Way shim = ways(high).way(WayId.POCKET_SHIM);
        assertThat(shim.possible()).isTrue();
        assertThat(shim.reasons().get(0)).contains("It needs 0.40\u00b0").contains("0.50\u00b0 shim");
        assertThat(Math.toDegrees(shim.predicted().orElseThrow().setup().rotation()))
                .isCloseTo(0.5, within(1e-12));
        assertThat(shim.reasons().get(1)).contains("0.59 mm");
        assertThat(recommended(high)).containsExactly(WayId.POCKET_SHIM);
        assertThat(ways(high).way(WayId.NECK_RESET).possible()).isFalse();
        assertThat(ways(high).shims()).hasSize(6);
        assertThat(ways(Jobs.flatTop()).shims()).isEmpty();
    }

    @Test
    public void aTargetAlreadyMetIsLeftAlone() {
        Job job = action(Jobs.sound(Jobs.flatTop()), 2.2, 1.7);
        assertThat(recommended(job)).containsExactly(WayId.LEAVE);
        for (WayId id : List.of(WayId.SADDLE, WayId.SHAVE_BRIDGE, WayId.NEW_BRIDGE, WayId.NECK_RESET)) {
            assertThat(ways(job).way(id).fit()).isEqualTo(Way.Fit.NO_NEED);
        }
    }

    @Test
    public void throughNecksAndPocketsAreNotReset() {
        Job job = worth(folded(), 2600);
        assertThat(ways(joint(job, Joint.THROUGH)).way(WayId.NECK_RESET).possible())
                .isFalse();
        assertThat(ways(joint(job, Joint.MORTISE_BOLT)).way(WayId.NECK_RESET).possible())
                .isTrue();
        assertThat(ways(joint(job, Joint.MORTISE_BOLT)).way(WayId.HEEL_SANDING).possible())
                .isTrue();
        assertThat(ways(job).way(WayId.HEEL_SANDING).possible()).isFalse();
    }

    @Test
    public void aPoorBreakAngleIsRamped() {
        Job job = action(saddle(Jobs.sound(Jobs.flatTop()), 2.6), 2.7, 2.2);
        job = Jobs.put(job, Reading.PIN_DISTANCE, 14);
        assertThat(ways(job).way(WayId.PIN_RAMPS).possible()).isTrue();
        assertThat(recommended(job)).containsExactly(WayId.SADDLE, WayId.PIN_RAMPS);
        assertThat(ways(Jobs.put(job, Reading.STRING_RAMP, 1.5))
                        .way(WayId.PIN_RAMPS)
                        .possible())
                .isFalse();
    }

    /** The reset's prediction is what the solver works out, on random instruments. */
    @Test
    public void aResetComesToWhatIsSolved() {
        Random random = new Random(20261123);
        int looked = 0;
        for (int i = 0; i < 200; i++) {
            Job job = Jobs.random(random);
            Correction plan = Reckoning.of(job, SHOP).correction().orElseThrow();
            Way reset = ways(job).way(WayId.NECK_RESET);
            if (reset.possible()) {
                looked++;
                assertThat(reset.predicted().orElseThrow().setup().rotation()).isCloseTo(plan.angle(), within(1e-12));
                assertThat(reset.predicted().orElseThrow().setup().action().bass())
                        .isCloseTo(plan.plannedAction(org.kestan.sheet.Side.BASS), within(1e-9));
                assertThat(reset.reaches()).isTrue();
            }
        }
        assertThat(looked).isGreaterThan(50);
    }

    /** Relief first, then the saddle from there: together they reach what neither does alone. */
    @Test
    public void combinedWaysAreTakenFromEachOthersState() {
        Job job = action(saddle(Jobs.sound(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.6)), 2.4), 3.9, 3.3);
        Ways ways = ways(job);
        Combination both = ways.combined(List.of(WayId.SADDLE, WayId.TRUSS_ROD));
        assertThat(both.ids()).containsExactly(WayId.TRUSS_ROD, WayId.SADDLE);
        assertThat(both.reaches()).isTrue();
        assertThat(ways.way(WayId.TRUSS_ROD).reaches()).isFalse();
        assertThat(ways.way(WayId.SADDLE).reaches()).isFalse();
        double alone = ways.way(WayId.SADDLE).spent().get(0).amount();
        double after = both.ways().get(1).spent().get(0).amount();
        assertThat(after).isLessThanOrEqualTo(alone + 1e-9);
        assertThat(both.hours())
                .isCloseTo(SHOP.get(Standard.HOURS_ROD) + SHOP.get(Standard.HOURS_SADDLE), within(1e-12));
        assertThat(recommended(job)).containsExactly(WayId.TRUSS_ROD, WayId.SADDLE);
    }

    @Test
    public void schoolsDifferAsTheySay() {
        Job job = Jobs.flatTop();
        List<SchoolPlan> plans = SchoolPlan.of(Reckoning.of(job, SHOP));
        assertThat(plans).hasSize(5);
        double sink = 5.1 - 4.4;
        double bridge = 8.8;
        for (SchoolPlan plan : plans) {
            assertThat(plan.targetSlack() - plan.targetStrung()).isCloseTo(sink, within(1e-9));
            assertThat(plan.after().action().bass()).isCloseTo(2.2, within(1e-9));
            switch (plan.school()) {
                case KISSES -> assertThat(plan.targetSlack()).isCloseTo(bridge, within(1e-9));
                case LITTLE_ABOVE -> assertThat(plan.targetSlack()).isCloseTo(bridge + 0.5, within(1e-9));
                case OVERSHOOT -> assertThat(plan.targetSlack()).isCloseTo(bridge + 3 * 25.4 / 32, within(1e-9));
                case SADDLE_LEFT -> assertThat(plan.protrusion()).isCloseTo(0.180 * 25.4, within(1e-9));
                default -> assertThat(plan.protrusion()).isCloseTo(2.6, within(1e-9));
            }
        }
        // "About 0.5 mm above it, slack, for about 2.5 mm of saddle": common practice; a low action needs a little
        // more.
        assertThat(plans.get(2).protrusion()).isBetween(2.0, 4.0);
        assertThat(SchoolPlan.of(Reckoning.of(Jobs.archtop(), SHOP))).isEmpty();
        ShopStandards kiss = SHOP.with(School.KISSES);
        Way reset = ways(job, kiss).way(WayId.NECK_RESET);
        assertThat(reset.predicted().orElseThrow().setup().projection()).isCloseTo(bridge - sink, within(1e-9));
    }

    @Test
    public void whatWouldChangeItIsJudgedAnew() {
        Job job = worth(action(saddle(Jobs.sound(Jobs.flatTop()), 1.6), 2.9, 2.4), 300);
        Reckoning reckoning = Reckoning.of(job, SHOP);
        Recommendation now = Recommendation.of(Ways.of(reckoning, BenchUnit.MILLIMETRES));
        assertThat(now.ways()).containsExactly(WayId.SHAVE_BRIDGE);
        List<Recommendation.Change> changes = now.changes(reckoning, BenchUnit.MILLIMETRES);
        assertThat(changes)
                .anySatisfy(change -> {
                    assertThat(change.condition()).isEqualTo("If it were worth far more than a reset");
                    assertThat(change.then().ways()).containsExactly(WayId.NECK_RESET);
                })
                .anySatisfy(change -> assertThat(change.condition()).isEqualTo("If it were handmade"));
        assertThat(changes)
                .allSatisfy(change -> assertThat(change.then().ways()).isNotEqualTo(now.ways()));
    }

    @Test
    public void ignoringTheSinkAimsStrungAndSlackAlike() {
        ShopStandards stiff = SHOP.with(School.IGNORE_SINK);
        Correction plan = Reckoning.of(Jobs.flatTop(), stiff).correction().orElseThrow();
        assertThat(plan.targetSlack()).isEqualTo(plan.targetStrung());
    }

    @Test
    public void tuningDownGivesBackAShareOfTheSink() {
        Way down = ways(Jobs.sound(Jobs.flatTop())).way(WayId.TUNE_DOWN);
        double rise = down.predicted().orElseThrow().setup().projection()
                - ways(Jobs.flatTop()).measured().orElseThrow().setup().projection();
        assertThat(rise).isCloseTo(0.7 * (1 - Math.pow(2, -1 / 3.0)), within(1e-9));
    }
}
