package org.kestan.text;

import java.util.regex.Pattern;

/** Makes text from other sources harmless for a line on paper or in a list. */
public final class PlainText {

    /**
     * Control characters of both sets, and characters that change the direction of a line or end it in the middle
     * (Unicode Standard 15.0, 23.1 and 23.2; Unicode Standard Annex 9, 2.1 to 2.6).
     */
    private static final Pattern UNSEEN = Pattern.compile(
            "[\\x00-\\x1f\\x7f-\\x9f\\u2028\\u2029\\u061c\\u200e\\u200f\\u202a-\\u202e\\u2066-\\u2069\\ufeff]");

    private PlainText() {}

    /** Returns a text as one line, with a blank for each invisible character, and a mark for each invalid one. */
    public static String line(String text) {
        return characters(UNSEEN.matcher(text).replaceAll(" "));
    }

    /** Returns a text with its line breaks kept, in the same way. */
    public static String lines(String text) {
        StringBuilder all = new StringBuilder();
        for (String line : text.split("\n", -1)) {
            all.append(all.isEmpty() ? "" : "\n").append(line(line));
        }
        return all.toString();
    }

    /** Half characters, and codes that Unicode says are not characters, can't be written in any XML (XML 1.0, 2.2). */
    private static String characters(String text) {
        StringBuilder kept = new StringBuilder(text.length());
        text.codePoints()
                .map(each ->
                        each >= Character.MIN_SURROGATE && each <= Character.MAX_SURROGATE || (each & 0xfffe) == 0xfffe
                                ? 0xfffd
                                : each)
                .forEach(kept::appendCodePoint);
        return kept.toString();
    }
}
