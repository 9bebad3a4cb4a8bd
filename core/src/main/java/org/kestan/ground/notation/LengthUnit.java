package org.kestan.ground.notation;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;

/**
 * A unit that a length may be written in, with its exact size in millimetres.
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
    private final BigDecimal millimetres;

    LengthUnit(String symbol, String millimetres) {
        this.symbol = symbol;
        this.millimetres = new BigDecimal(millimetres);
    }

    /** Returns the symbol as it is written after a number. */
    public String symbol() {
        return symbol;
    }

    /** Returns the exact size of one of this unit, in millimetres. */
    public BigDecimal millimetres() {
        return millimetres;
    }

    /** Returns the unit written as {@code symbol}, upper or lower case; the typographic inch mark counts as the plain one. */
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
