package org.kestan.base.strings;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A note by its name, in equal temperament on A4 = 440 Hz (ISO 16:1975). */
public final class Note {

    private static final double A4 = 440;

    private static final Pattern NAME = Pattern.compile("([A-Ga-g])([#\u266fb\u266d]?)(-?\\d)");

    private static final Map<Character, Integer> ABOVE_C =
            Map.of('C', 0, 'D', 2, 'E', 4, 'F', 5, 'G', 7, 'A', 9, 'B', 11);

    private Note() {}

    /** Frequency in Hz of a note such as E2, F#3 or Bb3; empty when the text names none. */
    public static OptionalDouble frequency(String name) {
        Matcher match = NAME.matcher(name.strip());
        if (!match.matches()) {
            return OptionalDouble.empty();
        }
        String sign = match.group(2);
        int accidental = sign.isEmpty() ? 0 : sign.equals("#") || sign.equals("\u266f") ? 1 : -1;
        int aboveC = ABOVE_C.get(Character.toUpperCase(match.group(1).charAt(0))) + accidental;
        int fromA4 = (Integer.parseInt(match.group(3)) - 4) * 12 + aboveC - 9;
        return OptionalDouble.of(A4 * Math.pow(2, fromA4 / 12.0));
    }
}
