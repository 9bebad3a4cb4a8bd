package org.kestan.base.notation;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;

/**
 * A length as it was typed, with its exact value: {@code "9/64 in"}, {@code "4 1/8 in"}, {@code "95 thou"},
 * {@code "2.4 mm"}.
 *
 * <p>Immutable. Two lengths are equal when they are written the same and worth the same; {@code 1/2 in} and {@code 2/4
 * in} are different texts of one value.
 */
public final class Length {

    private static final int LONGEST = 40;

    /** Nothing on an instrument is longer, mm. */
    public static final double GREATEST = 3000;

    private static final MathContext EXACT_ENOUGH = new MathContext(40);
    private static final Pattern NOTATION = Pattern.compile("(?<sign>[+-]?) ?"
            + "(?:(?:(?<whole>\\d{1,6})[ -])?(?<top>\\d{1,6})/(?<bottom>\\d{1,6})|(?<decimal>\\d{1,9}(?:\\.\\d{0,12})?|\\.\\d{1,12}))"
            + " ?(?<unit>[A-Za-z\"\u2033]*)");

    /** The radius of something flat: infinitely long. Never the result of {@link #parse}. */
    public static final Length FLAT = new Length("flat", Double.POSITIVE_INFINITY);

    private final String text;
    private final double millimeters;

    private Length(String text, double millimeters) {
        this.text = text;
        this.millimeters = millimeters;
    }

    /**
     * Reads a length.
     *
     * <p>Accepted: an integer, a decimal with a point, a fraction or a mixed fraction ({@code 4 1/8} or {@code 3-3/4}),
     * an optional sign, then one of {@code mm cm in " thou mil}. The text is kept as typed, surrounding blanks aside.
     *
     * @param typed what was written
     * @return the length, or what is wrong: nothing written, no unit, an unknown unit, a zero below the fraction bar, a
     *     decimal comma, or no number at all
     */
    public static Parsed<Length> parse(String typed) {
        String text = typed.strip();
        if (text.isEmpty()) {
            return bad(NotationFinding.NOTHING_WRITTEN.of());
        }
        if (text.length() > LONGEST) {
            return bad(NotationFinding.TOO_LONG.of());
        }
        if (text.indexOf(',') >= 0) {
            return bad(NotationFinding.DECIMAL_COMMA.of());
        }
        Matcher match = NOTATION.matcher(plain(text));
        if (!match.matches()) {
            return bad(NotationFinding.NOT_A_LENGTH.of(Quantity.text(text)));
        }
        String symbol = match.group("unit");
        if (symbol.isEmpty()) {
            return bad(NotationFinding.UNIT_MISSING.of(Quantity.text(text)));
        }
        LengthUnit unit = LengthUnit.ofSymbol(symbol).orElse(null);
        if (unit == null) {
            return bad(NotationFinding.NOT_A_UNIT.of(Quantity.text(symbol)));
        }
        BigDecimal top;
        BigDecimal bottom = BigDecimal.ONE;
        if (match.group("decimal") != null) {
            top = new BigDecimal(match.group("decimal"));
        } else {
            bottom = new BigDecimal(match.group("bottom"));
            if (bottom.signum() == 0) {
                return bad(NotationFinding.ZERO_BELOW_BAR.of());
            }
            top = new BigDecimal(match.group("top"));
            if (match.group("whole") != null) {
                top = top.add(new BigDecimal(match.group("whole")).multiply(bottom));
            }
        }
        double value =
                top.multiply(unit.millimeters()).divide(bottom, EXACT_ENOUGH).doubleValue();
        return value <= GREATEST
                ? new Parsed.Ok<>(new Length(text, match.group("sign").equals("-") ? 0 - value : value))
                : new Parsed.Bad<>(
                        NotationFinding.LONGER_THAN_ANYTHING.of(Quantity.text(text)),
                        NotationFinding.UP_TO_THREE_METERS.of());
    }

    /**
     * A length with a computed value, written in millimeters to the nanometer and not rounded to the bench.
     *
     * @param millimeters the value in mm, finite
     * @throws IllegalArgumentException if the value is not finite
     */
    public static Length exact(double millimeters) {
        if (!Double.isFinite(millimeters)) {
            throw new IllegalArgumentException("not a finite length: " + millimeters);
        }
        BigDecimal rounded = BigDecimal.valueOf(millimeters).setScale(6, java.math.RoundingMode.HALF_EVEN);
        return new Length(rounded.stripTrailingZeros().toPlainString() + " mm", millimeters);
    }

    /**
     * A computed length, rounded to the micrometer.
     *
     * @param millimeters the value in mm, finite
     */
    public static Length toMicrometer(double millimeters) {
        return exact(Math.round(millimeters * 1000) / 1000.0);
    }

    /**
     * Returns the length written as {@code text}, for texts known to be valid.
     *
     * @throws IllegalArgumentException if {@link #parse} refuses it
     */
    public static Length ofText(String text) {
        if (parse(text) instanceof Parsed.Ok<Length> ok) {
            return ok.value();
        }
        throw new IllegalArgumentException("not a length: " + text);
    }

    /** Returns the text as it was typed. */
    public String text() {
        return text;
    }

    /** Returns the value in millimeters, correctly rounded from the exact one. */
    public double millimeters() {
        return millimeters;
    }

    /**
     * Normalizes different ways of typing the same characters: minus signs, fraction slashes, precomposed fractions,
     * blanks.
     */
    private static String plain(String text) {
        if (text.chars().allMatch(each -> each >= ' ' && each <= '~') && !text.contains("  ")) {
            return text;
        }
        String folded = text.replace('\u2212', '-').replace('\u2044', '/').replaceAll("[\\s\u00a0\u202f]+", " ");
        String[][] ready = {
            {"\u00bd", "1/2"},
            {"\u00bc", "1/4"},
            {"\u00be", "3/4"},
            {"\u215b", "1/8"},
            {"\u215c", "3/8"},
            {"\u215d", "5/8"},
            {"\u215e", "7/8"}
        };
        for (String[] pair : ready) {
            folded = folded.replaceAll("(?<=\\d) ?" + pair[0], " " + pair[1]).replace(pair[0], pair[1]);
        }
        return folded;
    }

    private static Parsed<Length> bad(Finding problem) {
        return new Parsed.Bad<>(problem, NotationFinding.A_LENGTH.of());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Length that
                && text.equals(that.text)
                && Double.compare(millimeters, that.millimeters) == 0;
    }

    @Override
    public int hashCode() {
        return text.hashCode();
    }

    @Override
    public String toString() {
        return text;
    }
}
