package org.kestan.ledger;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.repair.memory.Lesson;

/** A lesson as text for a database: its parts, separated by tabs. */
final class LessonCodec {

    private static final int PARTS = 12;

    private static final Pattern STEP = Pattern.compile("[\\w.-]{1,60}");

    private LessonCodec() {}

    /** Writes a lesson; empty for one that teaches nothing. */
    static String write(Lesson lesson) {
        boolean empty = lesson.finished().isEmpty()
                && lesson.sink().isEmpty()
                && lesson.miss().isEmpty()
                && lesson.hours().isEmpty()
                && lesson.rates().isEmpty()
                && lesson.release().isEmpty()
                && lesson.heat().isEmpty();
        return empty
                ? ""
                : String.join(
                        "\t",
                        lesson.kind().family(),
                        lesson.kind().body().replaceAll("\\p{Cntrl}+", " "),
                        lesson.kind().bracing(),
                        number(lesson.sink()),
                        number(lesson.miss()),
                        lesson.ways().replaceAll("\\p{Cntrl}+", " "),
                        number(lesson.hours()) + " " + number(lesson.release()) + " " + number(lesson.heat()),
                        lesson.rates().entrySet().stream()
                                .map(each -> each.getKey() + "=" + String.format(Locale.ROOT, "%.5f", each.getValue()))
                                .collect(Collectors.joining(" ")),
                        number(lesson.estimated()),
                        lesson.finished().map(LocalDate::toString).orElse("") + " "
                                + lesson.back().map(LocalDate::toString).orElse(""),
                        lesson.promised().map(LocalDate::toString).orElse(""),
                        lesson.hands().entrySet().stream()
                                // A shop's own steps may have odd ids.
                                .filter(each -> STEP.matcher(each.getKey()).matches())
                                .map(each -> each.getKey() + "=" + String.format(Locale.ROOT, "%.1f", each.getValue()))
                                .collect(Collectors.joining(" ")));
    }

    private static String number(OptionalDouble number) {
        return number.isPresent() ? String.format(Locale.ROOT, "%.4f", number.getAsDouble()) : "";
    }

    /** Reads what {@link #write} wrote; empty for anything else. */
    static Optional<Lesson> read(String text) {
        String[] parts = text.split("\t", -1);
        if (parts.length != PARTS) {
            return Optional.empty();
        }
        try {
            String[] times = parts[6].split(" ", -1);
            Map<Integer, Double> rates = new LinkedHashMap<>();
            numbers(parts[7]).forEach((grit, rate) -> rates.put(Integer.parseInt(grit), rate));
            String[] days = parts[9].split(" ", -1);
            return Optional.of(new Lesson(
                    new InstrumentKind(parts[0], parts[1], parts[2]),
                    number(parts[3]),
                    number(parts[4]),
                    parts[5],
                    number(times[0]),
                    number(parts[8]),
                    rates,
                    number(times[1]),
                    times.length > 2 ? number(times[2]) : OptionalDouble.empty(),
                    day(days[0]),
                    day(days[1]),
                    day(parts[10]),
                    numbers(parts[11])));
        } catch (NumberFormatException | DateTimeParseException | ArrayIndexOutOfBoundsException odd) {
            return Optional.empty();
        }
    }

    private static Map<String, Double> numbers(String text) {
        Map<String, Double> numbers = new LinkedHashMap<>();
        for (String each : text.isEmpty() ? new String[0] : text.split(" ")) {
            String[] pair = each.split("=");
            numbers.put(pair[0], Double.parseDouble(pair[1]));
        }
        return numbers;
    }

    private static Optional<LocalDate> day(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
    }

    private static OptionalDouble number(String text) {
        return text.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(text));
    }
}
