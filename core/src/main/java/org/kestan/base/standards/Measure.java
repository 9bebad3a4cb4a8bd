package org.kestan.base.standards;

import java.util.Locale;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Plain;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.notation.Parsed;
import org.kestan.base.notation.TypedAngle;

/** What a standard measures, and the unit it is stored in. */
public enum Measure implements Keyed {
    /** Stored in mm, written with its unit. */
    LENGTH(1000),
    /** Stored in degrees, written with its unit. */
    ANGLE(45),
    PERCENT(100),
    HOURS(1000),
    /** In the shop's own currency. */
    MONEY(1e6),
    /** Half steps. */
    STEPS(12),
    DAYS(3650),
    YEARS(200),
    /** A number of frets. */
    FRET(24),
    /** Grams per cubic centimeter. */
    DENSITY(25),
    /** Gigapascals. */
    MODULUS(1000),
    /** Newtons. */
    FORCE(50),
    /** Degrees Celsius. */
    TEMPERATURE(300),
    /** Square millimeters per second. */
    DIFFUSIVITY(10),
    RATIO(10);

    private final double greatest;

    Measure(double greatest) {
        this.greatest = greatest;
    }

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Returns whether a value is written with its unit, and therefore as a string in a file. */
    public boolean isText() {
        return this == LENGTH || this == ANGLE;
    }

    /** Reads a value: mm, degrees or the plain number; never negative. */
    Parsed<Double> parse(String typed) {
        Parsed<Double> value =
                switch (this) {
                    case LENGTH -> Length.parse(typed).map(Length::millimeters);
                    case ANGLE ->
                        TypedAngle.parse(typed)
                                .map(typedAngle -> typedAngle.angle().degrees());
                    default -> number(typed.strip());
                };
        if (value instanceof Parsed.Ok<Double> ok && (ok.value() < 0 || ok.value() > greatest)) {
            return new Parsed.Bad<>(NotationFinding.OUT_OF_RANGE.of(Quantity.text(typed.strip())), accepted());
        }
        return value;
    }

    private Parsed<Double> number(String text) {
        return text.matches("\\d{1,9}(\\.\\d{0,6})?|\\.\\d{1,6}")
                ? new Parsed.Ok<>(Double.parseDouble(text))
                : new Parsed.Bad<>(NotationFinding.NOT_SUCH_A_NUMBER.of(Quantity.text(text)), accepted());
    }

    private Finding accepted() {
        return switch (this) {
            case LENGTH -> NotationFinding.LENGTH_UP_TO.of(new Plain(greatest));
            case ANGLE -> NotationFinding.ANGLE_UP_TO.of(new Plain(greatest));
            default -> NotationFinding.NUMBER_FROM_TO.of(new Plain(0), new Plain(greatest));
        };
    }
}
