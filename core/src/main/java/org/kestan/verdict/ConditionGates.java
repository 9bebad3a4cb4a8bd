package org.kestan.verdict;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.kestan.job.Details;
import org.kestan.job.Finding;
import org.kestan.job.Severity;
import org.kestan.job.Survey;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.kestan.taking.Takings;

/** The gates that come before the action counts: soundness, pitch, relief, nut, fretboard. */
final class ConditionGates {

    private final Reckoning reckoning;
    private final Survey survey;
    private final ShopStandards shop;
    private final BenchUnit unit;

    ConditionGates(Reckoning reckoning, BenchUnit unit) {
        this.reckoning = reckoning;
        this.survey = reckoning.job().survey();
        this.shop = reckoning.standards();
        this.unit = unit;
    }

    Gate soundness() {
        List<Finding> bad = survey.findings().stream()
                .filter(finding -> finding.severity() != Severity.SOUND)
                .toList();
        OptionalDouble lift = survey.millimetres(Reading.BRIDGE_LIFT);
        OptionalDouble humidity = survey.humidity();
        Soundness sound = Soundness.of(survey, shop);
        Optional<Finding> serious = bad.stream()
                .filter(finding -> finding.severity() == Severity.SERIOUS)
                .findFirst();
        Gate gate;
        if (sound.liftRead()) {
            gate = gate(
                    GateState.STOP,
                    "The bridge is lifted by " + unit.fine().format(lift.getAsDouble())
                            + ": mend that first, then measure again.");
        } else if (serious.isPresent()) {
            gate = gate(GateState.STOP, serious.get().what().label() + ": mend that first, then measure again.");
        } else if (sound.dryOrDamp()) {
            gate = gate(
                    GateState.STOP,
                    "Humidity is " + Math.round(humidity.getAsDouble())
                            + " %: condition the instrument for days, then measure again. Humidity alone can move the"
                            + " action by 1/64 in.");
        } else if (survey.findings().isEmpty() && lift.isEmpty()) {
            gate = gate(GateState.UNKNOWN, "Not inspected yet: light, mirror and feeler come before any number.");
        } else if (humidity.isEmpty()) {
            gate = gate(GateState.UNKNOWN, "The humidity was not read.");
        } else if (!bad.isEmpty()) {
            gate = gate(
                    GateState.WARN,
                    bad.stream().map(finding -> finding.what().label()).collect(Collectors.joining(", "))
                            + ", slight: keep an eye on it.");
        } else {
            gate = gate(GateState.PASS, "Nothing loose was found, and the air is right.");
        }
        if (lift.isPresent()) {
            gate = gate.with("bridgeLift", lift.getAsDouble());
        }
        return humidity.isPresent() ? gate.with("humidity", humidity.getAsDouble()) : gate;
    }

    private static Gate gate(GateState state, String reason) {
        return Gate.of(GateId.SOUNDNESS, state, reason);
    }

    Gate pitch() {
        Optional<Integer> down = survey.details().get(Details.STEPS_DOWN);
        if (down.isEmpty()) {
            return Gate.of(GateId.PITCH, GateState.UNKNOWN, "Whether it was at pitch was not noted.");
        }
        if (down.get() > 0) {
            return Gate.of(
                            GateId.PITCH,
                            GateState.STOP,
                            "It was " + down.get() + (down.get() == 1 ? " half step" : " half steps")
                                    + " below pitch: tune up, let it settle, measure again.")
                    .with("stepsDown", down.get());
        }
        boolean gauges = reckoning.job().strings().stream()
                .anyMatch(string -> string.gauge().isPresent());
        return Gate.of(
                        GateId.PITCH,
                        gauges ? GateState.PASS : GateState.WARN,
                        gauges ? "At pitch, with known strings." : "At pitch, but the gauges were not noted.")
                .with("stepsDown", 0);
    }

