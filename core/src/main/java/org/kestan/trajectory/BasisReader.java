package org.kestan.trajectory;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.kestan.geometry.Frets;
import org.kestan.job.Fault;
import org.kestan.job.Held;
import org.kestan.job.Job;
import org.kestan.job.ProjectionOver;
import org.kestan.job.Survey;
import org.kestan.notation.Length;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Item;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/** Reads the {@link Basis} out of a job: what is there, what a default stands in for, and what keeps it from being read. */
final class BasisReader {

    private final Job job;
    private final Survey survey;
    private final ShopStandards standards;
    private final List<Fault> faults = new ArrayList<>();
    private final List<String> assumed = new ArrayList<>();

    BasisReader(Job job, ShopStandards standards) {
        this.job = job;
        this.survey = job.survey();
        this.standards = standards;
    }

    List<Fault> faults() {
        return List.copyOf(faults);
    }

    /** Reads the basis; empty exactly when there are faults. */
    Optional<Basis> read() {
        OptionalDouble scale = need(Dimension.SCALE);
        OptionalInt jointFret = jointFret();
        OptionalDouble reliefGap = OptionalDouble.of(orAssumed(Reading.RELIEF, 0));
        Sides<Double> nut = nut();
        Sides<OptionalDouble> action = new Sides<>(need(Reading.ACTION_BASS), need(Reading.ACTION_TREBLE));
        int actionFret = survey.actionFretOrDefault();
        boolean actionFretExists = actionFret >= 2 && actionFret <= Frets.HIGHEST;
        if (!actionFretExists) {
            fault("/survey/action/fret", "there is no fret " + actionFret + " to read the action at", frets(2));
        }
        boolean floating = job.fitting() == Fitting.FLOATING_BRIDGE;
        OptionalDouble bridgeHeight = floating ? need(Reading.BRIDGE_HEIGHT) : OptionalDouble.empty();
        Optional<Sides<OptionalDouble>> saddle = floating
                ? Optional.empty()
                : Optional.of(new Sides<>(need(Reading.SADDLE_BASS), need(Reading.SADDLE_TREBLE)));
        OptionalDouble thickness = floating ? OptionalDouble.empty() : need(Reading.BRIDGE_THICKNESS);
        for (Item item : Reading.values()) {
            checkPositive(item);
        }
        if (!faults.isEmpty()) {
            return Optional.empty();
        }

        Frets frets = new Frets(scale.getAsDouble());
        int joint = jointFret.getAsInt();
        double bridgeTop = floating ? bridgeHeight.getAsDouble() : thickness.getAsDouble();
        Optional<Sides<Double>> protrusion = saddle.map(sides -> sides.map(OptionalDouble::getAsDouble));
        double support = floating ? bridgeTop : bridgeTop + Sides.mean(protrusion.orElseThrow());
        double overBoard =
                survey.projectionOver().filter(ProjectionOver.BRIDGE::equals).isPresent() ? bridgeTop : 0;
        Held held = survey.held().orElse(new Held(1, joint));
        OptionalInt readAt = reliefReadAt(frets, held);
        double jointToSaddle = orAssumed(
                Reading.JOINT_TO_SADDLE, frets.scale() - frets.at(joint) + standards.get(Standard.COMPENSATION));
        double fretsOverTop = orAssumed(Reading.FRETS_OVER_TOP, standards.get(Standard.FRETS_OVER_TOP));
        if (frets.at(actionFret) >= frets.at(joint) + jointToSaddle) {
            fault("/survey/action/fret", "fret " + actionFret + " would lie past the saddle", frets(2));
        }
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Basis(
                frets,
                joint,
                actionFret,
                held.low(),
                held.high(),
                readAt.getAsInt(),
                reliefGap.getAsDouble(),
                nut,
                action.map(OptionalDouble::getAsDouble),
                jointToSaddle,
                fretsOverTop,
                protrusion,
                thickness,
                support,
                raised(survey.millimetres(Reading.PROJECTION_STRUNG), overBoard),
                raised(survey.millimetres(Reading.PROJECTION_SLACK), overBoard),
                List.copyOf(assumed)));
    }

    private OptionalInt jointFret() {
        OptionalInt said = job.jointFret();
        if (said.isEmpty()) {
            fault(Fault.missing("/instrument/jointFret", "the fret at the body joint", frets(2)));
        } else if (said.getAsInt() < 2 || said.getAsInt() > Frets.HIGHEST) {
            fault("/instrument/jointFret", "there is no fret " + said.getAsInt() + " to join the body at", frets(2));
        }
        return said;
    }

    private Sides<Double> nut() {
        OptionalDouble bass = survey.millimetres(Reading.NUT_BASS);
        OptionalDouble treble = survey.millimetres(Reading.NUT_TREBLE);
        if (bass.isEmpty() && treble.isEmpty()) {
            assumed.add("survey.nut");
            return Sides.of(side -> standards.get(Standard.NUT_HEIGHT));
        }
        for (Side side : Side.values()) {
            if ((side == Side.BASS ? bass : treble).isEmpty()) {
                assumed.add("survey.nut." + side.word());
            }
        }
        return new Sides<>(
                bass.orElse(standards.get(Standard.NUT_HEIGHT)), treble.orElse(standards.get(Standard.NUT_HEIGHT)));
    }

    private OptionalInt reliefReadAt(Frets frets, Held held) {
        if (held.low() < 0 || held.high() > Frets.HIGHEST || held.high() - held.low() < 2) {
            fault(
                    "/survey/relief/heldAt",
                    "the string can't be held at frets " + held.low() + " and " + held.high(),
                    "two frets from 0 to " + Frets.HIGHEST + ", the lower one first, with one between them");
            return OptionalInt.empty();
        }
        if (survey.reliefReadAt().isPresent()) {
            int said = survey.reliefReadAt().getAsInt();
            if (said <= held.low() || said >= held.high()) {
                fault(
                        "/survey/relief/readAt",
                        "fret " + said + " is not between the held ones",
                        "a fret between " + held.low() + " and " + held.high());
            }
            return OptionalInt.of(said);
        }
        double middle = (frets.at(held.low()) + frets.at(held.high())) / 2;
        return OptionalInt.of(frets.nearest(middle, held.low() + 1, held.high() - 1));
    }

    private OptionalDouble need(Item item) {
        Optional<Length> length = job.length(item);
        if (length.isEmpty()) {
            fault(Fault.missing(item.pointer(), "the value", Length.ACCEPTED));
            return OptionalDouble.empty();
        }
        checkPositive(item);
        return OptionalDouble.of(length.get().millimetres());
    }

    private void checkPositive(Item item) {
        if (item.mustBePositive()
                && job.length(item).filter(length -> length.millimetres() <= 0).isPresent()) {
            fault(item.pointer(), "the length must be above zero", Length.ACCEPTED);
        }
    }

    private double orAssumed(Reading reading, double instead) {
        OptionalDouble read = survey.millimetres(reading);
        if (read.isEmpty()) {
            assumed.add(reading.path());
        }
        return read.orElse(instead);
    }

    private static OptionalDouble raised(OptionalDouble value, double by) {
        return value.isPresent() ? OptionalDouble.of(value.getAsDouble() + by) : value;
    }

    private static String frets(int lowest) {
        return "a fret from " + lowest + " to " + Frets.HIGHEST;
    }

    private void fault(String pointer, String problem, String accepted) {
        fault(new Fault(pointer, problem, accepted));
    }

    private void fault(Fault fault) {
        if (!faults.contains(fault)) {
            faults.add(fault);
        }
    }
}
