package org.kestan.base.notation;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Angle;

/**
 * An angle as it was typed, with its unit: {@code "1.5 deg"} or {@code "1.5°"}.
 *
 * @param text as typed
 * @param angle the value
 */
public record TypedAngle(String text, Angle angle) {

    private static final Pattern NOTATION =
            Pattern.compile("([+-]?(?:\\d{1,3}(?:\\.\\d{0,6})?|\\.\\d{1,6})) ?(deg|\u00b0)");

    /** Reads an angle; the unit is required. */
    public static Parsed<TypedAngle> parse(String typed) {
        String text = typed.strip();
        Matcher match = NOTATION.matcher(text.replace('\u2212', '-'));
        if (match.matches()) {
            return new Parsed.Ok<>(new TypedAngle(text, Angle.ofDegrees(Double.parseDouble(match.group(1)))));
        }
        boolean bare = text.matches("[+-]?[\\d.]+");
        return new Parsed.Bad<>(
                (bare ? NotationFinding.UNIT_MISSING : NotationFinding.NOT_AN_ANGLE).of(Quantity.text(text)),
                NotationFinding.AN_ANGLE.of());
    }
}
