package org.kestan.judgment.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.kestan.judgment.verdict.GateInstruments.SHOP;
import static org.kestan.judgment.verdict.GateInstruments.STEP;
import static org.kestan.judgment.verdict.GateInstruments.action;
import static org.kestan.judgment.verdict.GateInstruments.gate;
import static org.kestan.judgment.verdict.GateInstruments.reset;
import static org.kestan.judgment.verdict.GateInstruments.right;
import static org.kestan.judgment.verdict.GateInstruments.saddle;
import static org.kestan.judgment.verdict.GateInstruments.shop;
import static org.kestan.judgment.verdict.GateInstruments.wanting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every threshold of every gate, with one instrument just on each side of it. */
public class GateThresholdsTest {

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
                GateInstruments::humidity,
                stop(GateFinding.CONDITION_FIRST),
                pass(GateFinding.SOUND));
        add(
                all,
                "damp",
                GateId.SOUNDNESS,
                shop(Standard.HUMIDITY_MOST),
                GateInstruments::humidity,
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
        // The target action needs 2 mm on both sides: the saddle just has that above its minimum, or just lacks it.
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
                GateInstruments::bending,
                stop(GateFinding.BEND_TOO_LITTLE),
                warn(GateFinding.BEND_LITTLE));
        add(
                all,
                "good break angle",
                GateId.BREAK_ANGLE,
                shop(Standard.BREAK_ANGLE_GOOD),
                GateInstruments::bending,
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
                GateInstruments::archtop,
                warn(GateFinding.BRIDGE_AT_BOTTOM),
                pass(GateFinding.BRIDGE_CAN_COME_DOWN));
        add(
                all,
                "level neck",
                GateId.NECK_PITCH,
                shop(Standard.PITCH_ZERO),
                GateInstruments::pitched,
                warn(GateFinding.NECK_LEVEL),
                pass(GateFinding.NECK_SET_BACK));
        add(
                all,
                "neck that leans forward",
                GateId.NECK_PITCH,
                -shop(Standard.PITCH_ZERO),
                GateInstruments::pitched,
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
}
