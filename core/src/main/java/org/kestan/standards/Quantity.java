package org.kestan.standards;

import java.math.BigDecimal;
import org.kestan.notation.Angle;
import org.kestan.notation.Length;
import org.kestan.notation.Parsed;

/** What a standard is a quantity of, and with it the unit it is held in. */
public enum Quantity {
    /** Held in mm, written with its unit. */
    LENGTH("", 1000),
    /** Held in degrees, written with its unit. */
    ANGLE("", 45),
    PERCENT("%", 100),
    HOURS("hours", 1000),
    /** In the shop's own currency. */
    MONEY("", 1e6),
    /** Half steps. */
    STEPS("half steps", 12),
    /** A number of frets. */
    FRET("", 24),
    /** Grams per cubic centimetre. */
    DENSITY("g/cm\u00b3", 25),
    /** Gigapascals. */
    MODULUS("GPa", 1000),
    RATIO("", 10);

    private final String unit;
    private final double greatest;

    Quantity(String unit, double greatest) {
        this.unit = unit;
        this.greatest = greatest;
    }

    /** Returns the unit written behind a value whose text has none; empty when the text says it or there is none. */
    public String unit() {
        return unit;
    }

    /** Tells whether a value is written with its unit, and so as a text in a file. */
    public boolean isText() {
        return this == LENGTH || this == ANGLE;
    }

    /** Reads a value: mm, degrees or the plain number; never negative. */
    Parsed<Double> parse(String typed) {
        Parsed<Double> value =
                switch (this) {
                    case LENGTH -> Length.parse(typed).map(Length::millimetres);
                    case ANGLE -> Angle.parse(typed).map(Angle::degrees);
                    default -> number(typed.strip());
                };
        if (value instanceof Parsed.Ok<Double> ok && (ok.value() < 0 || ok.value() > greatest)) {
            return new Parsed.Bad<>("\u201c" + typed.strip() + "\u201d is out of range", accepted());
        }
        return value;
    }

    private Parsed<Double> number(String text) {
        return text.matches("\\d{1,9}(\\.\\d{0,6})?|\\.\\d{1,6}")
                ? new Parsed.Ok<>(Double.parseDouble(text))
                : new Parsed.Bad<>("\u201c" + text + "\u201d is not such a number", accepted());
    }

    private String accepted() {
        return switch (this) {
            case LENGTH -> "a length from 0 to 1000 mm with its unit";
            case ANGLE -> "an angle from 0 to 45 deg, such as 1.5 deg";
            default ->
                "a number from 0 to "
                        + BigDecimal.valueOf(greatest).stripTrailingZeros().toPlainString();
        };
    }
}
