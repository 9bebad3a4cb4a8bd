package org.kestan.judgment.verdict;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Row;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.job.visits.Visit;

/** The gates that come before the action: soundness, pitch, relief, nut, fretboard. */
final class ConditionGates {

    private final SheetAnalysis sheetAnalysis;
    private final Visit visit;
    private final ShopStandards shop;

    ConditionGates(SheetAnalysis sheetAnalysis) {
        this.sheetAnalysis = sheetAnalysis;
        this.visit = sheetAnalysis.job().visit();
        this.shop = sheetAnalysis.standards();
    }

    Gate soundness() {
        List<Observation> bad = visit.observations().stream()
                .filter(seen -> seen.severity() != Severity.SOUND)
                .toList();
        OptionalDouble lift = visit.bridgeLift();
        Optional<Double> humidity = visit.get(Lines.HUMIDITY);
        Soundness sound = Soundness.of(visit, shop);
        Optional<Observation> serious =
                bad.stream().filter(seen -> seen.severity() == Severity.SERIOUS).findFirst();
        Gate gate;
        if (sound.liftRead()) {
            gate = soundness(GateState.STOP, GateFinding.BRIDGE_LIFTED.of(Quantity.fine(lift.getAsDouble())));
        } else if (serious.isPresent()) {
            gate = soundness(
                    GateState.STOP,
                    GateFinding.MEND_FIRST.of(Quantity.term(serious.get().what())));
        } else if (sound.dryOrDamp()) {
            gate = soundness(GateState.STOP, GateFinding.CONDITION_FIRST.of(new Quantity.Percent(humidity.get())));
        } else if (visit.observations().isEmpty()) {
            gate = soundness(GateState.UNKNOWN, GateFinding.NOT_INSPECTED.of());
        } else if (humidity.isEmpty()) {
            gate = soundness(GateState.UNKNOWN, GateFinding.HUMIDITY_NOT_READ.of());
        } else if (!bad.isEmpty()) {
            gate = soundness(
                    GateState.WARN,
                    GateFinding.SLIGHT_DEFECTS.of(
                            Quantity.terms(bad.stream().map(Observation::what).toList())));
        } else {
            gate = soundness(GateState.PASS, GateFinding.SOUND.of());
        }
        if (lift.isPresent()) {
            gate = gate.with(GateNumber.BRIDGE_LIFT, Quantity.fine(lift.getAsDouble()));
        }
        return humidity.isPresent() ? gate.with(GateNumber.HUMIDITY, new Quantity.Percent(humidity.get())) : gate;
    }

    private static Gate soundness(GateState state, Finding reason) {
        return Gate.of(GateId.SOUNDNESS, state, reason);
    }

    /** Returns whether it may be tuned up for reading. */
    boolean bearsTension() {
        return Soundness.of(visit, shop).bearsTension();
    }

    Gate pitch() {
        if (!bearsTension()) {
            return Gate.of(GateId.PITCH, GateState.UNKNOWN, GateFinding.NOT_TUNED_UP.of());
        }
        Optional<Integer> down = visit.get(Lines.STEPS_DOWN);
        if (down.isEmpty()) {
            return Gate.of(GateId.PITCH, GateState.UNKNOWN, GateFinding.PITCH_NOT_NOTED.of());
        }
        if (down.get() > 0) {
            return Gate.of(GateId.PITCH, GateState.STOP, GateFinding.BELOW_PITCH.of(Quantity.count(down.get())))
                    .with(GateNumber.STEPS_DOWN, Quantity.count(down.get()));
        }
        boolean gauges = sheetAnalysis.job().strings().stream()
                .anyMatch(string -> string.gauge().isPresent());
        return Gate.of(
                        GateId.PITCH,
                        gauges ? GateState.PASS : GateState.WARN,
                        (gauges ? GateFinding.AT_PITCH : GateFinding.GAUGES_NOT_NOTED).of())
                .with(GateNumber.STEPS_DOWN, Quantity.count(0));
    }

    Gate relief() {
        OptionalDouble gap = gap();
        if (gap.isEmpty()) {
            return Gate.of(GateId.RELIEF, GateState.UNKNOWN, GateFinding.READ_RELIEF.of());
        }
        Gate gate = ReadingTakes.reliefInWindow(gap.getAsDouble(), shop)
                ? Gate.of(GateId.RELIEF, GateState.PASS, GateFinding.RELIEF_RIGHT.of())
                : withRod(sheetAnalysis
                        .measured()
                        .map(setup -> RodAdjustment.at(setup, sheetAnalysis.job(), shop))
                        .orElseGet(() -> RodAdjustment.at(gap.getAsDouble(), sheetAnalysis.job(), shop)));
        return gate.with(GateNumber.GAP, Quantity.fine(gap.getAsDouble()))
                .with(GateNumber.LEAST, Quantity.fine(shop.get(Standard.RELIEF_LEAST)))
                .with(GateNumber.MOST, Quantity.fine(shop.get(Standard.RELIEF_MOST)));
    }

