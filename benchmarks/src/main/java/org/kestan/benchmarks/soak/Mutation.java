package org.kestan.benchmarks.soak;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Turns something good into something slightly wrong. */
final class Mutation {

    private static final String[] PIECES = {
        "null",
        "[]",
        "{}",
        "\"\"",
        "-",
        "1e999",
        "1e2147483648",
        "\ud800",
        "\u0000",
        "\u202e",
        "999999999 in",
        "-0 mm",
        "NaN",
        "1/0 in",
        ",",
        "\n",
        "../../x",
        "\u00bd in",
        "0",
        "4096",
        "true"
    };

    private static final String[] LENGTHS = {
        "0 mm",
        "0.001 mm",
        "-0.4 mm",
        "-3000 mm",
        "3000 mm",
        "118 in",
        "1/64 in",
        "40 thou",
        "25.4 mm",
        "640 mm",
        "7 in"
    };

    private static final String[] NUMBERS = {"0", "-1", "1", "3", "12", "24", "40", "0.5", "1000", "1e6", "-273", "100"
    };

    private static final Pattern SCALAR = Pattern.compile(": (\"[^\"]*\"|-?[0-9.]+|true|false)(?=[,\\s}])");

    private Mutation() {}

    /**
     * The text of a mostly well-formed job with one to four odd values: impossible lengths, counts out of range, texts
     * of three hundred letters, missing values.
     */
    static String odd(String text, Random random) {
        String next = text;
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            List<MatchResult> values = SCALAR.matcher(next).results().toList();
            if (values.isEmpty()) {
                return next;
            }
            MatchResult at = values.get(random.nextInt(values.size()));
            String old = at.group(1);
            boolean length = old.matches("\"[-+0-9./ ]+ ?(mm|in|thou)?\"");
            String value = random.nextInt(20) == 0
                    ? "null"
                    : length && random.nextInt(4) > 0
                            ? nearLength(old, random)
                            : length
                                    ? '"' + LENGTHS[random.nextInt(LENGTHS.length)] + '"'
                                    : random.nextInt(3) > 0 && !old.startsWith("\"") && old.matches("-?[0-9.]+")
                                            ? near(old, random)
                                            : old.startsWith("\"")
                                                    ? random.nextInt(3) > 0
                                                            ? old
                                                            : '"' + "Wirbelk\u00e4stchen \u05d0 ".repeat(20) + '"'
                                                    : NUMBERS[random.nextInt(NUMBERS.length)];
            next = next.substring(0, at.start(1)) + value + next.substring(at.end(1));
        }
        return next;
    }

    /** A number of about the same size, which is what most files contain and most readers accept. */
    private static String near(String number, Random random) {
        return number.matches("-?[0-9]+")
                ? Long.toString(Long.parseLong(number) + random.nextInt(5) - 2)
                : Double.toString(Double.parseDouble(number) * (0.5 + random.nextDouble()));
    }

    private static String nearLength(String quoted, Random random) {
        return quoted.matches("\"-?[0-9]+(\\.[0-9]+)? mm\"")
                ? String.format(
                        Locale.ROOT,
                        "\"%.3f mm\"",
                        Double.parseDouble(quoted.substring(1, quoted.length() - 4)) * (0.2 + 2 * random.nextDouble()))
                : '"' + LENGTHS[random.nextInt(LENGTHS.length)] + '"';
    }

    /** A text with one to four changes. */
    static String of(String text, Random random) {
        StringBuilder next = new StringBuilder(text);
        for (int i = 1 + random.nextInt(4); i > 0 && !next.isEmpty(); i--) {
            int at = random.nextInt(next.length());
            int to = Math.min(next.length(), at + 1 + random.nextInt(20));
            switch (random.nextInt(6)) {
                case 0 -> next.setCharAt(at, (char) (1 + random.nextInt(126)));
                case 1 -> next.delete(at, to);
                case 2 -> next.insert(at, next.substring(at, to));
                case 3 -> next.replace(at, to, PIECES[random.nextInt(PIECES.length)]);
                case 4 -> next.insert(at, random.nextInt());
                default -> next.insert(at, next.substring(at, to).repeat(1 + random.nextInt(50)));
            }
        }
        return next.toString();
    }

    /** Bytes with some of them changed, removed or doubled. */
    static byte[] of(byte[] bytes, Random random) {
        byte[] next = bytes.clone();
        for (int i = 1 + random.nextInt(8); i > 0; i--) {
            int at = random.nextInt(next.length);
            int to = Math.min(next.length, at + 1 + random.nextInt(64));
            if (random.nextInt(4) == 0) {
                byte[] shorter = new byte[next.length - (to - at) + 1];
                System.arraycopy(next, 0, shorter, 0, at);
                System.arraycopy(next, to, shorter, at, next.length - to);
                next = shorter;
            } else {
                for (int k = at; k < to; k++) {
                    next[k] = (byte) random.nextInt();
                }
            }
        }
        return next;
    }

    /** Bytes of a text that may no longer be UTF-8. */
    static byte[] bytes(String text, Random random) {
        byte[] bytes = of(text, random).getBytes(StandardCharsets.UTF_8);
        return random.nextInt(5) == 0 && bytes.length > 0 ? of(bytes, random) : bytes;
    }
}
