package org.kestan.devices.serial;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.LengthUnit;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.notation.Parsed;

/** The forms of line a gauge may send. */
public enum SerialForm {
    /** A number, with or without a unit: {@code 2.413 mm}, {@code +0.0950 in}. The line protocol is a case of this. */
    PLAIN("plain", Pattern.compile("\\s*([+-]?)\\s*(\\d{1,5}(?:[.,]\\d{1,6})?|[.,]\\d{1,6})\\s*(mm|in|inch|\")?\\s*")),
    /** A channel, a letter, a number without a unit: {@code 01A+0002.413}. */
    CHANNEL("channel", Pattern.compile("\\s*\\d{2}A([+-]?)(\\d{1,6}(?:\\.\\d{1,6})?)()\\s*"));

    private final String key;
    private final Pattern pattern;

    SerialForm(String key, Pattern pattern) {
        this.key = key;
        this.pattern = pattern;
    }

    /** Returns the key by which it is chosen and remembered. */
    public String key() {
        return key;
    }

    /** Returns the form for a key. */
    public static Optional<SerialForm> of(String key) {
        return Arrays.stream(values()).filter(each -> each.key.equals(key)).findFirst();
    }

    /**
     * Reads a line.
     *
     * @param unit what a number without a unit is in
     */
    public Parsed<Length> parse(String line, LengthUnit unit) {
        Matcher match = pattern.matcher(line);
        if (!match.matches()) {
            String shown = line.length() > 40 ? line.substring(0, 40) : line;
            return new Parsed.Bad<>(
                    NotationFinding.NOT_A_LENGTH.of(Quantity.text(shown.replaceAll("\\p{Cntrl}", "?"))),
                    NotationFinding.A_LENGTH.of());
        }
        String said = match.group(3);
        String in = said == null || said.isEmpty() ? unit.symbol() : said.equals("mm") ? "mm" : "in";
        String sign = match.group(1).equals("-") ? "-" : "";
        String number =
                match.group(2).replace(',', '.').replaceFirst("^0+(?=\\d)", "").replaceFirst("^\\.", "0.");
        return Length.parse(sign + number + " " + in);
    }
}
