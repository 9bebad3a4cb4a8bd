package org.kestan.judgment.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.List;
import java.util.Random;
import org.kestan.analysis.setup.Setup;
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
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.GateState;
import org.kestan.judgment.verdict.Verdict;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

/** What the shop would do about instruments that an experienced eye would know at once: common practice, no source. */
public class AnswersTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final double INCH = 25.4;

    private static Ways ways(Job job) {
        return Ways.of(SheetAnalysis.of(job, SHOP));
    }

    private static Recommendation answer(Job job) {
        return Recommendation.of(ways(job));
    }

    private static Gate gate(Job job, GateId id) {
        return Verdict.of(SheetAnalysis.of(job, SHOP)).stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow();
    }

    private static Job action(Job job, double bass, double treble) {
        return Jobs.put(Jobs.put(job, Reading.ACTION_BASS, bass), Reading.ACTION_TREBLE, treble);
    }

    private static Job saddle(Job job, double both) {
        return Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, both), Reading.SADDLE_TREBLE, both);
    }

    private static Job bridge(Job job, double thickness) {
        return Jobs.put(job, Reading.BRIDGE_THICKNESS, thickness);
    }

    /** A sound, factory-made flat-top with a dovetail that is worth a reset; targets 2.2 and 1.7 mm. */
    private static Job modern() {
        return Jobs.sound(Jobs.flatTop()).with(Lines.HANDMADE, false).with(Lines.VALUE, 2600.0);
    }

    /** Low saddle, bridge at its minimum, high action. */
    private static Job folded() {
        return saddle(bridge(modern(), 9.0 / 32 * INCH), 1.6);
    }

    @Test
    public void aBoltedHeelIsSandedNotSteamed() {
        Job bolted = folded().with(Lines.JOINT, Joint.MORTISE_BOLT);
        assertThat(answer(bolted).ways()).containsExactly(WayCatalog.HEEL_SANDING);
        Ways ways = ways(bolted);
        assertThat(ways.of(WayCatalog.NECK_RESET).fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        assertThat(ways.of(WayCatalog.HEEL_SANDING).price().cost())
                .isLessThan(ways.of(WayCatalog.NECK_RESET).price().cost());
        assertThat(answer(bolted).runnersUp())
                .anySatisfy(each -> assertThat(each.ways()).containsExactly(WayCatalog.NECK_RESET));
    }

    /** One 64th too high with a full bridge and no saddle to spare: 1/16 in off the bridge is enough. */
    @Test
    public void aFullModernBridgeThatLacksASixtyFourthIsShaved() {
        Job job = saddle(bridge(action(modern(), 2.2 + INCH / 64, 1.7 + INCH / 64), 3.0 / 8 * INCH), 1.6);
        Recommendation said = answer(job);
        assertThat(said.ways()).containsExactly(WayCatalog.SHAVE_BRIDGE);
        double off = 3.0 / 8 * INCH
                - ways(job)
                        .of(WayCatalog.SHAVE_BRIDGE)
                        .predicted()
                        .orElseThrow()
                        .setup()
                        .bridgeThickness()
                        .orElseThrow();
        assertThat(off).isLessThanOrEqualTo(INCH / 16);
        assertThat(said.runnersUp()).anySatisfy(each -> assertThat(each.ways()).containsExactly(WayCatalog.NECK_RESET));
        assertThat(answer(job.with(Lines.HANDMADE, true)).ways()).containsExactly(WayCatalog.NECK_RESET);
        assertThat(answer(job.with(Lines.COLLECTIBLE, true)).ways()).containsExactly(WayCatalog.NECK_RESET);
    }

    @Test
    public void aHeavyBridgeWithAWornSaddleGivesSome() {
        Job job = saddle(bridge(action(modern(), 3.2, 2.7), 12), 1.8);
        assertThat(answer(job).ways()).containsExactly(WayCatalog.SHAVE_BRIDGE);
        assertThat(gate(job, GateId.BRIDGE).state()).isEqualTo(GateState.WARN);
        assertThat(said(gate(job, GateId.BRIDGE).reasons())).contains("heavy");
    }

    @Test
    public void anOverSetNeckIsNotLeft() {
        Job job = saddle(action(modern(), 1.2, 0.9), 6);
        assertThat(gate(job, GateId.ACTION).state()).isEqualTo(GateState.STOP);
        assertThat(said(gate(job, GateId.ACTION).reasons())).contains("too low").contains("too low");
        assertThat(gate(job, GateId.SADDLE).state()).isEqualTo(GateState.STOP);
        assertThat(said(gate(job, GateId.NECK_PITCH).reasons())).contains("set back too far");
        Recommendation said = answer(job);
        assertThat(said.ways()).containsExactly(WayCatalog.NEW_BRIDGE);
        Setup taller =
                ways(job).of(WayCatalog.NEW_BRIDGE).predicted().orElseThrow().setup();
        assertThat(taller.action().bass()).isCloseTo(2.2, within(0.2));
        assertThat(taller.protrusion().orElseThrow().bass()).isLessThanOrEqualTo(0.220 * INCH);
        // If even the tallest bridge does not lift the strings enough, the neck comes forward.
        Job far = saddle(bridge(action(modern(), 0.6, 0.5), 11), 6);
        assertThat(answer(far).ways()).containsExactly(WayCatalog.NECK_RESET);
        assertThat(said(answer(far).reasons())).contains("come forward");
        assertThat(said(ways(far).of(WayCatalog.NECK_RESET).reasons().get(0))).contains("of wood at the cap");
    }

    @Test
    public void aCutBridgeComesBackWithTheReset() {
        Job job = saddle(bridge(modern(), 5.2), 2.5);
        Recommendation said = answer(job);
        assertThat(said.ways()).containsExactly(WayCatalog.NEW_BRIDGE, WayCatalog.NECK_RESET);
        Combination both = ways(job).combined(said.ways());
        Setup after = both.predicted().orElseThrow().setup();
        assertThat(after.bridgeThickness().orElseThrow()).isCloseTo(3.0 / 8 * INCH, within(1e-9));
        assertThat(after.action().bass()).isCloseTo(2.2, within(1e-9));
        assertThat(both.cost())
                .isCloseTo(SHOP.cost(ShopStandards.RESET) + SHOP.cost(WayCatalog.NEW_BRIDGE.prices()), within(1e-9));
    }

    /** A bridge that the job asks for along with the reset is included in the price. */
    @Test
    public void aThickerBridgeAimedAtIsPricedWithTheReset() {
        Job job = Jobs.put(folded(), Aim.BRIDGE_THICKNESS, 9.2);
        assertThat(ways(job).of(WayCatalog.NECK_RESET).price().cost())
                .isCloseTo(SHOP.cost(ShopStandards.RESET) + SHOP.cost(WayCatalog.NEW_BRIDGE.prices()), within(1e-9));
    }

    @Test
    public void aWornSaddleIsNeverTheAimOfAReset() {
        for (School school : School.values()) {
            ShopStandards shop = SHOP.with(school);
            Assessment reset = Ways.of(SheetAnalysis.of(folded(), shop)).of(WayCatalog.NECK_RESET);
            Sides<Double> out =
                    reset.predicted().orElseThrow().setup().protrusion().orElseThrow();
            assertThat(Sides.mean(out)).as(school.name()).isGreaterThan(2);
        }
        Job aimed = Jobs.put(folded(), Aim.SADDLE, 3.1);
        Setup after =
                ways(aimed).of(WayCatalog.NECK_RESET).predicted().orElseThrow().setup();
        assertThat(Sides.mean(after.protrusion().orElseThrow())).isCloseTo(3.1, within(1e-9));
    }

    @Test
    public void aBodyThatFoldsTooFarIsLookedAtFirst() {
        Job job = Jobs.put(folded(), Reading.PROJECTION_SLACK, 6.4);
        job = job.withVisit(job.visit().without(Defect.BRACE_LOOSE).with(seen(Defect.BELLY, Severity.SOUND)));
        // The rod works: part of the bow may be the neck's own, until the slack relief shows it is not.
        assertThat(answer(job).ways()).doesNotContain(WayCatalog.MEND_FIRST);
        assertThat(gate(job, GateId.NECK_PITCH).reasons())
                .anySatisfy(reason -> assertThat(said(reason)).contains("relief with the strings slack"));
        job = Jobs.put(job, Reading.RELIEF_SLACK, 0.2);
        assertThat(answer(job).ways()).containsExactly(WayCatalog.MEND_FIRST);
        assertThat(said(ways(job).of(WayCatalog.MEND_FIRST).reasons().get(0))).contains("loose braces");
        assertThat(gate(job, GateId.NECK_PITCH).reasons())
                .anySatisfy(reason -> assertThat(said(reason)).contains("folds by 2.00 mm"));
        assertThat(SheetAnalysis.of(job, SHOP).questions())
                .anySatisfy(question -> assertThat(question.line()).isEqualTo(Reading.PROJECTION_SLACK));
        // With its braces found sound it is a soft top, and is judged as one.
        Job soft = job.withVisit(job.visit().with(seen(Defect.BRACE_LOOSE, Severity.SOUND)));
        assertThat(answer(soft).ways()).containsExactly(WayCatalog.NECK_RESET);
    }

    private static Observation seen(Defect what, Severity severity) {
        return new Observation(what, severity, "");
    }

    @Test
    public void aLooseDovetailIsTheFirstStepOfTheReset() {
        Job job = folded();
        job = job.withVisit(job.visit().with(seen(Defect.NECK_JOINT, Severity.SERIOUS)));
        assertThat(answer(job).ways()).containsExactly(WayCatalog.NECK_RESET);
        assertThat(ways(job).of(WayCatalog.MEND_FIRST).possible()).isFalse();
        // Even with the action right, a loose neck is not left.
        Job right = action(saddle(job, 3), 2.2, 1.7);
        assertThat(answer(right).ways()).containsExactly(WayCatalog.NECK_RESET);
        Job through = job.with(Lines.JOINT, Joint.MORTISE_BOLT);
        assertThat(answer(through).ways()).containsExactly(WayCatalog.MEND_FIRST);
        Job worse = job.withVisit(job.visit().with(seen(Defect.BACK_LOOSE, Severity.SERIOUS)));
        assertThat(answer(worse).ways()).containsExactly(WayCatalog.MEND_FIRST);
    }

    @Test
    public void aHairIsNotWorthShaving() {
        // The saddle lacks 0.3 mm of what the full drop takes: it is enough by itself, within the tolerance.
        Job job = saddle(bridge(action(modern(), 2.9, 2.4), 9.5), 2.75);
        Assessment shave = ways(job).of(WayCatalog.SHAVE_BRIDGE);
        assertThat(shave.fit()).isEqualTo(Suitability.NO_NEED);
        assertThat(answer(job).ways()).containsExactly(WayCatalog.SADDLE);
    }

    @Test
    public void aReliefInItsWindowIsNotTurnedForAFigure() {
        Job job = action(modern(), 2.2, 1.7);
        assertThat(answer(job).ways()).containsExactly(WayCatalog.LEAVE);
        // What was asked for is done, unless it is less than a feeler leaf.
        assertThat(answer(Jobs.put(job, Aim.RELIEF, 0.12)).ways()).startsWith(WayCatalog.TRUSS_ROD);
        assertThat(answer(Jobs.put(job, Aim.RELIEF, 0.2 + 0.0254)).ways()).containsExactly(WayCatalog.LEAVE);
        assertThat(answer(Jobs.put(job, Aim.RELIEF, 0.2 + 0.0256)).ways()).startsWith(WayCatalog.TRUSS_ROD);
    }

    /** On random instruments: nothing is recommended that makes the action worse. */
    @Test
    public void nothingMakesItWorse() {
        Random random = new Random(20261125);
        for (int i = 0; i < 400; i++) {
            Job job = Jobs.sound(Jobs.random(random)).with(Lines.VALUE, 200 + 4000 * random.nextDouble());
            Ways ways = ways(job);
            Setup before = ways.about().measured().orElseThrow();
            Recommendation said = Recommendation.of(ways);
            Setup after = ways.combined(said.ways())
                    .predicted()
                    .map(predicted -> predicted.setup())
                    .orElse(before);
            assertThat(ways.about().met(after)
                            || ways.about().off(after) <= ways.about().off(before) + 1e-9)
                    .as("%d %s", i, said.ways())
                    .isTrue();
            assertThat(said.runnersUp())
                    .hasSizeLessThanOrEqualTo(2)
                    .allSatisfy(each -> assertThat(said(each.reason())).isNotBlank());
        }
    }

    @Test
    public void anArchtopAtItsBottomGetsTheLowerBridge() {
        Job job = Jobs.sound(Jobs.archtop()).with(Lines.BRIDGE, ArchtopBridge.ADJUSTABLE);
        job = Jobs.put(Jobs.put(job, Reading.BRIDGE_LOWEST, 25.5), Reading.BRIDGE_HIGHEST, 32);
        job = Jobs.put(Jobs.put(job, Reading.TAILPIECE_HEIGHT, 5), Reading.TAILPIECE_DISTANCE, 80);
        job = action(job, 4.2, 3.4);
        Recommendation said = answer(job);
        assertThat(said.ways()).containsExactly(WayCatalog.FLOATING_BRIDGE);
        Assessment lower = ways(job).of(WayCatalog.FLOATING_BRIDGE);
        assertThat(said(lower.reasons().get(0))).contains("without its wheels");
        assertThat(lower.reversible()).isTrue();
        assertThat(lower.predicted().orElseThrow().setup().action().bass()).isCloseTo(2.4, within(1e-9));
        // If the job asks for a taller bridge, lowering it is listed with the real reason against it.
        Job taller = Jobs.put(job, Aim.BRIDGE_HEIGHT, 28);
        assertThat(answer(taller).ways()).containsExactly(WayCatalog.NECK_RESET);
        assertThat(answer(taller).runnersUp().get(0).ways()).containsExactly(WayCatalog.FLOATING_BRIDGE);
        assertThat(said(answer(taller).runnersUp().get(0).reason())).contains("not the saddle, the bridge");
    }

    /** A random archtop with adjusting wheels and its tailpiece read. */
    private static Job wheeled(Random random) {
        double bridge = 20 + 10 * random.nextDouble();
        Job job = Jobs.put(
                Jobs.sound(Jobs.archtop()).with(Lines.BRIDGE, ArchtopBridge.ADJUSTABLE), Reading.BRIDGE_HEIGHT, bridge);
        job = Jobs.put(job, Reading.FRETS_OVER_TOP, 8 + 6 * random.nextDouble());
        job = Jobs.put(job, Reading.BRIDGE_LOWEST, bridge - 4 * random.nextDouble());
        job = Jobs.put(job, Reading.BRIDGE_HIGHEST, bridge + 4 * random.nextDouble());
        job = Jobs.put(job, Reading.TAILPIECE_HEIGHT, 2 + 18 * random.nextDouble());
        job = Jobs.put(job, Reading.TAILPIECE_DISTANCE, 60 + 50 * random.nextDouble());
        double height = 1.5 + 3 * random.nextDouble();
        return action(job, height, 0.8 * height);
    }

    /** If the bridge can set the action, it is recommended, whatever the break angle was before. */
    @Test
    public void anArchtopWhoseBridgeReachesIsNotLeft() {
        Random random = new Random(7);
        int resets = 0;
        for (int i = 0; i < 200; i++) {
            Job job = wheeled(random);
            Ways ways = ways(job);
            Setup measured = ways.measured().orElseThrow().setup();
            Recommendation said = Recommendation.of(ways);
            boolean reaches = ways.of(WayCatalog.FLOATING_BRIDGE).possible()
                    && ways.of(WayCatalog.FLOATING_BRIDGE).reaches();
            if (ways.about().met(measured) || !reaches) {
                continue;
            }
            // Nothing irreversible is advised as long as the instrument may well be right as it is.
            if (said.ways().equals(List.of(WayCatalog.LEAVE))) {
                assertThat(ways.of(WayCatalog.LEAVE).outOfTolerance().orElseThrow())
                        .as("%d", i)
                        .isLessThan(0.9);
                assertThat(said.reasons().get(0).is(AdviceFinding.TOO_UNSURE)).isTrue();
                continue;
            }
            if (said.ways().contains(WayCatalog.NECK_RESET)) {
                resets++;
                assertThat(said.runnersUp())
                        .as("%d: the bridge is passed over for a gate it makes worse", i)
                        .anySatisfy(each -> assertThat(said(each.reason())).contains("worse"));
            } else {
                Setup after =
                        ways.combined(said.ways()).predicted().orElseThrow().setup();
                assertThat(ways.about().met(after)).as("%d %s", i, said.ways()).isTrue();
            }
        }
        assertThat(resets).isLessThan(25);
    }

    /**
     * The break angle is too small and stays so: this is reported with what would fix it, and is no reason to leave
     * the action.
     */
    @Test
    public void aStopThatStaysIsNamedWithWhatMendsIt() {
        Job job = Jobs.sound(Jobs.archtop()).with(Lines.BRIDGE, ArchtopBridge.ADJUSTABLE);
        job = Jobs.put(Jobs.put(job, Reading.BRIDGE_LOWEST, 22), Reading.BRIDGE_HIGHEST, 32);
        job = Jobs.put(Jobs.put(job, Reading.TAILPIECE_HEIGHT, 24), Reading.TAILPIECE_DISTANCE, 80);
        job = action(job, 1.2, 0.9);
        assertThat(gate(job, GateId.BREAK_ANGLE).state()).isEqualTo(GateState.STOP);
        Recommendation said = answer(job);
        assertThat(said.ways()).containsExactly(WayCatalog.FLOATING_BRIDGE);
        assertThat(said(said.reasons())).contains("no worse than now").containsIgnoringCase("move the tailpiece");
    }

    /**
     * Without a rod the relief stays as read: the cut is worked out for the neck as it is, and the other cut is shown
     * too.
     */
    @Test
    public void aRodThatIsNotThereSetsNothing() {
        Job job = Jobs.put(Jobs.put(folded(), Reading.RELIEF, 0.4), Aim.RELIEF, 0.1);
        Job none = job.with(Lines.TRUSS_ROD, TrussRod.NONE);
        for (TrussRod rod : List.of(TrussRod.NONE, TrussRod.DEAD, TrussRod.AT_END)) {
            SheetAnalysis stays = SheetAnalysis.of(job.with(Lines.TRUSS_ROD, rod), SHOP);
            assertThat(stays.correction().orElseThrow().planned().reliefGap()).isEqualTo(0.4);
        }
        Assessment reset = ways(none).of(WayCatalog.NECK_RESET);
        assertThat(reset.predicted().orElseThrow().setup().reliefGap()).isEqualTo(0.4);
        assertThat(reset.reasons())
                .anySatisfy(reason -> assertThat(said(reason)).contains("stays at 0.40 mm"));
        double asItIs = SheetAnalysis.of(none, SHOP)
                .correction()
                .orElseThrow()
                .heel()
                .orElseThrow()
                .atCap();
        double straight = SheetAnalysis.of(job, SHOP)
                .correction()
                .orElseThrow()
                .heel()
                .orElseThrow()
                .atCap();
        assertThat(asItIs).isGreaterThan(straight + 0.1);
        Assessment refret = ways(none).of(WayCatalog.REFRET);
        assertThat(refret.possible()).isTrue();
        assertThat(refret.predicted().orElseThrow().setup().reliefGap()).isCloseTo(0.1, within(1e-9));
        assertThat(said(refret.reasons().get(1))).contains("With the relief as it is");
        assertThat(ways(job).of(WayCatalog.REFRET).fit()).isEqualTo(Suitability.NO_NEED);
        Combination both = ways(none).combined(List.of(WayCatalog.REFRET, WayCatalog.NECK_RESET));
        assertThat(both.reaches()).isTrue();
        assertThat(both.predicted().orElseThrow().setup().reliefGap()).isCloseTo(0.1, within(1e-9));
    }

    /**
     * Going part of the way is offered if it gives a third of the change for a third of the value; otherwise the
     * instrument is left.
     */
    @Test
    public void partOfTheWayHasToBeWorthIt() {
        Job job = saddle(bridge(action(modern(), 3.6, 3.1), 7.2), 3).with(Lines.VALUE, 240.0);
        Recommendation part = answer(job);
        assertThat(part.ways()).containsExactly(WayCatalog.SADDLE);
        assertThat(said(part.reasons())).contains("Nothing reaches").contains("What would reach it");
        assertThat(answer(job.with(Lines.VALUE, 150.0)).ways()).containsExactly(WayCatalog.LEAVE);
        double share = SHOP.get(Standard.PART_WAY_SHARE);
        assertThat(68.0).isBetween(150 * share, 240 * share);
        List<Way> little = answer(saddle(job, 1.9)).ways();
        assertThat(little).containsExactly(WayCatalog.LEAVE);
    }
}
