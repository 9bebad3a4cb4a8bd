package org.kestan.judgment.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Instruments;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every threshold of every gate, with an instrument just on one side of it and one just on the other. */
public class GateThresholdsTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final double STEP = 0.01;

    /**
     * One threshold.
     *
     * @param name what it is
     * @param gate the gate it belongs to
     * @param at the threshold, in the unit of the reading
     * @param job the instrument with a reading at a value
     * @param under the state just under it, and the reason's kind
     * @param over the state just over it, and the reason's kind
     */
    private record Threshold(
            String name,
            GateId gate,
            ShopStandards shop,
            double at,
            DoubleFunction<Job> job,
            Expected under,
            Expected over) {
        @Override
        public String toString() {
            return gate + ": " + name;
        }
    }

    private record Expected(GateState state, GateFinding reason) {}

    private static Expected pass(GateFinding reason) {
        return new Expected(GateState.PASS, reason);
    }

    private static Expected warn(GateFinding reason) {
        return new Expected(GateState.WARN, reason);
    }

    private static Expected stop(GateFinding reason) {
        return new Expected(GateState.STOP, reason);
    }

    private static double shop(Standard standard) {
        return SHOP.get(standard, Family.STEEL);
    }

    /** Right in every gate: the thresholds move one reading of it. */
    private static Job right() {
        Job job = Jobs.sound(Jobs.flatTop()).withStrings(Instruments.ON).with(Lines.VALUE, 5000.0);
        job = action(job, 2.0, 1.6);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.0), Aim.ACTION_TREBLE, 1.6);
        return Jobs.put(job, Reading.PIN_DISTANCE, 6);
    }

    private static Job action(Job job, double bass, double treble) {
        return Jobs.put(Jobs.put(job, Reading.ACTION_BASS, bass), Reading.ACTION_TREBLE, treble);
    }

    private static Job saddle(Job job, double both) {
        return Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, both), Reading.SADDLE_TREBLE, both);
    }

    private static Job wanting(Job job, double bass, double treble) {
        return Jobs.put(Jobs.put(job, Aim.ACTION_BASS, bass), Aim.ACTION_TREBLE, treble);
    }

    private static Job humidity(double percent) {
        return right().withVisit(right().visit().with(Lines.HUMIDITY, percent));
    }

    private static Job archtop(double height) {
        Job job = Jobs.put(Jobs.put(Jobs.archtop(), Reading.BRIDGE_LOWEST, 22), Reading.BRIDGE_HIGHEST, 30);
        return Jobs.put(job, Reading.BRIDGE_HEIGHT, height);
    }

    /** A pin bridge whose break angle behind the saddle is so many degrees over what the string's slope in front gives. */
    private static Job bending(double degrees) {
        Job job = right();
        for (double pins = 5; pins < 40; pins += 0.002) {
            Job tried = Jobs.put(job, Reading.PIN_DISTANCE, pins);
            double bend = SheetAnalysis.of(tried, SHOP)
                    .measured()
                    .orElseThrow()
                    .leastBreakAngle()
                    .orElseThrow()
                    .degrees();
            if (bend <= degrees) {
                return tried;
            }
        }
        throw new AssertionError("no pin distance bends by " + degrees);
    }

    /** Frets over the top such that the neck's pitch is so many degrees. */
    private static Job pitched(double degrees) {
        Job job = right();
        double crown = SheetAnalysis.of(job, SHOP).measured().orElseThrow().projection();
        double over = crown - 283 * Math.tan(Math.toRadians(degrees));
        return Jobs.put(Jobs.put(job, Reading.FRETS_OVER_TOP, over), Reading.PROJECTION_STRUNG, crown);
    }

    private static void add(
            List<Threshold> all,
            String name,
            GateId gate,
            double at,
            DoubleFunction<Job> job,
            Expected under,
            Expected over) {
        all.add(new Threshold(name, gate, SHOP, at, job, under, over));
    }

    @DataProvider
    static Object[][] thresholds() {
        List<Threshold> all = new ArrayList<>();
        add(
                all,
                "bridge lift",
                GateId.SOUNDNESS,
                shop(Standard.BRIDGE_LIFT),
                lift -> Jobs.put(right(), Reading.BRIDGE_LIFT, lift),
                pass(GateFinding.SOUND),
                stop(GateFinding.BRIDGE_LIFTED));
        add(
                all,
                "dry",
                GateId.SOUNDNESS,
                shop(Standard.HUMIDITY_LEAST),
                GateThresholdsTest::humidity,
                stop(GateFinding.CONDITION_FIRST),
                pass(GateFinding.SOUND));
        add(
                all,
                "damp",
                GateId.SOUNDNESS,
                shop(Standard.HUMIDITY_MOST),
                GateThresholdsTest::humidity,
                pass(GateFinding.SOUND),
                stop(GateFinding.CONDITION_FIRST));
        add(
                all,
                "too straight",
                GateId.RELIEF,
                shop(Standard.RELIEF_LEAST),
                gap -> Jobs.put(right(), Reading.RELIEF, gap),
                warn(GateFinding.STRAIGHT_BUT_CLEAN),
                pass(GateFinding.RELIEF_RIGHT));
        add(
                all,
                "too much relief",
                GateId.RELIEF,
                shop(Standard.RELIEF_MOST),
                gap -> Jobs.put(right(), Reading.RELIEF, gap),
                pass(GateFinding.RELIEF_RIGHT),
                warn(GateFinding.SLACK_TURN_ROD));
        add(
                all,
                "slot too low",
                GateId.NUT,
                shop(Standard.NUT_LOW),
                nut -> Jobs.put(right(), Reading.NUT_TREBLE, nut),
                stop(GateFinding.NUT_LOW),
                pass(GateFinding.NUT_RIGHT));
        add(
                all,
                "slot high",
                GateId.NUT,
                shop(Standard.NUT_HIGH),
                nut -> Jobs.put(right(), Reading.NUT_BASS, nut),
                pass(GateFinding.NUT_RIGHT),
                warn(GateFinding.NUT_HIGH));
        add(
                all,
                "extension rises",
                GateId.FRETBOARD,
                0,
                fall -> Jobs.put(right(), Reading.EXTENSION_FALL_AWAY, fall),
                warn(GateFinding.EXTENSION_RISES),
                pass(GateFinding.EXTENSION_RIGHT));
        add(
                all,
                "extension falls",
                GateId.FRETBOARD,
                shop(Standard.FALL_AWAY_MOST),
                fall -> Jobs.put(right(), Reading.EXTENSION_FALL_AWAY, fall),
                pass(GateFinding.EXTENSION_RIGHT),
                warn(GateFinding.EXTENSION_FALLS));
        double reach = shop(Standard.ACTION_REACH);
        add(
                all,
                "over what is wanted",
                GateId.ACTION,
                2.0 + reach,
                bass -> action(right(), bass, 1.6),
                pass(GateFinding.ACTION_NEAR),
                warn(GateFinding.ACTION_OVER));
        add(
                all,
                "treble over what is wanted",
                GateId.ACTION,
                1.6 + reach,
                treble -> action(right(), 2.0, treble),
                pass(GateFinding.ACTION_NEAR),
                warn(GateFinding.ACTION_OVER));
        add(
                all,
                "under what is wanted",
                GateId.ACTION,
                2.0 - reach,
                bass -> action(right(), bass, 1.6),
                warn(GateFinding.ACTION_UNDER),
                pass(GateFinding.ACTION_NEAR));
        add(
                all,
                "out of spec",
                GateId.ACTION,
                shop(Standard.ACTION_OUT_OF_SPEC),
                bass -> action(right(), bass, 1.6),
                warn(GateFinding.ACTION_OVER),
                stop(GateFinding.ACTION_STANDS));
        add(
                all,
                "too low",
                GateId.ACTION,
                shop(Standard.ACTION_LOW),
                bass -> action(right(), bass, 1.6),
                stop(GateFinding.ACTION_UNDER),
                warn(GateFinding.ACTION_UNDER));
        double least = shop(Standard.PROTRUSION_LEAST);
        add(
                all,
                "least saddle, the action right",
                GateId.SADDLE,
                least,
                out -> saddle(right(), out),
                warn(GateFinding.SADDLE_LOW),
                pass(GateFinding.SADDLE_NEED_NOT));
        add(
                all,
                "too tall a saddle",
                GateId.SADDLE,
                shop(Standard.PROTRUSION_MOST),
                out -> saddle(right(), out),
                pass(GateFinding.SADDLE_NEED_NOT),
                warn(GateFinding.SADDLE_TOO_TALL));
        // The action asks for 2 mm on both sides: the saddle just has that over its least, or does not.
        double lever = SheetAnalysis.of(right(), SHOP)
                .measured()
                .map(setup -> setup.crownRiseFor(setup.action().map(now -> now - 1)))
                .orElseThrow()
                .bass();
        add(
                all,
                "saddle that can take the drop",
                GateId.SADDLE,
                least - lever,
                out -> saddle(action(right(), 3.0, 2.6), out),
                warn(GateFinding.SADDLE_JUST_CAN),
                pass(GateFinding.SADDLE_CAN));
        add(
                all,
                "saddle that can reach the tolerance",
                GateId.SADDLE,
                least - lever * (1 - reach),
                out -> saddle(action(right(), 3.0, 2.6), out),
                stop(GateFinding.SADDLE_CANNOT),
                warn(GateFinding.SADDLE_JUST_CAN));
        add(
                all,
                "saddle that can rise",
                GateId.SADDLE,
                shop(Standard.PROTRUSION_MOST) + lever * 0.5,
                out -> saddle(wanting(right(), 2.5, 2.1), out),
                pass(GateFinding.SADDLE_NEED_NOT),
                stop(GateFinding.SADDLE_CANNOT_RISE));
        add(
                all,
                "least break angle",
                GateId.BREAK_ANGLE,
                shop(Standard.BREAK_ANGLE_LEAST),
                GateThresholdsTest::bending,
                stop(GateFinding.BEND_TOO_LITTLE),
                warn(GateFinding.BEND_LITTLE));
        add(
                all,
                "good break angle",
                GateId.BREAK_ANGLE,
                shop(Standard.BREAK_ANGLE_GOOD),
                GateThresholdsTest::bending,
                warn(GateFinding.BEND_LITTLE),
                pass(GateFinding.BEND));
        all.add(new Threshold(
                "strings over the top",
                GateId.BREAK_ANGLE,
                SHOP.with(School.BREAK_BY_HEIGHT),
                shop(Standard.STRING_HEIGHT_LEAST),
                height -> Jobs.put(saddle(right(), 2), Reading.BRIDGE_THICKNESS, height - 2),
                warn(GateFinding.STRINGS_STAND_LOW),
                pass(GateFinding.STRINGS_STAND)));
        add(
                all,
                "cut bridge",
                GateId.BRIDGE,
                shop(Standard.BRIDGE_CUT),
                thick -> Jobs.put(right(), Reading.BRIDGE_THICKNESS, thick),
                stop(GateFinding.BRIDGE_CUT),
                warn(GateFinding.BRIDGE_THIN));
        add(
                all,
                "thin bridge",
                GateId.BRIDGE,
                shop(Standard.BRIDGE_THIN),
                thick -> Jobs.put(right(), Reading.BRIDGE_THICKNESS, thick),
                warn(GateFinding.BRIDGE_THIN),
                pass(GateFinding.BRIDGE_THICK));
        add(
                all,
                "thin bridge on a small body",
                GateId.BRIDGE,
                shop(Standard.BRIDGE_THIN_SMALL),
                thick -> Jobs.put(right().with(Lines.BODY, "small"), Reading.BRIDGE_THICKNESS, thick),
                warn(GateFinding.BRIDGE_THIN),
                pass(GateFinding.BRIDGE_THICK));
        add(
                all,
                "heavy bridge",
                GateId.BRIDGE,
                shop(Standard.BRIDGE_HEAVY),
                thick -> Jobs.put(right(), Reading.BRIDGE_THICKNESS, thick),
                pass(GateFinding.BRIDGE_THICK),
                warn(GateFinding.BRIDGE_HEAVY));
        add(
                all,
                "floating bridge at its bottom",
                GateId.BRIDGE,
                22 + reach,
                GateThresholdsTest::archtop,
                warn(GateFinding.BRIDGE_AT_BOTTOM),
                pass(GateFinding.BRIDGE_CAN_COME_DOWN));
        add(
                all,
                "level neck",
                GateId.NECK_PITCH,
                shop(Standard.PITCH_ZERO),
                GateThresholdsTest::pitched,
                warn(GateFinding.NECK_LEVEL),
                pass(GateFinding.NECK_SET_BACK));
        add(
                all,
                "neck that leans forward",
                GateId.NECK_PITCH,
                -shop(Standard.PITCH_ZERO),
                GateThresholdsTest::pitched,
                warn(GateFinding.NECK_FORWARD),
                warn(GateFinding.NECK_LEVEL));
        double cost = SHOP.cost(ShopStandards.RESET);
        add(
                all,
                "value of a reset",
                GateId.WORTH,
                cost,
                value -> right().with(Lines.VALUE, value),
                stop(GateFinding.WORTH_NOT),
                warn(GateFinding.WORTH_ASK));
        add(
                all,
                "value without asking",
                GateId.WORTH,
                cost * shop(Standard.WORTH_RATIO),
                value -> right().with(Lines.VALUE, value),
                warn(GateFinding.WORTH_ASK),
                pass(GateFinding.WORTH));
        return all.stream().map(each -> new Object[] {each}).toArray(Object[][]::new);
    }

    /** As if a reset were what would be done. */
    private static Optional<RepairPrice> reset() {
        return Optional.of(new RepairPrice(SHOP.hours(ShopStandards.RESET), SHOP.cost(ShopStandards.RESET)));
    }

    private static Gate gate(Threshold threshold, double value) {
        return Verdict.of(SheetAnalysis.of(threshold.job().apply(value), threshold.shop()), reset()).stream()
                .filter(each -> each.id() == threshold.gate())
                .findFirst()
                .orElseThrow();
    }

    @Test(dataProvider = "thresholds")
    public void standsOtherwiseOnEitherSide(Threshold threshold) {
        Gate under = gate(threshold, threshold.at() - STEP);
        Gate over = gate(threshold, threshold.at() + STEP);
        assertThat(under.state()).as("under").isEqualTo(threshold.under().state());
        assertThat(under.reasons().get(0).is(threshold.under().reason()))
                .as("under: " + under.reasons())
                .isTrue();
        assertThat(over.state()).as("over").isEqualTo(threshold.over().state());
        assertThat(over.reasons().get(0).is(threshold.over().reason()))
                .as("over: " + over.reasons())
                .isTrue();
    }

    /** The body's answer is said beside the neck's pitch. */
    @Test
    public void aBodyThatFoldsTooFarAndReadingsThatDisagreeAreSaid() {
        Job job = pitched(1);
        double strung = SheetAnalysis.of(job, SHOP).measured().orElseThrow().projection();
        for (double side : new double[] {-STEP, STEP}) {
            Job whole = Jobs.put(job, Reading.PROJECTION_SLACK, strung + shop(Standard.SINK_MOST) + side);
            // A rod that works may have bowed the neck back by as much: the slack relief has to say it did not.
            assertThat(neck(whole).reasons().stream().anyMatch(said -> said.is(GateFinding.READ_SLACK_RELIEF)))
                    .isEqualTo(side > 0);
            Job sunk = Jobs.put(whole, Reading.RELIEF_SLACK, 0.2);
            assertThat(neck(sunk).reasons().stream().anyMatch(said -> said.is(GateFinding.SINKS_TOO_FAR)))
                    .isEqualTo(side > 0);
            Job apart = Jobs.put(
                    Jobs.without(job, Reading.PROJECTION_SLACK),
                    Reading.PROJECTION_STRUNG,
                    strung + shop(Standard.DISAGREEMENT) + side);
            assertThat(neck(apart).reasons().stream().anyMatch(said -> said.is(GateFinding.READINGS_DISAGREE)))
                    .isEqualTo(side > 0);
        }
    }

    private static Gate neck(Job job) {
        return Verdict.of(SheetAnalysis.of(job, SHOP)).stream()
                .filter(each -> each.id() == GateId.NECK_PITCH)
                .findFirst()
                .orElseThrow();
    }

    private static Gate gate(Job job, GateId id) {
        return Verdict.of(SheetAnalysis.of(job, SHOP), reset()).stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow();
    }

    /** What was found on inspection, by how bad it is. */
    @Test
    public void soundnessFollowsTheInspection() {
        Job job = right();
        Observation slight = new Observation(Defect.BELLY, Severity.SLIGHT, "");
        Observation serious = new Observation(Defect.TOP_CRACK_THROUGH, Severity.SERIOUS, "");
        Gate warned = gate(job.withVisit(job.visit().with(slight)), GateId.SOUNDNESS);
        assertThat(warned.state()).isEqualTo(GateState.WARN);
        assertThat(warned.numbers()).containsEntry(GateNumber.HUMIDITY, new Quantity.Percent(46));
        assertThat(gate(job.withVisit(job.visit().with(serious)), GateId.SOUNDNESS)
                        .state())
                .isEqualTo(GateState.STOP);
        Job noAir = job.withVisit(job.visit().without(Lines.HUMIDITY));
        Gate unread = gate(noAir, GateId.SOUNDNESS);
        assertThat(unread.state()).isEqualTo(GateState.UNKNOWN);
        assertThat(unread.reasons().get(0).is(GateFinding.HUMIDITY_NOT_READ)).isTrue();
    }

    /** Tuned down it is told to be tuned; gauges that were not noted warn. */
    @Test
    public void pitchFollowsTuningAndGauges() {
        Job job = right();
        assertThat(gate(job, GateId.PITCH).state()).isEqualTo(GateState.PASS);
        Gate down = gate(job.withVisit(job.visit().with(Lines.STEPS_DOWN, 1)), GateId.PITCH);
        assertThat(down.state()).isEqualTo(GateState.STOP);
        assertThat(down.numbers()).containsEntry(GateNumber.STEPS_DOWN, Quantity.count(1));
        assertThat(gate(job.withStrings(List.of()), GateId.PITCH).state()).isEqualTo(GateState.WARN);
        assertThat(gate(job.withVisit(job.visit().without(Lines.STEPS_DOWN)), GateId.PITCH)
                        .state())
                .isEqualTo(GateState.UNKNOWN);
    }

    /** What the rod can do decides what is said of a relief out of its window. */
    @Test
    public void theRodDecidesWhatIsSaidOfTheRelief() {
        Job slack = Jobs.put(right(), Reading.RELIEF, 0.5);
        // Where it buzzes; a straight neck that plays clean is left.
        Job straight = Jobs.put(Jobs.put(right(), Reading.RELIEF, 0), Reading.FRET_PROUD.at(9), 0.4);
        assertThat(reason(slack, TrussRod.WORKS)).isEqualTo(GateFinding.SLACK_TURN_ROD);
        assertThat(reason(slack, TrussRod.NONE)).isEqualTo(GateFinding.SLACK_NO_ROD);
        assertThat(reason(slack, null)).isEqualTo(GateFinding.SLACK_TRY_ROD);
        assertThat(reason(straight, TrussRod.WORKS)).isEqualTo(GateFinding.STRAIGHT_TURN_ROD);
        assertThat(reason(straight, TrussRod.DEAD)).isEqualTo(GateFinding.STRAIGHT_NO_ROD);
        assertThat(reason(straight, null)).isEqualTo(GateFinding.STRAIGHT_TRY_ROD);
        Gate gate = gate(slack, GateId.RELIEF);
        assertThat(gate.number(GateNumber.GAP)).hasValue(0.5);
        assertThat(gate.number(GateNumber.LEAST)).hasValue(shop(Standard.RELIEF_LEAST));
        assertThat(gate.number(GateNumber.MOST)).hasValue(shop(Standard.RELIEF_MOST));
        assertThat(gate.number(GateNumber.ACTION_BASS_THEN).orElseThrow()).isLessThan(2.0);
        assertThat(gate.number(GateNumber.ACTION_TREBLE_THEN).orElseThrow()).isLessThan(1.6);
    }

    private static Object reason(Job job, TrussRod rod) {
        Job known = job.withVisit(
                rod == null ? job.visit().without(Lines.TRUSS_ROD) : job.visit().with(Lines.TRUSS_ROD, rod));
        return gate(known, GateId.RELIEF).reasons().get(0).kind();
    }

    /** The numbers behind each gate are those that were read, or follow from them. */
    @Test
    public void theNumbersBehindTheGatesAreThoseRead() {
        Job job = right();
        assertThat(gate(job, GateId.NUT).number(GateNumber.BASS)).hasValue(0.55);
        assertThat(gate(job, GateId.NUT).number(GateNumber.TREBLE)).hasValue(0.4);
        assertThat(gate(job, GateId.FRETBOARD).number(GateNumber.FALL_AWAY)).hasValue(0.2);
        assertThat(gate(job, GateId.ACTION).number(GateNumber.BASS)).hasValue(2.0);
        assertThat(gate(job, GateId.ACTION).number(GateNumber.TREBLE)).hasValue(1.6);
        assertThat(gate(job, GateId.SADDLE).number(GateNumber.LEFT)).hasValue(2.2);
        assertThat(gate(job, GateId.BRIDGE).number(GateNumber.THICKNESS)).hasValue(8.8);
        assertThat(gate(archtop(25), GateId.BRIDGE).number(GateNumber.HEIGHT)).hasValue(25);
        assertThat(gate(archtop(25), GateId.BRIDGE).number(GateNumber.LOWEST)).hasValue(22);
        assertThat(gate(job, GateId.WORTH).numbers())
                .containsEntry(GateNumber.VALUE, new Quantity.Money(5000))
                .containsEntry(GateNumber.RESET_COST, new Quantity.Money(SHOP.cost(ShopStandards.RESET)));
        assertThat(gate(Job.BLANK, GateId.NECK_PITCH).state()).isEqualTo(GateState.UNKNOWN);
        assertThat(gate(Job.BLANK, GateId.BREAK_ANGLE).state()).isEqualTo(GateState.UNKNOWN);
        assertThat(gate(job.with(Lines.COLLECTIBLE, true), GateId.WORTH).state())
                .isEqualTo(GateState.WARN);
    }

    /** Exactly at a threshold: the thresholds that are exact in millimeters, and the side they belong to. */
    @Test
    public void theThresholdItselfBelongsToOneSide() {
        assertThat(gate(lift(shop(Standard.BRIDGE_LIFT)), GateId.SOUNDNESS).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(humidity(shop(Standard.HUMIDITY_LEAST)), GateId.SOUNDNESS)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(humidity(shop(Standard.HUMIDITY_MOST)), GateId.SOUNDNESS)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(Jobs.put(right(), Reading.NUT_TREBLE, shop(Standard.NUT_LOW)), GateId.NUT)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(Jobs.put(right(), Reading.NUT_BASS, shop(Standard.NUT_HIGH)), GateId.NUT)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(fall(0), GateId.FRETBOARD).state()).isEqualTo(GateState.PASS);
        assertThat(gate(fall(shop(Standard.FALL_AWAY_MOST)), GateId.FRETBOARD).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(action(right(), shop(Standard.ACTION_OUT_OF_SPEC), 1.6), GateId.ACTION)
                        .state())
                .isEqualTo(GateState.STOP);
        assertThat(gate(action(right(), shop(Standard.ACTION_LOW), 1.6), GateId.ACTION)
                        .state())
                .isEqualTo(GateState.WARN);
        assertThat(gate(action(right(), 2.0 + shop(Standard.ACTION_REACH), 1.6), GateId.ACTION)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(saddle(right(), shop(Standard.PROTRUSION_LEAST)), GateId.SADDLE)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(saddle(right(), shop(Standard.PROTRUSION_MOST)), GateId.SADDLE)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(bridge(shop(Standard.BRIDGE_CUT)), GateId.BRIDGE).state())
                .isEqualTo(GateState.WARN);
        assertThat(gate(bridge(shop(Standard.BRIDGE_THIN)), GateId.BRIDGE).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(bridge(shop(Standard.BRIDGE_HEAVY)), GateId.BRIDGE).state())
                .isEqualTo(GateState.PASS);
        double cost = SHOP.cost(ShopStandards.RESET);
        assertThat(gate(right().with(Lines.VALUE, cost), GateId.WORTH).state()).isEqualTo(GateState.WARN);
        assertThat(gate(right().with(Lines.VALUE, cost * shop(Standard.WORTH_RATIO)), GateId.WORTH)
                        .state())
                .isEqualTo(GateState.PASS);
        Job height = Jobs.put(saddle(right(), 2), Reading.BRIDGE_THICKNESS, shop(Standard.STRING_HEIGHT_LEAST) - 2);
        assertThat(Verdict.of(SheetAnalysis.of(height, SHOP.with(School.BREAK_BY_HEIGHT))).stream()
                        .filter(each -> each.id() == GateId.BREAK_ANGLE)
                        .findFirst()
                        .orElseThrow()
                        .state())
                .isEqualTo(GateState.PASS);
    }

    private static Job lift(double leaf) {
        return Jobs.put(right(), Reading.BRIDGE_LIFT, leaf);
    }

    private static Job fall(double away) {
        return Jobs.put(right(), Reading.EXTENSION_FALL_AWAY, away);
    }

    private static Job bridge(double thickness) {
        return Jobs.put(right(), Reading.BRIDGE_THICKNESS, thickness);
    }

    @DataProvider
    static Object[][] grades() {
        return new Object[][] {
            {Standard.ACTION_LOW, GateFinding.GRADE_TOO_LOW, GateFinding.GRADE_LOW},
            {Standard.ACTION_MEDIUM, GateFinding.GRADE_LOW, GateFinding.GRADE_MEDIUM},
            {Standard.ACTION_HIGH, GateFinding.GRADE_MEDIUM, GateFinding.GRADE_MEDIUM_HIGH},
            {Standard.ACTION_OUT_OF_SPEC, GateFinding.GRADE_MEDIUM_HIGH, GateFinding.GRADE_OUT_OF_SPEC}
        };
    }

    /** 5/64 in on steel strings is medium, 6/64 medium-high, 8/64 out of spec: common practice, no source. */
    @Test(dataProvider = "grades")
    public void theGradeOfAnActionGoesByTheBass(Standard standard, GateFinding under, GateFinding over) {
        double at = shop(standard);
        assertThat(grade(at - STEP)).isEqualTo(under);
        assertThat(grade(at)).isEqualTo(over);
        assertThat(grade(at + STEP)).isEqualTo(over);
    }

    private static Object grade(double bass) {
        Quantity said = gate(action(right(), bass, 1.6), GateId.ACTION)
                .reasons()
                .get(0)
                .quantities()
                .get(1);
        return ((Quantity.Said) said).finding().kind();
    }

    /** What a floating bridge has not told is asked for; a one-piece bridge has no wheels to ask about. */
    @Test
    public void aFloatingBridgeIsAskedForItsRange() {
        Job unread = Jobs.without(Jobs.without(Jobs.archtop(), Reading.BRIDGE_LOWEST), Reading.BRIDGE_HIGHEST);
        Gate asked = gate(unread, GateId.BRIDGE);
        assertThat(asked.state()).isEqualTo(GateState.UNKNOWN);
        assertThat(asked.reasons().get(0).is(GateFinding.READ_BRIDGE_RANGE)).isTrue();
        Gate solid = gate(unread.with(Lines.BRIDGE, ArchtopBridge.SOLID), GateId.BRIDGE);
        assertThat(solid.state()).isEqualTo(GateState.PASS);
        assertThat(solid.reasons().get(0).is(GateFinding.BRIDGE_ONE_PIECE)).isTrue();
        assertThat(solid.number(GateNumber.HEIGHT)).hasValue(25.5);
        Gate none = gate(Jobs.without(unread, Reading.BRIDGE_HEIGHT), GateId.BRIDGE);
        assertThat(none.reasons().get(0).is(GateFinding.READ_BRIDGE_HEIGHT)).isTrue();
        assertThat(gate(unread, GateId.SADDLE).reasons().get(0).is(GateFinding.FLOATING_CARRIES))
                .isTrue();
        assertThat(gate(unread, GateId.BREAK_ANGLE).reasons().get(0).is(GateFinding.READ_STRING_END))
                .isTrue();
        assertThat(gate(Job.BLANK, GateId.BREAK_ANGLE).reasons().get(0).is(GateFinding.SHEET_FIRST))
                .isTrue();
        Job flat = Jobs.put(Jobs.put(archtop(25), Reading.TAILPIECE_HEIGHT, 24.9), Reading.TAILPIECE_DISTANCE, 120);
        Gate bends = gate(flat, GateId.BREAK_ANGLE);
        assertThat(bends.state()).isEqualTo(GateState.STOP);
        assertThat(bends.reasons().get(1).is(GateFinding.HIGHER_BRIDGE_WOULD)).isTrue();
        assertThat(gate(bending(8), GateId.BREAK_ANGLE).reasons().get(1).is(GateFinding.RAMPS_MAY_DO))
                .isTrue();
    }

    /** What is wanted: the job's own action, side by side with the shop's usual one where the job says none. */
    @Test
    public void theShopsActionStandsInForOneNotSaid() {
        Job none = Jobs.without(Jobs.without(right(), Aim.ACTION_BASS), Aim.ACTION_TREBLE);
        assertThat(Targets.of(none, SHOP).action().bass()).isEqualTo(shop(Standard.ACTION_WANTED_BASS));
        assertThat(Targets.of(none, SHOP).action().treble()).isEqualTo(shop(Standard.ACTION_WANTED_TREBLE));
        assertThat(Targets.of(right(), SHOP).action().bass()).isEqualTo(2.0);
        Job filled = Targets.filled(none, SHOP);
        assertThat(filled.millimeters(Aim.ACTION_BASS)).hasValue(shop(Standard.ACTION_WANTED_BASS));
        assertThat(filled.millimeters(Aim.ACTION_TREBLE)).hasValue(shop(Standard.ACTION_WANTED_TREBLE));
        assertThat(Targets.filled(right(), SHOP)).isEqualTo(right());
    }

    /** The rod is asked for the nearest edge of the window, or for what the job wants; within a leaf it is asked for nothing. */
    @Test
    public void theRodIsAskedForWhatIsWanted() {
        Job job = Jobs.without(right(), Aim.RELIEF);
        double least = shop(Standard.RELIEF_LEAST);
        double most = shop(Standard.RELIEF_MOST);
        assertThat(RodAdjustment.at((least + most) / 2, job, SHOP).needed()).isFalse();
        assertThat(RodAdjustment.at(most + 0.1, job, SHOP).needed()).isTrue();
        assertThat(RodAdjustment.at(most + 0.1, job, SHOP).tightens()).isTrue();
        assertThat(RodAdjustment.at(least - 0.1, job, SHOP).tightens()).isFalse();
        assertThat(RodAdjustment.at(most + 0.1, job, SHOP).aim()).isBetween(least, most);
        Job wanting = Jobs.put(job, Aim.RELIEF, 0.2);
        assertThat(RodAdjustment.at(0.2, wanting, SHOP).needed()).isFalse();
        assertThat(RodAdjustment.at(0.2 + 0.05, wanting, SHOP).needed()).isTrue();
        assertThat(RodAdjustment.at(0.2 - 0.05, wanting, SHOP).needed()).isTrue();
        assertThat(RodAdjustment.at(0.4, wanting, SHOP).aim()).isEqualTo(0.2);
    }
}
