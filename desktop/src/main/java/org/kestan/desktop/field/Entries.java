package org.kestan.desktop.field;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import org.kestan.job.Details;
import org.kestan.job.Held;
import org.kestan.job.Job;
import org.kestan.job.Survey;
import org.kestan.notation.Length;
import org.kestan.notation.Parsed;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Item;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.kestan.taking.Takings;

/** The entries of a job. */
public final class Entries {

    private Entries() {}

    /** A length of the sheet. A reading is taken by the rules of the sheet, which may mark it provisional. */
    public static Entry length(Item item, Supplier<ShopStandards> shop) {
        return new Plain(
                item.label(),
                item.hint(),
                item.pointer(),
                Optional.of(item),
                job -> job.length(item).map(Length::text).orElse(""),
                (job, typed) -> typed.isBlank()
                        ? new Parsed.Ok<>(job.with(item, Optional.empty()))
                        : Length.parse(typed).map(length -> take(job, item, length, shop.get())));
    }

    /** A length put down as it is, under a label of its own: no rules of the sheet apply. */
    public static Entry plainLength(Item item, String label) {
        return new Plain(
                label,
                item.hint(),
                item.pointer(),
                Optional.of(item),
                job -> job.length(item).map(Length::text).orElse(""),
                (job, typed) -> typed.isBlank()
                        ? new Parsed.Ok<>(job.with(item, Optional.empty()))
                        : Length.parse(typed).map(length -> job.with(item, Optional.of(length))));
    }

    /** Takes a reading once more, beside what was read before. */
    static Parsed<Job> again(Job job, Reading reading, String typed, ShopStandards shop) {
        return Length.parse(typed).map(length -> Takings.takeAgain(job, reading, length, shop));
    }

    private static Job take(Job job, Item item, Length length, ShopStandards shop) {
        return item instanceof Reading reading
                ? Takings.take(job, reading, length, shop)
                : job.with(item, Optional.of(length));
    }

    /** A value of the job that is no length. */
    public static <T> Entry ofJob(Detail<T> detail) {
        return detail(detail, Job::details, Job::withDetails);
    }

    /** A value of the survey that is no length. */
    public static <T> Entry ofSurvey(Detail<T> detail) {
        return detail(
                detail,
                job -> job.survey().details(),
                (job, details) -> job.withSurvey(job.survey().edit(draft -> draft.details = details)));
    }

    private static <T> Entry detail(
            Detail<T> detail, Function<Job, Details> read, BiFunction<Job, Details, Job> write) {
        return plain(
                detail.label(),
                detail.hint(),
                detail.pointer(),
                job -> read.apply(job).text(detail).orElse(""),
                (job, typed) -> typed.isBlank()
                        ? new Parsed.Ok<>(write.apply(job, read.apply(job).with(detail, Optional.empty())))
                        : detail.parse(typed)
                                .map(value -> write.apply(job, read.apply(job).with(detail, Optional.of(value)))));
    }

    /** The scale by way of nut to fret 12, which is half of it. */
    public static Entry nutToTwelfth() {
        return plain(
                "or nut to fret 12",
                "Measure from the nut to fret 12: the scale is twice that.",
                "/instrument/scale",
                job -> "",
                (job, typed) -> typed.isBlank()
                        ? new Parsed.Ok<>(job)
                        : Length.parse(typed)
                                .map(half ->
                                        job.with(Dimension.SCALE, Optional.of(Length.exact(2 * half.millimetres())))));
    }

    /** The day the survey was taken. */
    public static Entry takenOn() {
        return plain(
                "Taken on",
                "The day of the survey, such as 2026-03-02.",
                "/survey/takenOn",
                job -> job.survey().takenOn().map(LocalDate::toString).orElse(""),
                (job, typed) -> {
                    if (typed.isBlank()) {
                        return new Parsed.Ok<>(job.withSurvey(job.survey().withTakenOn(Optional.empty())));
                    }
                    try {
                        LocalDate day = LocalDate.parse(typed.strip());
                        return new Parsed.Ok<>(job.withSurvey(job.survey().withTakenOn(Optional.of(day))));
                    } catch (DateTimeParseException notADay) {
                        return new Parsed.Bad<>(
                                "\u201c" + typed.strip() + "\u201d is not a day", "a day such as 2026-03-02");
                    }
                });
    }

    /** Size of the body in a word. */
    public static Entry body() {
        return plain(
                "Body",
                "Size of the body: small, medium or large.",
                "/instrument/body",
                job -> job.instrument().body(),
                (job, typed) ->
                        new Parsed.Ok<>(job.withInstrument(job.instrument().withBody(typed.strip()))));
    }

    /** The name of the instrument. */
    public static Entry name() {
        return plain(
                "Instrument",
                "What the shop calls it: size, wood, year, owner.",
                "/instrument/name",
                job -> job.instrument().name(),
                (job, typed) ->
                        new Parsed.Ok<>(job.withInstrument(job.instrument().withName(typed.strip()))));
    }

