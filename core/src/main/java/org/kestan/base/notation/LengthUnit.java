package org.kestan.base.notation;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;

/**
 * A unit that a length may be written in, with its exact size in millimeters.
 *
 * <p>1 in = 25.4 mm exactly (international yard and pound agreement, 1959).
 */
public enum LengthUnit {
    MILLIMETRE("mm", "1"),
    CENTIMETRE("cm", "10"),
    INCH("in", "25.4"),
    INCH_MARK("\"", "25.4"),
    THOU("thou", "0.0254"),
    MIL("mil", "0.0254");

    private final String symbol;
    private final BigDecimal millimeters;

    LengthUnit(String symbol, String millimeters) {
        this.symbol = symbol;
        this.millimeters = new BigDecimal(millimeters);
    }

    /** Returns the symbol as it is written after a number. */
    public String symbol() {
        return symbol;
    }

    /** Returns the exact size of one of this unit, in millimeters. */
    public BigDecimal millimeters() {
        return millimeters;
    }

    /** Returns the unit written as {@code symbol}, in upper or lower case; the typographic inch mark is accepted. */
    public static Optional<LengthUnit> ofSymbol(String symbol) {
        String plain = symbol.toLowerCase(Locale.ROOT).replace('\u2033', '"');
        for (LengthUnit unit : values()) {
            if (unit.symbol.equals(plain)) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }
}
