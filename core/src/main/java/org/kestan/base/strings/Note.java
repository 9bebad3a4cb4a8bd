package org.kestan.base.strings;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A note with its name, in equal temperament on A4 = 440 Hz (ISO 16:1975). */
public final class Note {

    private static final double A4 = 440;
    private static final int A4_ABOVE_C0 = 57;

    private static final List<String> NAMES = List.of("C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B");

    private static final Pattern NAME = Pattern.compile("([A-Ga-g])([#\u266fb\u266d]?)(-?\\d)");

    private static final Map<Character, Integer> ABOVE_C =
            Map.of('C', 0, 'D', 2, 'E', 4, 'F', 5, 'G', 7, 'A', 9, 'B', 11);

    private Note() {}

    /** Frequency in Hz of a note such as E2, F#3 or Bb3; empty if the text is not a note. */
    public static OptionalDouble frequency(String name) {
        OptionalInt from = fromA4(name);
        return from.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(A4 * Math.pow(2, from.getAsInt() / 12.0));
    }

    /**
     * Names the note a number of half steps above another, with a sharp.
     *
     * @param name the lower note, as {@link #frequency} takes it
     * @param halfSteps how far above, 0 for the note itself
     * @return for instance {@code G4} three half steps above {@code E4}; empty if the text names no note
     */
    public static Optional<String> above(String name, int halfSteps) {
        OptionalInt from = fromA4(name);
        if (from.isEmpty()) {
            return Optional.empty();
        }
        int aboveC0 = from.getAsInt() + halfSteps + A4_ABOVE_C0;
        return Optional.of(NAMES.get(Math.floorMod(aboveC0, NAMES.size())) + Math.floorDiv(aboveC0, NAMES.size()));
    }

    /** Names the note nearest to a frequency, with a sharp. */
    public static String nearest(double frequency) {
        int aboveC0 = (int) Math.round(12 * Math.log(frequency / A4) / Math.log(2)) + A4_ABOVE_C0;
        return NAMES.get(Math.floorMod(aboveC0, NAMES.size())) + Math.floorDiv(aboveC0, NAMES.size());
    }

    /** How many cents a frequency is above another. */
    public static double cents(double frequency, double above) {
        return 1200 * Math.log(frequency / above) / Math.log(2);
    }

    /** Half steps above A4. */
    private static OptionalInt fromA4(String name) {
        Matcher match = NAME.matcher(name.strip());
        if (!match.matches()) {
            return OptionalInt.empty();
        }
        String sign = match.group(2);
        int accidental = sign.isEmpty() ? 0 : sign.equals("#") || sign.equals("\u266f") ? 1 : -1;
        int aboveC = ABOVE_C.get(Character.toUpperCase(match.group(1).charAt(0))) + accidental;
        return OptionalInt.of((Integer.parseInt(match.group(3)) - 4) * 12 + aboveC - 9);
    }
}
