package org.kestan.notation;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An angle as it was typed, with its unit: {@code "1.5 deg"} or {@code "1.5°"}.
 *
 * @param text as typed
 * @param degrees the value in degrees
 */
public record Angle(String text, double degrees) {

    /** What may be written. */
    public static final String ACCEPTED = "a number and deg, such as 1.5 deg";

    private static final Pattern NOTATION =
            Pattern.compile("([+-]?(?:\\d{1,3}(?:\\.\\d{0,6})?|\\.\\d{1,6})) ?(deg|\u00b0)");

    /** Reads an angle; the unit has to be said. */
    public static Parsed<Angle> parse(String typed) {
        String text = typed.strip();
        Matcher match = NOTATION.matcher(text.replace('\u2212', '-'));
        if (match.matches()) {
            return new Parsed.Ok<>(new Angle(text, Double.parseDouble(match.group(1))));
        }
        boolean bare = text.matches("[+-]?[\\d.]+");
        return new Parsed.Bad<>(
                bare
                        ? "the unit is missing after \u201c" + text + "\u201d"
                        : "\u201c" + text + "\u201d is not an angle",
                ACCEPTED);
    }
}
