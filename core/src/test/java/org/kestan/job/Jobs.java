package org.kestan.job;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.StraightedgePosition;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;

/** Jobs for tests: one of round numbers, and random plausible ones. */
public final class Jobs {

    private Jobs() {}

    /** A flat-top with every reading of the sheet, in round millimeters. */
    public static Job flatTop() {
        Job job = Job.BLANK
                .with(Lines.FORM, Form.FLAT_TOP)
                .with(Lines.JOINT, Joint.DOVETAIL)
                .with(Lines.JOINT_FRET, 14);
        job = put(job, Dimension.SCALE, 632);
        job = put(job, Reading.RELIEF, 0.2);
        job = put(job, Reading.NUT_BASS, 0.55);
        job = put(job, Reading.NUT_TREBLE, 0.4);
        job = put(job, Reading.ACTION_BASS, 3.9);
        job = put(job, Reading.ACTION_TREBLE, 3.2);
        job = put(job, Reading.SADDLE_BASS, 3);
        job = put(job, Reading.SADDLE_TREBLE, 2.2);
        job = put(job, Reading.BRIDGE_THICKNESS, 8.8);
        job = put(job, Reading.PROJECTION_STRUNG, 4.4);
        job = put(job, Reading.PROJECTION_SLACK, 5.1);
        job = put(job, Reading.JOINT_TO_SADDLE, 283);
        job = put(job, Reading.FRETS_OVER_TOP, 6.8);
        job = put(job, Reading.HEEL_HEIGHT, 92);
        job = put(job, Reading.HEEL_WIDTH_TOP, 56);
        job = put(job, Reading.HEEL_WIDTH_CAP, 26);
        job = put(job, Reading.EXTENSION_LENGTH, 104);
        job = put(job, Reading.EXTENSION_FALL_AWAY, 0.2);
        job = put(job, Reading.SIDE_DRIFT, 1);
        job = job.with(Lines.DRIFT_TOWARD, Side.TREBLE);
        // Read under an outer string, right at the saddle: the straightedge shows the fret line itself.
        job = put(job.with(Lines.PROJECTION_ACROSS, StraightedgePosition.EDGE), Reading.BRIDGE_FRONT, 0);
        job = put(job, Aim.ACTION_BASS, 2.2);
        job = put(job, Aim.ACTION_TREBLE, 1.7);
        return put(job, Aim.FALL_AWAY, 0.4);
    }

    /** An archtop with a floating bridge, in round millimeters. */
    public static Job archtop() {
        Job job = Job.BLANK.with(Lines.FORM, Form.ARCHTOP).with(Lines.JOINT_FRET, 14);
        job = put(job, Dimension.SCALE, 635);
        job = put(job, Reading.RELIEF, 0.2);
        job = put(job, Reading.NUT_BASS, 0.5);
        job = put(job, Reading.NUT_TREBLE, 0.4);
        job = put(job, Reading.ACTION_BASS, 3.2);
        job = put(job, Reading.ACTION_TREBLE, 2.4);
        job = put(job, Reading.BRIDGE_HEIGHT, 25.5);
        job = put(job, Reading.FRETS_OVER_TOP, 10.5);
        job = put(job, Aim.ACTION_BASS, 2.4);
        return put(job, Aim.ACTION_TREBLE, 1.8);
    }

    /** A random plausible flat-top; it has no straightedge reading. */
    public static Job random(Random random) {
        Job job = without(without(flatTop(), Reading.PROJECTION_STRUNG), Reading.PROJECTION_SLACK);
        job = put(job, Dimension.SCALE, between(random, 560, 700));
        job = job.with(Lines.JOINT_FRET, 12 + random.nextInt(4));
        job = put(job, Reading.RELIEF, between(random, -0.1, 0.6));
        job = put(job, Reading.NUT_BASS, between(random, 0.2, 0.9));
        job = put(job, Reading.NUT_TREBLE, between(random, 0.2, 0.9));
        job = put(job, Reading.ACTION_BASS, between(random, 1.5, 6));
        job = put(job, Reading.ACTION_TREBLE, between(random, 1.2, 5));
        job = put(job, Reading.SADDLE_BASS, between(random, 0.5, 6));
        job = put(job, Reading.SADDLE_TREBLE, between(random, 0.5, 6));
        job = put(job, Reading.BRIDGE_THICKNESS, between(random, 6, 11));
        job = put(job, Reading.JOINT_TO_SADDLE, between(random, 250, 330));
        job = put(job, Reading.FRETS_OVER_TOP, between(random, 4, 9));
        job = put(job, Reading.HEEL_HEIGHT, between(random, 60, 120));
        job = put(job, Aim.ACTION_BASS, between(random, 1.5, 3));
        job = put(job, Aim.ACTION_TREBLE, between(random, 1.2, 2.5));
        return job;
    }

    /** Sound, at pitch, in the right air, with a working rod: only the geometry is left to judge. */
    public static Job sound(Job job) {
        return job.withVisit(job.visit()
                        .with(Lines.HUMIDITY, 46.0)
                        .with(Lines.STEPS_DOWN, 0)
                        .with(Lines.TRUSS_ROD, TrussRod.WORKS)
                        .with(new Observation(Defect.BRACE_LOOSE, Severity.SOUND, "")))
                .withStrings(List.of(StringSpec.of(Length.ofText("0.053 in"), true, "E2")));
    }

    /** Puts a length in mm. */
    public static Job put(Job job, LengthLine line, double millimeters) {
        return put(job, line, String.format(Locale.ROOT, "%.9f mm", millimeters));
    }

    /** Puts a length as text. */
    public static Job put(Job job, LengthLine line, String text) {
        return job.with(line, Length.ofText(text));
    }

    /** Removes a length. */
    public static Job without(Job job, LengthLine line) {
        return job.without(line);
    }

    private static double between(Random random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }
}