    Gate relief() {
        OptionalDouble gap = survey.millimetres(Reading.RELIEF);
        if (gap.isEmpty()) {
            return Gate.of(GateId.RELIEF, GateState.UNKNOWN, "Read the relief first: every later number leans on it.");
        }
        Gate gate;
        if (Takings.reliefInWindow(survey, shop)) {
            gate = Gate.of(GateId.RELIEF, GateState.PASS, "In the shop\u2019s window.");
        } else {
            Rod rod = Rod.at(gap.getAsDouble(), reckoning.job(), shop);
            String what = rod.tightens()
                    ? "The neck is slack at " + unit.fine().format(gap.getAsDouble())
                    : "The neck is too straight at " + unit.fine().format(gap.getAsDouble());
            gate = withRod(what, rod);
        }
        return gate.with("gap", gap.getAsDouble())
                .with("least", shop.get(Standard.RELIEF_LEAST))
                .with("most", shop.get(Standard.RELIEF_MOST));
    }

    /** What the rod can do about it, and the action that would come of it: a high action may be a slack rod. */
    private Gate withRod(String what, Rod rod) {
        Optional<Sides<Double>> relieved = reckoning
                .trajectory()
                .map(known -> Setup.measured(known, survey, shop)
                        .withRelief(rod.aim())
                        .action());
        String then = relieved.map(action -> " With the relief set, the action comes to " + unit.format(action.bass())
                        + " bass and " + unit.format(action.treble()) + " treble.")
                .orElse("");
        Gate gate = Gate.of(
                GateId.RELIEF,
                GateState.WARN,
                what
                        + (!rod.can()
                                ? ", and there is no rod left to set it: heat, refretting or a saddle that allows for it."
                                : rod.state().isEmpty()
                                        ? ": see whether the rod works, then set it." + then
                                        : ": turn the rod first, then read the action again." + then));
        return relieved.isPresent()
                ? gate.with("actionBassThen", relieved.get().bass())
                        .with("actionTrebleThen", relieved.get().treble())
                : gate;
    }

    Gate nut() {
        OptionalDouble bass = survey.millimetres(Reading.NUT_BASS);
        OptionalDouble treble = survey.millimetres(Reading.NUT_TREBLE);
        if (bass.isEmpty() || treble.isEmpty()) {
            return Gate.of(GateId.NUT, GateState.UNKNOWN, "Read the string over fret 1, bass and treble.");
        }
        double low = Math.min(bass.getAsDouble(), treble.getAsDouble());
        double high = Math.max(bass.getAsDouble(), treble.getAsDouble());
        Gate gate = low < shop.get(Standard.NUT_LOW)
                ? Gate.of(
                        GateId.NUT,
                        GateState.STOP,
                        "A slot is too low at " + unit.fine().format(low) + ": it buzzes on the first fret.")
                : high > shop.get(Standard.NUT_HIGH)
                        ? Gate.of(
                                GateId.NUT,
                                GateState.WARN,
                                "A slot is high at " + unit.fine().format(high)
                                        + ": stiff to play and sharp on the first frets.")
                        : Gate.of(GateId.NUT, GateState.PASS, "The slots are right.");
        return gate.with("bass", bass.getAsDouble()).with("treble", treble.getAsDouble());
    }

    Gate fretboard() {
        OptionalDouble fall = survey.millimetres(Reading.EXTENSION_FALL_AWAY);
        if (fall.isEmpty()) {
            return Gate.of(
                    GateId.FRETBOARD,
                    GateState.UNKNOWN,
                    "Lay the straightedge on the frets and read the last one over the body.");
        }
        double value = fall.getAsDouble();
        Gate gate = value < 0
                ? Gate.of(
                        GateId.FRETBOARD,
                        GateState.WARN,
                        "The extension rises by " + unit.fine().format(-value)
                                + ": strings will buzz on it once they are low.")
                : value > shop.get(Standard.FALL_AWAY_MOST)
                        ? Gate.of(
                                GateId.FRETBOARD,
                                GateState.WARN,
                                "The extension falls away by " + unit.fine().format(value)
                                        + ": read the relief between nearer frets.")
                        : Gate.of(GateId.FRETBOARD, GateState.PASS, "The extension lies as it should.");
        return gate.with("fallAway", value);
    }
}