    /** The relief as read, or as the neck's profile shows it; empty if neither was read. */
    private OptionalDouble gap() {
        return visit.knowsRelief() && sheetAnalysis.measured().isPresent()
                ? OptionalDouble.of(sheetAnalysis.measured().get().reliefGap())
                : visit.millimeters(Reading.RELIEF);
    }

    /** What the rod can do about it, and the resulting action: a high action may be due to a slack rod. */
    private Gate withRod(RodAdjustment rod) {
        if (!rod.needed()) {
            return Gate.of(GateId.RELIEF, GateState.WARN, GateFinding.STRAIGHT_BUT_CLEAN.of(Quantity.fine(rod.gap())));
        }
        boolean slack = rod.tightens();
        Finding what = (!rod.can()
                        ? slack ? GateFinding.SLACK_NO_ROD : GateFinding.STRAIGHT_NO_ROD
                        : rod.state().isEmpty()
                                ? slack ? GateFinding.SLACK_TRY_ROD : GateFinding.STRAIGHT_TRY_ROD
                                : slack ? GateFinding.SLACK_TURN_ROD : GateFinding.STRAIGHT_TURN_ROD)
                .of(Quantity.fine(rod.gap()));
        Optional<Sides<Double>> relieved = sheetAnalysis
                .measured()
                .map(setup -> setup.afterRelief(rod.aim()).action());
        if (relieved.isEmpty()) {
            return Gate.of(GateId.RELIEF, GateState.WARN, what);
        }
        Quantity bass = Quantity.length(relieved.get().bass());
        Quantity treble = Quantity.length(relieved.get().treble());
        Gate gate = rod.can()
                ? Gate.of(GateId.RELIEF, GateState.WARN, what, GateFinding.ACTION_THEN.of(bass, treble))
                : Gate.of(GateId.RELIEF, GateState.WARN, what);
        return gate.with(GateNumber.ACTION_BASS_THEN, bass).with(GateNumber.ACTION_TREBLE_THEN, treble);
    }

    Gate nut() {
        OptionalDouble bass = visit.millimeters(Reading.NUT_BASS);
        OptionalDouble treble = visit.millimeters(Reading.NUT_TREBLE);
        if (bass.isEmpty() || treble.isEmpty()) {
            return Gate.of(GateId.NUT, GateState.UNKNOWN, GateFinding.READ_NUT.of());
        }
        double low = Math.min(bass.getAsDouble(), treble.getAsDouble());
        double high = Math.max(bass.getAsDouble(), treble.getAsDouble());
        double least = shop.get(Standard.NUT_LOW, sheetAnalysis.job().family());
        double most = shop.get(Standard.NUT_HIGH, sheetAnalysis.job().family());
        List<Row> slots = visit.get(Lines.NUT_EACH).orElse(List.of());
        Optional<Row> lowest = slots.stream()
                .filter(each -> each.millimeters("height") < Math.min(least, low))
                .min(Comparator.comparingDouble(each -> each.millimeters("height")));
        Optional<Row> highest = slots.stream()
                .filter(each -> each.millimeters("height") > Math.max(most, high))
                .max(Comparator.comparingDouble(each -> each.millimeters("height")));
        Gate gate = lowest.isPresent()
                ? Gate.of(GateId.NUT, GateState.STOP, slot(GateFinding.SLOT_LOW, lowest.get()))
                : low < least
                        ? Gate.of(GateId.NUT, GateState.STOP, GateFinding.NUT_LOW.of(Quantity.fine(low)))
                        : highest.isPresent()
                                ? Gate.of(GateId.NUT, GateState.WARN, slot(GateFinding.SLOT_HIGH, highest.get()))
                                : high > most
                                        ? Gate.of(
                                                GateId.NUT,
                                                GateState.WARN,
                                                GateFinding.NUT_HIGH.of(Quantity.fine(high)))
                                        : Gate.of(GateId.NUT, GateState.PASS, GateFinding.NUT_RIGHT.of());
        return gate.with(GateNumber.BASS, Quantity.length(bass.getAsDouble()))
                .with(GateNumber.TREBLE, Quantity.length(treble.getAsDouble()));
    }

    private static Finding slot(GateFinding what, Row slot) {
        return what.of(Quantity.count(slot.whole("string")), Quantity.fine(slot.millimeters("height")));
    }

    Gate fretboard() {
        OptionalDouble fall = visit.millimeters(Reading.EXTENSION_FALL_AWAY);
        if (fall.isEmpty()) {
            return Gate.of(GateId.FRETBOARD, GateState.UNKNOWN, GateFinding.READ_EXTENSION.of());
        }
        double value = fall.getAsDouble();
        Gate gate = value < 0
                ? Gate.of(GateId.FRETBOARD, GateState.WARN, GateFinding.EXTENSION_RISES.of(Quantity.fine(-value)))
                : value > shop.get(Standard.FALL_AWAY_MOST)
                        ? Gate.of(
                                GateId.FRETBOARD, GateState.WARN, GateFinding.EXTENSION_FALLS.of(Quantity.fine(value)))
                        : Gate.of(GateId.FRETBOARD, GateState.PASS, GateFinding.EXTENSION_RIGHT.of());
        return gate.with(GateNumber.FALL_AWAY, Quantity.fine(value));
    }
}
