package org.kestan.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Fills the numbered placeholders of a text, {@code {0}}, {@code {1}} and so on. */
public final class Placeholders {

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)}");

    private Placeholders() {}

    /**
     * Fills the placeholders of a text in one pass: braces within an argument stay as they are.
     *
     * @param arguments the values of the places, by number; a place without an argument is left as it is
     */
    public static String fill(String text, Object... arguments) {
        return PLACE.matcher(text).replaceAll(place -> {
            int which = Integer.parseInt(place.group(1));
            return Matcher.quoteReplacement(
                    which < arguments.length ? String.valueOf(arguments[which]) : place.group());
        });
    }
}