    /** The fret at the body joint. */
    public static Entry jointFret() {
        return fret(
                "Joint fret",
                "The fret that lies over the body joint, usually 12 or 14.",
                "/instrument/jointFret",
                Job::jointFret,
                (job, fret) -> job.withInstrument(job.instrument().withJointFret(fret)));
    }

    /** The fret at which the action is read. */
    public static Entry actionFret() {
        return fret(
                "At fret",
                "The fret at which the action is read; empty for 12.",
                "/survey/action/fret",
                job -> job.survey().actionFret(),
                (job, fret) -> job.withSurvey(job.survey().withActionFret(fret)));
    }

    /** The fret at which the relief gap is read. */
    public static Entry reliefReadAt() {
        return fret(
                "Read at",
                "The fret at which the gap is read; empty for the one midway.",
                "/survey/relief/readAt",
                job -> job.survey().reliefReadAt(),
                (job, fret) -> job.withSurvey(job.survey().withReliefReadAt(fret)));
    }

    /** The two frets at which the string is held for the relief. */
    public static Entry held() {
        return plain(
                "Held at",
                "The two frets at which the string is held down, such as 1 and 14; empty for fret 1 and the joint fret.",
                "/survey/relief/heldAt",
                job -> job.survey()
                        .held()
                        .map(held -> held.low() + " and " + held.high())
                        .orElse(""),
                Entries::writeHeld);
    }

    /** The relative humidity in percent. */
    public static Entry humidity() {
        return plain(
                "Humidity %",
                "Relative humidity in the shop, from the hygrometer.",
                "/survey/humidity",
                job -> job.survey().humidity().isPresent()
                        ? shortest(job.survey().humidity().getAsDouble())
                        : "",
                Entries::writeHumidity);
    }

    private static Parsed<Job> writeHeld(Job job, String typed) {
        Survey survey = job.survey();
        if (typed.isBlank()) {
            return new Parsed.Ok<>(job.withSurvey(survey.withHeld(Optional.empty())));
        }
        String[] words = typed.strip().split("\\D+");
        if (words.length != 2 || !typed.strip().matches("\\d{1,3}\\D+\\d{1,3}")) {
            return new Parsed.Bad<>("two frets are needed", "two fret numbers, such as 1 and 14");
        }
        Held held = new Held(Integer.parseInt(words[0]), Integer.parseInt(words[1]));
        return new Parsed.Ok<>(job.withSurvey(survey.withHeld(Optional.of(held))));
    }

    private static Parsed<Job> writeHumidity(Job job, String typed) {
        Survey survey = job.survey();
        if (typed.isBlank()) {
            return new Parsed.Ok<>(job.withSurvey(survey.withHumidity(OptionalDouble.empty())));
        }
        String number = typed.strip().replaceAll("\\s*%$", "");
        if (!number.matches("\\d{1,3}(\\.\\d{1,3})?") || Double.parseDouble(number) > 100) {
            return new Parsed.Bad<>("\u201c" + typed.strip() + "\u201d is not a percentage", "a number from 0 to 100");
        }
        return new Parsed.Ok<>(job.withSurvey(survey.withHumidity(OptionalDouble.of(Double.parseDouble(number)))));
    }

    private static String shortest(double number) {
        return number == Math.rint(number) ? Long.toString(Math.round(number)) : Double.toString(number);
    }

    private static Entry fret(
            String label,
            String hint,
            String pointer,
            Function<Job, OptionalInt> read,
            BiFunction<Job, OptionalInt, Job> write) {
        return plain(
                label,
                hint,
                pointer,
                job -> read.apply(job).isPresent()
                        ? Integer.toString(read.apply(job).getAsInt())
                        : "",
                (job, typed) -> {
                    if (typed.isBlank()) {
                        return new Parsed.Ok<>(write.apply(job, OptionalInt.empty()));
                    }
                    return typed.strip().matches("\\d{1,3}")
                            ? new Parsed.Ok<>(write.apply(job, OptionalInt.of(Integer.parseInt(typed.strip()))))
                            : new Parsed.Bad<>("\u201c" + typed.strip() + "\u201d is not a fret", "a fret number");
                });
    }

    private static Entry plain(
            String label,
            String hint,
            String pointer,
            Function<Job, String> read,
            BiFunction<Job, String, Parsed<Job>> write) {
        return new Plain(label, hint, pointer, Optional.empty(), read, write);
    }

    private record Plain(
            String label,
            String hint,
            String pointer,
            Optional<Item> item,
            Function<Job, String> read,
            BiFunction<Job, String, Parsed<Job>> put)
            implements Entry {

        @Override
        public String text(Job job) {
            return read.apply(job);
        }

        @Override
        public Parsed<Job> write(Job job, String typed) {
            return put.apply(job, typed);
        }
    }
}
