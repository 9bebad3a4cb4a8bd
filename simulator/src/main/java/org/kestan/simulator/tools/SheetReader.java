package org.kestan.simulator.tools;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.StraightedgePosition;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * Reads the whole sheet of a practice instrument with the simulated tools, including their noise, and slips if
 * requested.
 */
public final class SheetReader {

    /** The reading order. */
    private static final List<LengthLine> ORDER = List.of(
            Dimension.SCALE,
            Reading.NUT_BASS,
            Reading.NUT_TREBLE,
            Reading.RELIEF,
            Reading.ACTION_BASS,
            Reading.ACTION_TREBLE,
            Reading.JOINT_TO_SADDLE,
            Reading.FRETS_OVER_TOP,
            Reading.HEEL_HEIGHT,
            Reading.HEEL_WIDTH_TOP,
            Reading.HEEL_WIDTH_CAP,
            Reading.SIDE_DRIFT,
            Reading.EXTENSION_LENGTH,
            Reading.EXTENSION_FALL_AWAY,
            Reading.SPACING_BRIDGE,
            Reading.BRIDGE_HEIGHT,
            Reading.TAILPIECE_HEIGHT,
            Reading.TAILPIECE_DISTANCE,
            Reading.SADDLE_BASS,
            Reading.SADDLE_TREBLE,
            Reading.BRIDGE_THICKNESS,
            Reading.PIN_DISTANCE,
            Reading.STRING_RAMP,
            Reading.BRIDGE_FRONT,
            Reading.BRIDGE_LIFT,
            Reading.PROJECTION_STRUNG,
            Reading.PROJECTION_SLACK);

    /** How a tool is read. */
    @FunctionalInterface
    private interface Hand {
        double read(SimulatedTool tool, double truth);
    }

    private SheetReader() {}

    /** Reads a case. */
    public static Job read(PracticeCase given, Random random) {
        return read(given, random, 0);
    }

    /**
     * Reads a case, with occasional slips.
     *
     * @param slips the share of readings that are slips, 0 to 1
     */
    public static Job read(PracticeCase given, Random random, double slips) {
        return read(
                given,
                (tool, truth) ->
                        slips > 0 && random.nextDouble() < slips ? tool.slip(truth, random) : tool.read(truth, random));
    }

    /** Returns a sheet with the true values. */
    public static Job truth(PracticeCase given) {
        return read(given, (tool, truth) -> truth);
    }

    private static Job read(PracticeCase given, Hand hand) {
        VirtualInstrument instrument = given.instrument();
        State strung = Equilibrium.strung(instrument);
        State slack = Equilibrium.slack(instrument);
        Job job = Job.BLANK
                .with(Lines.FAMILY, instrument.family())
                .with(Lines.FORM, given.kind().floating() ? Form.ARCHTOP : Form.FLAT_TOP)
                .with(Lines.JOINT, instrument.joint())
                .with(Lines.JOINT_FRET, instrument.jointFret())
                .withStrings(instrument.strings())
                .with(Lines.PROJECTION_ACROSS, StraightedgePosition.EDGE)
                .with(Lines.DRIFT_TOWARD, instrument.heel().drift() >= 0 ? Side.TREBLE : Side.BASS);
        for (LengthLine line : ORDER) {
            Optional<Placement> place = Placement.of(line, instrument);
            if (place.isPresent()) {
                double truth = place.get().truth(Placement.isReadSlack(line) ? slack : strung);
                double read = Math.max(0, hand.read(place.get().usualTool(), truth));
                job = job.with(line, Length.ofText(String.format(Locale.ROOT, "%.3f mm", read)));
            }
        }
        return instrument.body().loosened() > 1
                ? job.withVisit(job.visit().with(new Observation(Defect.BRACE_LOOSE, Severity.SERIOUS, "")))
                : job;
    }
}
