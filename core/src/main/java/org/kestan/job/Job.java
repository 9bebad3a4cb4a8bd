package org.kestan.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.kestan.notation.Length;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Item;
import org.kestan.sheet.Reading;

/**
 * One instrument's job.
 *
 * @param instrument the instrument
 * @param survey the survey to be solved
 * @param surveys earlier and later surveys, in the order they were put aside
 * @param target what is aimed at
 * @param details what is said of instrument, owner and playing beside that
 * @param strings the string set, from the bass side; empty when not said
 * @param photos pictures kept with the job
 * @param origin the text of the file it was read from, kept so that keys this program does not know are written back;
 *     empty for a job made here. Opaque to everything but the file module.
 */
public record Job(
        Instrument instrument,
        Survey survey,
        List<Survey> surveys,
        Target target,
        Details details,
        List<StringSpec> strings,
        List<Photo> photos,
        String origin) {

    /** A job with nothing entered. */
    public static final Job BLANK =
            new Job(Instrument.BLANK, Survey.BLANK, List.of(), Target.BLANK, Details.NONE, List.of(), List.of(), "");

    /** Takes unmodifiable copies. */
    public Job {
        surveys = List.copyOf(surveys);
        strings = List.copyOf(strings);
        photos = List.copyOf(photos);
    }

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
     * Returns what carries the strings. What was read tells before the form does: a bridge height and no saddle means a
     * floating bridge, which a flat-top may have too; a saddle or a bridge thickness and no bridge height a pin bridge. With
     * neither or both the form decides.
     */
    public Fitting fitting() {
        boolean floating = survey.reading(Reading.BRIDGE_HEIGHT).isPresent();
        boolean pins = survey.reading(Reading.BRIDGE_THICKNESS).isPresent()
                || survey.reading(Reading.SADDLE_BASS).isPresent()
                || survey.reading(Reading.SADDLE_TREBLE).isPresent();
        if (floating == pins) {
            return instrument.fitting();
        }
        return pins ? Fitting.PIN_BRIDGE : Fitting.FLOATING_BRIDGE;
    }

    /** Returns the joint fret, empty when not said. */
    public OptionalInt jointFret() {
        return instrument.jointFret();
    }

    /** Tells whether a reading is taken on this instrument: by its bridge and its joint. */
    public boolean takes(Reading reading) {
        return reading.fitting().covers(fitting())
                && switch (reading) {
                    case POCKET_LENGTH ->
                        instrument.joint().filter(Joint.POCKET_BOLT::equals).isPresent();
                    case BRIDGE_LOWEST, BRIDGE_HIGHEST ->
                        details.get(Details.BRIDGE)
                                .filter(ArchtopBridge.SOLID::equals)
                                .isEmpty();
                    default -> true;
                };
    }

    /** Returns this job with another instrument. */
    public Job withInstrument(Instrument next) {
        return new Job(next, survey, surveys, target, details, strings, photos, origin);
    }

    /** Returns this job with another survey to be solved. */
    public Job withSurvey(Survey next) {
        return new Job(instrument, next, surveys, target, details, strings, photos, origin);
    }

    /** Returns this job with other surveys beside the one to be solved. */
    public Job withSurveys(List<Survey> next) {
        return new Job(instrument, survey, next, target, details, strings, photos, origin);
    }

    /** Returns this job with another target. */
    public Job withTarget(Target next) {
        return new Job(instrument, survey, surveys, next, details, strings, photos, origin);
    }

    /** Returns this job with one detail of the job replaced, or taken off when empty. */
    public <T> Job with(Detail<T> detail, Optional<T> next) {
        return withDetails(details.with(detail, next));
    }

    /** Returns this job with other details. */
    public Job withDetails(Details next) {
        return new Job(instrument, survey, surveys, target, next, strings, photos, origin);
    }

    /** Returns this job with another string set. */
    public Job withStrings(List<StringSpec> next) {
        return new Job(instrument, survey, surveys, target, details, next, photos, origin);
    }

    /** Returns this job with other pictures. */
    public Job withPhotos(List<Photo> next) {
        return new Job(instrument, survey, surveys, target, details, strings, next, origin);
    }

    /** Returns this job as read from the given text. */
    public Job withOrigin(String next) {
        return new Job(instrument, survey, surveys, target, details, strings, photos, next);
    }

    /** Returns this job without the texts it was read from: for telling whether two jobs say the same. */
    public Job withoutOrigins() {
        List<Survey> others = surveys.stream()
                .map(each -> each.edit(draft -> draft.origin = ""))
                .toList();
        return withSurvey(survey.edit(draft -> draft.origin = ""))
                .withSurveys(others)
                .withOrigin("");
    }

    /** Returns this job with the survey of that index among the others to be solved, and the present one put aside. */
    public Job solving(int other) {
        List<Survey> others = new ArrayList<>(surveys);
        Survey chosen = others.set(other, survey);
        return withSurvey(chosen).withSurveys(others);
    }

    /** Returns this job with a new survey to be solved, and the present one put aside. */
    public Job withNewSurvey(Survey fresh) {
        List<Survey> others = new ArrayList<>(surveys);
        others.add(survey);
        return withSurvey(fresh).withSurveys(others);
    }
}
