package org.kestan.practice.run;

import java.time.LocalDate;
import java.util.stream.Collectors;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.job.PracticeMark;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.StraightedgePosition;
import org.kestan.practice.text.PracticeText;
import org.kestan.simulator.cases.PracticeCase;

/** The job of a practice case: what you are told when it comes in, and its mark. */
public final class PracticeJob {

    private PracticeJob() {}

    /**
     * Returns the job of a case with nothing measured yet.
     *
     * @param day when it comes in
     */
    public static Job of(PracticeCase given, LocalDate day) {
        Sides<Double> wanted = given.kind().wanted();
        String told = given.faults().stream().map(PracticeText::says).collect(Collectors.joining(" "));
        Job job = Job.BLANK
                .withVisit(Job.BLANK.visit().with(Lines.TAKEN_ON, day))
                .with(Lines.NAME, PracticeText.name(given))
                .with(Lines.COMPLAINT, told)
                .with(Lines.FAMILY, given.instrument().family())
                .with(Lines.FORM, given.kind().floating() ? Form.ARCHTOP : Form.FLAT_TOP)
                .with(Lines.JOINT, given.instrument().joint())
                .with(Lines.JOINT_FRET, given.instrument().jointFret())
                .with(
                        Dimension.SCALE,
                        Length.toMicrometer(given.instrument().frets().scale()))
                .with(Lines.PROJECTION_ACROSS, StraightedgePosition.EDGE)
                .withStrings(given.instrument().strings())
                .with(Aim.ACTION_BASS, Length.toMicrometer(wanted.bass()))
                .with(Aim.ACTION_TREBLE, Length.toMicrometer(wanted.treble()));
        return new PracticeMark(given.seed(), given.level().key(), given.kind().key()).on(job);
    }
}
