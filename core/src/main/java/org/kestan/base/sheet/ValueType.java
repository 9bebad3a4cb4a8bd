package org.kestan.base.sheet;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.notation.Parsed;
import org.kestan.base.notation.TypedAngle;

/**
 * The type of value a line of the sheet holds: how it is read from what a person or a file wrote, and written back.
 *
 * @param <T> the value
 * @param form how it is written in a structured file
 * @param range the numbers there may be, for a number
 * @param choices the choices; none for free text
 * @param parts what each row of a list is made of; none for a single value
 * @param reader reads the value from its text
 * @param writer writes it as the reader reads it
 */
public record ValueType<T>(
        Form form,
        Range range,
        List<T> choices,
        List<Part> parts,
        Function<String, Parsed<T>> reader,
        Function<T, String> writer) {

    /**
     * The range of numbers.
     *
     * @param whole whether only whole numbers are allowed
     * @param least the least; empty for any
     * @param greatest the greatest; empty for any
     */
    public record Range(boolean whole, OptionalDouble least, OptionalDouble greatest) {

        private static final Range ANY = new Range(false, OptionalDouble.empty(), OptionalDouble.empty());

        private static Range of(boolean whole, double least, double greatest) {
            return new Range(whole, OptionalDouble.of(least), OptionalDouble.of(greatest));
        }
    }

    /** The form of a value in a structured file. */
    public enum Form {
        TEXT,
        NUMBER,
        FLAG,
        /** True, or a text with the reason. */
        REASON,
        /** Two whole numbers in a list. */
        PAIR,
        /** A list of objects with the same parts. */
        ROWS
    }

    private static final int LONGEST_TEXT = 100_000;
    private static final int MOST_FRETS = 36;

    /** A length with its unit, kept as typed. */
    public static final ValueType<Length> LENGTH = typed(Form.TEXT, Length::parse, Length::text);

    /** A radius: a length, or flat. */
    public static final ValueType<Length> RADIUS = typed(
            Form.TEXT,
            typed -> typed.strip().equalsIgnoreCase(Length.FLAT.text())
                    ? new Parsed.Ok<>(Length.FLAT)
                    : Length.parse(typed),
            Length::text);

    /** Free text. */
    public static final ValueType<String> TEXT =
            typed(Form.TEXT, typed -> new Parsed.Ok<>(typed.strip()), Function.identity());

    /** An angle with its unit, kept as typed. */
    public static final ValueType<TypedAngle> ANGLE = typed(Form.TEXT, TypedAngle::parse, TypedAngle::text);

    /** A day, ISO 8601. */
    public static final ValueType<LocalDate> DAY = typed(Form.TEXT, ValueType::day, LocalDate::toString);

    /** A moment to the second, ISO 8601 in UTC. */
    public static final ValueType<Instant> MOMENT = typed(Form.TEXT, ValueType::moment, Instant::toString);

    /** The number of a fret. */
    public static final ValueType<Integer> FRET = new ValueType<>(
            Form.NUMBER,
            Range.of(true, 0, MOST_FRETS),
            List.of(),
            List.of(),
            ValueType::fret,
            value -> Integer.toString(value));

    /** Two frets, the lower one first. */
    public static final ValueType<HeldFrets> HELD = typed(Form.PAIR, ValueType::held, HeldFrets::text);

    /** A percentage. */
    public static final ValueType<Double> PERCENT = new ValueType<>(
            Form.NUMBER, Range.of(false, 0, 100), List.of(), List.of(), ValueType::percent, ValueType::plain);

    /** Yes or no. */
    public static final ValueType<Boolean> FLAG = new ValueType<>(
            Form.FLAG, Range.ANY, List.of(true, false), List.of(), ValueType::flag, value -> Boolean.toString(value));

    /** Yes, without a reason. */
    public static final String YES = "yes";

    /** Yes, or the reason; in files, yes without a reason is {@code true}. */
    public static final ValueType<String> REASON = typed(
            Form.REASON,
            typed -> new Parsed.Ok<>(typed.strip().matches("(?i)yes|true") ? YES : typed.strip()),
            Function.identity());

    private static <T> ValueType<T> typed(Form form, Function<String, Parsed<T>> reader, Function<T, String> writer) {
        return new ValueType<>(form, Range.ANY, List.of(), List.of(), reader, writer);
    }

    /** A whole number within bounds. */
    public static ValueType<Integer> whole(int least, int greatest) {
        return new ValueType<>(
                Form.NUMBER,
                Range.of(true, least, greatest),
                List.of(),
                List.of(),
                typed -> {
                    String text = typed.strip().replace('\u2212', '-');
                    if (text.matches("[+-]?\\d{1,6}(\\.0+)?")) {
                        int value = (int) Double.parseDouble(text);
                        if (value >= least && value <= greatest) {
                            return new Parsed.Ok<>(value);
                        }
                    }
                    return bad(
                            NotationFinding.NO_SUCH_NUMBER,
                            typed,
                            NotationFinding.WHOLE_FROM_TO.of(new Quantity.Plain(least), new Quantity.Plain(greatest)));
                },
                value -> Integer.toString(value));
    }

    /** A number within bounds. */
    public static ValueType<Double> number(double least, double greatest) {
        return new ValueType<>(
                Form.NUMBER,
                Range.of(false, least, greatest),
                List.of(),
                List.of(),
                typed -> {
                    String text = typed.strip().replace('\u2212', '-');
                    if (text.matches("[+-]?(\\d{1,12}(\\.\\d{0,9})?|\\.\\d{1,9})")) {
                        double value = Double.parseDouble(text);
                        if (value >= least && value <= greatest) {
                            return new Parsed.Ok<>(value);
                        }
                    }
                    return bad(
                            NotationFinding.NO_SUCH_NUMBER,
                            typed,
                            NotationFinding.NUMBER_FROM_TO.of(new Quantity.Plain(least), new Quantity.Plain(greatest)));
                },
                ValueType::plain);
    }

    /** One of the constants of an enum. */
    public static <E extends Enum<E> & Keyed> ValueType<E> choice(Class<E> type) {
        List<E> all = List.of(type.getEnumConstants());
        return new ValueType<>(
                Form.TEXT,
                Range.ANY,
                all,
                List.of(),
                typed -> {
                    Optional<E> found = Keyed.find(type, typed.strip());
                    return found.isPresent()
                            ? new Parsed.Ok<>(found.get())
                            : bad(
                                    NotationFinding.NOT_KNOWN,
                                    typed,
                                    oneOf(all.stream().map(Keyed::key)));
                },
                Keyed::key);
    }

    private static final String BETWEEN = "\\s*[:=]?\\s*";
    private static final int MOST_ROWS = 100;

    /** A list of rows in one line: {@code 1/4: 15 thou; 1/2: 12 thou}. */
    public static ValueType<List<Row>> rows(Part... parts) {
        List<Part> all = List.of(parts);
        Pattern row = Pattern.compile(all.stream()
                .map(part -> part == all.get(0)
                        ? "(" + part.pattern() + ")"
                        : "(?:" + BETWEEN + "(" + part.pattern() + "))" + (part.needed() ? "" : "?"))
                .collect(Collectors.joining("", "\\s*", "\\s*")));
        return new ValueType<>(
                Form.ROWS,
                Range.ANY,
                List.of(),
                all,
                typed -> rows(typed, all, row),
                rows -> rows.stream()
                        .map(each -> String.join(" ", each.texts().values()).replaceFirst(" ", ": "))
                        .collect(Collectors.joining("; ")));
    }

    private static Parsed<List<Row>> rows(String typed, List<Part> parts, Pattern pattern) {
        List<Row> rows = new ArrayList<>();
        for (String text : typed.strip().split("\\s*[;,]\\s*")) {
            Matcher found = pattern.matcher(text);
            if (!found.matches() || rows.size() == MOST_ROWS) {
                return bad(NotationFinding.NOT_A_ROW, text, rowLike(parts));
            }
            Map<String, String> texts = new LinkedHashMap<>();
            for (int i = 0; i < parts.size(); i++) {
                Part part = parts.get(i);
                if (found.group(i + 1) == null) {
                    continue;
                }
                String plain = part.plain(found.group(i + 1));
                if (part.type().parse(plain) instanceof Parsed.Bad<?> bad) {
                    return new Parsed.Bad<>(bad.problem(), bad.accepted());
                }
                texts.put(part.name(), plain);
            }
            rows.add(new Row(texts));
        }
        return new Parsed.Ok<>(List.copyOf(rows));
    }

    /** Describes the parts of a row. */
    public static Finding rowLike(List<Part> parts) {
        return NotationFinding.ROW_OF.of(Quantity.texts(parts.stream().map(Part::name)));
    }

    /** Lists the keys that would be accepted. */
    public static Finding oneOf(Stream<String> keys) {
        return NotationFinding.ONE_OF.of(Quantity.texts(keys.map(key -> "\"" + key + "\"")));
    }

    /** Reads the value from its text in a file or a field. */
    public Parsed<T> parse(String typed) {
        return typed.length() > LONGEST_TEXT
                ? new Parsed.Bad<>(NotationFinding.TOO_LONG.of(), NotationFinding.NOTHING_WRITTEN.of())
                : reader.apply(typed);
    }

    /** Writes the value in the form {@link #parse} reads. */
    public String write(T value) {
        return writer.apply(value);
    }

    private static Parsed<Boolean> flag(String typed) {
        return switch (typed.strip()) {
            case "true" -> new Parsed.Ok<>(true);
            case "false" -> new Parsed.Ok<>(false);
            default -> bad(NotationFinding.NEITHER, typed, NotationFinding.TRUE_OR_FALSE.of());
        };
    }

    private static Parsed<LocalDate> day(String typed) {
        try {
            return new Parsed.Ok<>(LocalDate.parse(typed.strip()));
        } catch (DateTimeParseException notADay) {
            return bad(NotationFinding.NOT_A_DAY, typed, NotationFinding.A_DAY.of());
        }
    }

    private static Parsed<Instant> moment(String typed) {
        try {
            return new Parsed.Ok<>(
                    OffsetDateTime.parse(typed.strip()).toInstant().truncatedTo(ChronoUnit.SECONDS));
        } catch (DateTimeException notAMoment) {
            return bad(NotationFinding.NOT_A_MOMENT, typed, NotationFinding.A_MOMENT.of());
        }
    }

    private static Parsed<Integer> fret(String typed) {
        return typed.strip().matches("-?\\d{1,6}")
                ? new Parsed.Ok<>(Integer.parseInt(typed.strip()))
                : bad(NotationFinding.NOT_A_FRET, typed, NotationFinding.A_FRET_NUMBER.of());
    }

    private static Parsed<HeldFrets> held(String typed) {
        if (!typed.strip().matches("-?\\d{1,6}[^\\d-]+-?\\d{1,6}")) {
            return new Parsed.Bad<>(NotationFinding.TWO_FRETS_NEEDED.of(), NotationFinding.TWO_FRET_NUMBERS.of());
        }
        String[] both = typed.strip().split("[^\\d-]+");
        return new Parsed.Ok<>(new HeldFrets(Integer.parseInt(both[0]), Integer.parseInt(both[1])));
    }

    private static Parsed<Double> percent(String typed) {
        String number = typed.strip().replaceAll("\\s*%$", "");
        return number.matches("\\d{1,3}(\\.\\d{1,9})?") && Double.parseDouble(number) <= 100
                ? new Parsed.Ok<>(Double.parseDouble(number))
                : bad(NotationFinding.NOT_A_PERCENTAGE, typed, NotationFinding.A_PERCENTAGE.of());
    }

    private static <T> Parsed<T> bad(Finding.Kind problem, String typed, Finding accepted) {
        return new Parsed.Bad<>(problem.of(Quantity.text(typed.strip())), accepted);
    }

    /** Writes a whole number without a decimal point. */
    public static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e15
                ? Long.toString(Math.round(number))
                : Double.toString(number);
    }
}
