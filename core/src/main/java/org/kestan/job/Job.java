package org.kestan.job;

import java.util.Optional;
import java.util.OptionalInt;
import org.kestan.notation.Length;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Item;
import org.kestan.sheet.Reading;

/**
 * One instrument's job.
 *
 * @param instrument the instrument
 * @param survey the survey to be solved
 * @param target what is aimed at
 * @param origin the text of the file it was read from, kept so that keys this program does not know are written back;
 *     empty for a job made here. Opaque to everything but the file module.
 */
public record Job(Instrument instrument, Survey survey, Target target, String origin) {

    /** A job with nothing entered. */
    public static final Job BLANK = new Job(Instrument.BLANK, Survey.BLANK, Target.BLANK, "");

    /** Returns what the job says for a line of the sheet, empty when nothing is written there. */
    public Optional<Length> length(Item item) {
        if (item instanceof Reading reading) {
            return survey.reading(reading);
        }
        if (item instanceof Aim aim) {
            return target.aim(aim);
        }
        if (item == Dimension.SCALE) {
            return instrument.scale();
        }
        throw new IllegalArgumentException("no such line: " + item.path());
    }

    /** Returns this job with a line of the sheet replaced, or cleared when empty. */
    public Job with(Item item, Optional<Length> next) {
        if (item instanceof Reading reading) {
            return withSurvey(survey.with(reading, next));
        }
        if (item instanceof Aim aim) {
            return withTarget(target.with(aim, next));
        }
        if (item == Dimension.SCALE) {
            return withInstrument(instrument.withScale(next));
        }
        throw new IllegalArgumentException("no such line: " + item.path());
    }

    /**
     * Returns what carries the strings. When the form was not said, what was read tells: a bridge height alone means a
     * floating bridge, a saddle or a bridge thickness a pin bridge.
     */
    public Fitting fitting() {
        Fitting said = instrument.fitting();
        if (said != Fitting.ANY) {
            return said;
        }
        boolean floating = survey.reading(Reading.BRIDGE_HEIGHT).isPresent();
        boolean pins = survey.reading(Reading.BRIDGE_THICKNESS).isPresent()
                || survey.reading(Reading.SADDLE_BASS).isPresent();
        return pins ? Fitting.PIN_BRIDGE : floating ? Fitting.FLOATING_BRIDGE : Fitting.ANY;
    }

    /** Returns the joint fret, empty when not said. */
    public OptionalInt jointFret() {
        return instrument.jointFret();
    }

    /** Returns this job with another instrument. */
    public Job withInstrument(Instrument next) {
        return new Job(next, survey, target, origin);
    }

    /** Returns this job with another survey. */
    public Job withSurvey(Survey next) {
        return new Job(instrument, next, target, origin);
    }

    /** Returns this job with another target. */
    public Job withTarget(Target next) {
        return new Job(instrument, survey, next, origin);
    }

    /** Returns this job as read from the given text. */
    public Job withOrigin(String next) {
        return new Job(instrument, survey, target, next);
    }
}
