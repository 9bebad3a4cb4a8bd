package org.kestan.benchmarks.soak;

import java.nio.charset.StandardCharsets;
import java.util.Random;

/** Makes something slightly wrong out of something good. */
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

    private Mutation() {}

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

    /** Bytes with some of them changed, taken out or doubled. */
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

    /** Bytes of a text that may be no UTF-8 any more. */
    static byte[] bytes(String text, Random random) {
        byte[] bytes = of(text, random).getBytes(StandardCharsets.UTF_8);
        return random.nextInt(5) == 0 && bytes.length > 0 ? of(bytes, random) : bytes;
    }
}
