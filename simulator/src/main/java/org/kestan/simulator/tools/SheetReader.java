package org.kestan.simulator.tools;

import java.util.Locale;
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
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;

/** Reads the whole sheet of a practice instrument with the simulated tools: their noise, and slips where they are asked for. */
public final class SheetReader {

    private static final int ACTION_FRET = 12;
    private static final double BRIDGE_FRONT = 8;

    private final Random random;
    private final VirtualInstrument instrument;
    private final double slips;
    private Job job = Job.BLANK;

    private SheetReader(PracticeCase given, Random random, double slips) {
        this.random = random;
        this.slips = slips;
        instrument = given.instrument();
    }

    /** Reads a case. */
    public static Job read(PracticeCase given, Random random) {
        return read(given, random, 0);
    }

    /**
     * Reads a case, slipping now and then.
     *
     * @param slips the share of readings that are slips, 0 to 1
     */
    public static Job read(PracticeCase given, Random random, double slips) {
        return new SheetReader(given, random, slips).read(Equilibrium.strung(given.instrument()), given);
    }

    private Job read(State strung, PracticeCase given) {
        State slack = Equilibrium.slack(instrument);
        Frame frame = new Frame(instrument);
        job = job.with(Lines.FAMILY, instrument.family())
                .with(Lines.FORM, given.kind().floating() ? Form.ARCHTOP : Form.FLAT_TOP)
                .with(Lines.JOINT, instrument.joint())
                .with(Lines.JOINT_FRET, instrument.jointFret())
                .withStrings(instrument.strings())
                .with(Lines.PROJECTION_ACROSS, StraightedgePosition.EDGE);
        put(Dimension.SCALE, instrument.frets().scale(), SimulatedTool.TAPE);
        put(Reading.NUT_BASS, frame.over(strung, 1, Side.BASS), SimulatedTool.FEELER);
        put(Reading.NUT_TREBLE, frame.over(strung, 1, Side.TREBLE), SimulatedTool.FEELER);
        put(Reading.RELIEF, frame.relief(strung), SimulatedTool.FEELER);
        put(Reading.ACTION_BASS, frame.over(strung, ACTION_FRET, Side.BASS), SimulatedTool.RULE);
        put(Reading.ACTION_TREBLE, frame.over(strung, ACTION_FRET, Side.TREBLE), SimulatedTool.RULE);
        put(Reading.JOINT_TO_SADDLE, instrument.bridge().jointToSaddle(), SimulatedTool.TAPE);
        put(Reading.FRETS_OVER_TOP, frame.overTop(strung), SimulatedTool.CALIPER);
        put(Reading.HEEL_HEIGHT, instrument.heel().height(), SimulatedTool.CALIPER);
        put(Reading.HEEL_WIDTH_TOP, instrument.heel().widthTop(), SimulatedTool.CALIPER);
        put(Reading.HEEL_WIDTH_CAP, instrument.heel().widthCap(), SimulatedTool.CALIPER);
        put(Reading.SIDE_DRIFT, Math.abs(instrument.heel().drift()), SimulatedTool.RULE);
        job = job.with(Lines.DRIFT_TOWARD, instrument.heel().drift() >= 0 ? Side.TREBLE : Side.BASS);
        double extension = instrument.frets().at(instrument.lastFret()) - instrument.jointAt() + 3;
        put(Reading.EXTENSION_LENGTH, extension, SimulatedTool.TAPE);
        put(Reading.EXTENSION_FALL_AWAY, instrument.neck().fall() * extension, SimulatedTool.FEELER);
        put(Reading.SPACING_BRIDGE, instrument.bridge().spread(), SimulatedTool.CALIPER);
        if (given.kind().floating()) {
            put(Reading.BRIDGE_HEIGHT, instrument.bridge().thickness(), SimulatedTool.CALIPER);
            put(Reading.TAILPIECE_HEIGHT, instrument.bridge().endHeight(), SimulatedTool.CALIPER);
            put(Reading.TAILPIECE_DISTANCE, instrument.bridge().endDistance(), SimulatedTool.TAPE);
            put(Reading.PROJECTION_STRUNG, frame.projection(strung, 0), SimulatedTool.STRAIGHTEDGE);
            put(Reading.PROJECTION_SLACK, frame.projection(slack, 0), SimulatedTool.STRAIGHTEDGE);
        } else {
            put(Reading.SADDLE_BASS, instrument.bridge().protrusion().bass(), SimulatedTool.CALIPER);
            put(Reading.SADDLE_TREBLE, instrument.bridge().protrusion().treble(), SimulatedTool.CALIPER);
            put(Reading.BRIDGE_THICKNESS, instrument.bridge().thickness(), SimulatedTool.CALIPER);
            put(Reading.PIN_DISTANCE, instrument.bridge().endDistance(), SimulatedTool.CALIPER);
            put(
                    Reading.STRING_RAMP,
                    instrument.bridge().thickness() - instrument.bridge().endHeight(),
                    SimulatedTool.CALIPER);
            put(Reading.BRIDGE_FRONT, BRIDGE_FRONT, SimulatedTool.RULE);
            put(Reading.PROJECTION_STRUNG, frame.projection(strung, BRIDGE_FRONT), SimulatedTool.STRAIGHTEDGE);
            put(Reading.PROJECTION_SLACK, frame.projection(slack, BRIDGE_FRONT), SimulatedTool.STRAIGHTEDGE);
        }
        return job;
    }

    private void put(LengthLine line, double truth, SimulatedTool tool) {
        boolean slipped = slips > 0 && random.nextDouble() < slips;
        double read = Math.max(0, slipped ? tool.slip(truth, random) : tool.read(truth, random));
        job = job.with(line, Length.ofText(String.format(Locale.ROOT, "%.3f mm", read)));
    }
}
