package org.kestan.base.notation;

import java.util.regex.Pattern;

/** A length as a person types it, converted to the notation of the sheet. */
public final class TypedLength {

    /**
     * A comma followed by one, two, or four or more digits is a decimal comma; followed by three it may separate
     * thousands.
     */
    private static final Pattern COMMA = Pattern.compile("(?<![\\d.,])(\\d{0,4}),(\\d{1,2}|\\d{4,})(?![\\d.,])");

    private static final Pattern LONG_INCH =
            Pattern.compile("(?i)(?<=[\\d\\s\u00bc-\u00be\u215b-\u215e])(inch(es)?|in\\.)$");
    private static final Pattern LONG_MILLIMETER = Pattern.compile("(?i)(?<=[\\d\\s])(millimet(re|er)s?|mm\\.)$");
    private static final Pattern NOTHING = Pattern.compile("0+(\\.0*)?");
    private static final Pattern BARE =
            Pattern.compile("[+-]?((\\d+[ -])?\\d+/\\d+|\\d+(\\.\\d*)?|\\.\\d+|\\d*[\u00bc-\u00be\u215b-\u215e])");

    private TypedLength() {}

    /**
     * Converts what was typed to the notation of {@link Length#parse}: a decimal comma becomes a point, a spelled-out
     * unit its symbol, and a number without a unit gets the usual one; a bare 0 needs none.
     *
     * @param usual the symbol of the unit that is meant where none is typed; empty for none
     * @return the text, as typed where nothing of that applies
     */
    public static String tidy(String typed, String usual) {
        String text = typed.strip();
        text = COMMA.matcher(text).replaceAll("$1.$2");
        text = LONG_INCH.matcher(text).replaceAll("in");
        text = LONG_MILLIMETER.matcher(text).replaceAll("mm");
        if (usual.isEmpty() && NOTHING.matcher(text).matches()) {
            // Zero is zero in any unit.
            return text + " " + LengthUnit.MILLIMETRE.symbol();
        }
        if (!usual.isEmpty() && BARE.matcher(text).matches()) {
            boolean fraction = text.indexOf('/') >= 0 || text.chars().anyMatch(each -> each >= '\u00bc');
            // A fraction is always one of an inch, whatever else is usual.
            return text + " " + (fraction ? LengthUnit.INCH.symbol() : usual);
        }
        return text.equals(typed.strip()) ? typed : text;
    }
}
