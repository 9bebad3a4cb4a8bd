package org.kestan.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.notation.Angle;
import org.kestan.notation.Parsed;

/**
 * A value of a job that is no length: its path in the job file, its label and hint, how it is read from text and written.
 *
 * @param <T> what the value is
 */
public final class Detail<T> {

    /** How the value stands in a JSON file. */
    public enum Form {
        TEXT,
        NUMBER,
        FLAG,
        /** A list of words, as text with blanks between them. */
        WORDS
    }

    private final String path;
    private final String label;
    private final String hint;
    private final Form form;
    private final List<String> choices;
    private final Function<String, Parsed<T>> reader;
    private final Function<T, String> writer;
    private final Function<T, String> word;

    private Detail(
            String path,
            String label,
            String hint,
            Form form,
            List<String> choices,
            Function<String, Parsed<T>> reader,
            Function<T, String> writer,
            Function<T, String> word) {
        this.path = path;
        this.label = label;
        this.hint = hint;
        this.form = form;
        this.choices = choices;
        this.reader = reader;
        this.writer = writer;
        this.word = word;
    }

    /** A free text. */
    public static Detail<String> text(String path, String label, String hint) {
        return new Detail<>(
                path,
                label,
                hint,
                Form.TEXT,
                List.of(),
                typed -> new Parsed.Ok<>(typed.strip()),
                text -> text,
                text -> text);
    }

    /** Words, such as keys of something chosen. */
    public static Detail<String> words(String path, String label, String hint) {
        return new Detail<>(
                path,
                label,
                hint,
                Form.WORDS,
                List.of(),
                typed -> new Parsed.Ok<>(typed.strip()),
                text -> text,
                text -> text);
    }

    /** A whole number within bounds. */
    public static Detail<Integer> whole(String path, String label, String hint, int least, int greatest) {
        String accepted = "a whole number from " + least + " to " + greatest;
        return new Detail<>(
                path,
                label,
                hint,
                Form.NUMBER,
                List.of(),
                typed -> {
                    String text = typed.strip().replace('\u2212', '-');
                    if (text.matches("[+-]?\\d{1,6}(\\.0+)?")) {
                        int value = (int) Double.parseDouble(text);
                        if (value >= least && value <= greatest) {
                            return new Parsed.Ok<>(value);
                        }
                    }
                    return new Parsed.Bad<>("\u201c" + typed.strip() + "\u201d is no such number", accepted);
                },
                value -> Integer.toString(value),
                value -> Integer.toString(value));
    }

    /** A number within bounds. */
    public static Detail<Double> number(String path, String label, String hint, double least, double greatest) {
        String accepted = "a number from " + plain(least) + " to " + plain(greatest);
        return new Detail<>(
                path,
                label,
                hint,
                Form.NUMBER,
                List.of(),
                typed -> {
                    String text = typed.strip().replace('\u2212', '-');
                    if (text.matches("[+-]?(\\d{1,12}(\\.\\d{0,9})?|\\.\\d{1,9})")) {
                        double value = Double.parseDouble(text);
                        if (value >= least && value <= greatest) {
                            return new Parsed.Ok<>(value);
                        }
                    }
                    return new Parsed.Bad<>("\u201c" + typed.strip() + "\u201d is no such number", accepted);
                },
                Detail::plain,
                Detail::plain);
    }

    /** Yes or no. */
    public static Detail<Boolean> flag(String path, String label, String hint) {
        return new Detail<>(
                path,
                label,
                hint,
                Form.FLAG,
                List.of("true", "false"),
                typed -> switch (typed.strip()) {
                    case "true" -> new Parsed.Ok<>(true);
                    case "false" -> new Parsed.Ok<>(false);
                    default -> new Parsed.Bad<>("\u201c" + typed.strip() + "\u201d is neither", "true or false");
                },
                value -> Boolean.toString(value),
                value -> value ? "Yes" : "No");
    }

    /** One of the constants of an enum. */
    public static <E extends Enum<E> & Keyed> Detail<E> choice(String path, String label, String hint, Class<E> type) {
        List<String> keys = Stream.of(type.getEnumConstants()).map(Keyed::key).toList();
        String accepted = keys.stream().map(key -> "\"" + key + "\"").collect(Collectors.joining(", ", "one of ", ""));
        return new Detail<>(
                path,
                label,
                hint,
                Form.TEXT,
                keys,
                typed -> {
                    Optional<E> found = Keyed.find(type, typed.strip());
                    return found.isPresent()
                            ? new Parsed.Ok<>(found.get())
                            : new Parsed.Bad<>("\u201c" + typed.strip() + "\u201d is not known here", accepted);
                },
                Keyed::key,
                Keyed::label);
    }

    /** An angle with its unit, kept as typed. */
    public static Detail<Angle> angle(String path, String label, String hint) {
        return new Detail<>(path, label, hint, Form.TEXT, List.of(), Angle::parse, Angle::text, Angle::text);
    }

    /** Returns the path of the value in the job file, keys joined by dots. */
    public String path() {
        return path;
    }

    /** Returns the JSON pointer of the value in the job file. */
    public String pointer() {
        return "/" + path.replace('.', '/');
    }

    /** Returns the label beside the field. */
    public String label() {
        return label;
    }

    /** Returns one line on what to enter. */
    public String hint() {
        return hint;
    }

    /** Returns how the value stands in a JSON file. */
    public Form form() {
        return form;
    }

    /** Returns the texts to choose from; empty when it is typed freely. */
    public List<String> choices() {
        return choices;
    }

    /** Reads the value from its text in a file or a field. */
    public Parsed<T> parse(String typed) {
        return reader.apply(typed);
    }

    /** Writes the value as {@link #parse} reads it. */
    public String write(T value) {
        return writer.apply(value);
    }

    /** Returns the word shown for a value. */
    public String word(T value) {
        return word.apply(value);
    }

    private static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e15
                ? Long.toString(Math.round(number))
                : Double.toString(number);
    }

    @Override
    public String toString() {
        return path;
    }
}
