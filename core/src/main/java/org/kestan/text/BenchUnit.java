package org.kestan.text;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Locale;
import org.kestan.base.notation.Length;

/**
 * The four ways a number is read out at the bench. Only the display changes with it: what was typed stays as typed.
 */
public enum BenchUnit {
    /** Reduced fractions of an inch to the nearest 64th, with + or − when the value lies above or below it. */
    SIXTY_FOURTHS(25.4 / 64),
    /** Thousandths of an inch, one decimal. */
    THOUSANDTHS(0.0254),
    /** Decimal inch, three decimals. */
    DECIMAL_INCH(0.0254),
    /** Millimeters, two decimals. */
    MILLIMETERS(0.05);

    /** Below this many 64ths of difference a fraction counts as exact (a tenth of a micrometer). */
    private static final double SAME = 1e-4 / (25.4 / 64);

    /** The finest a move is written, in parts of an inch: half a thousandth. */
    private static final int FINE_PARTS = 2000;

    private static final double FINE_MILLIMETERS = 0.01;

    private final double step;

    BenchUnit(double step) {
        this.step = step;
    }

    /** Returns the name of the unit as the status line shows it. */
    public String label() {
        return TextBundle.text("bench-unit." + name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    /** Returns the working step in mm: what one press of an arrow key or one notch of a drag moves. */
    public double step() {
        return step;
    }

    /** Returns the fine step in mm: hundredths of a millimeter, half thousandths of an inch. */
    public double fineStep() {
        return this == MILLIMETERS ? FINE_MILLIMETERS : 25.4 / FINE_PARTS;
    }

    /**
     * Returns a length rounded to the fine step, typed in this unit; in decimal inches where this unit has no fractions for it.
     *
     * @param millimeters the value in mm, finite
     * @throws IllegalArgumentException if the value is not finite
     */
    public Length fineLength(double millimeters) {
        if (!Double.isFinite(millimeters)) {
            throw new IllegalArgumentException("not a finite length: " + millimeters);
        }
        long steps = Math.round(millimeters / fineStep());
        return Length.ofText(
                switch (this) {
                    case SIXTY_FOURTHS, DECIMAL_INCH ->
                        BigDecimal.valueOf(steps * 5, 4).toPlainString() + " in";
                    case THOUSANDTHS -> BigDecimal.valueOf(steps * 5, 1).toPlainString() + " thou";
                    case MILLIMETERS -> BigDecimal.valueOf(steps, 2).toPlainString() + " mm";
                });
    }

    /** Returns the unit that follows this one when the user cycles through them. */
    public BenchUnit next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /**
     * Returns the unit for what is set with feelers rather than read from a rule: relief, cuts, wedges. Thousandths stand
     * in for 64ths; the others are fine enough.
     */
    public BenchUnit fine() {
        return this == SIXTY_FOURTHS ? THOUSANDTHS : this;
    }

    /**
     * Prints a length for reading, with its unit.
     *
     * @param millimeters the value in mm
     * @return for instance {@code 9/64 in}, {@code 5/64+ in}, {@code −17.3 thou} for less than nothing in no whole 64ths, {@code 140.6 thou}, {@code 0.141 in}, {@code 3.57 mm};
     *     "—" when the value is not finite
     */
    public String format(double millimeters) {
        if (!Double.isFinite(millimeters)) {
            return millimeters == Double.POSITIVE_INFINITY ? Length.FLAT.text() : "\u2014";
        }
        return switch (this) {
            // Below nothing a mark behind the fraction would say the contrary of what it says above.
            case SIXTY_FOURTHS ->
                millimeters < 0 && !isExact(millimeters)
                        ? THOUSANDTHS.format(millimeters)
                        : sixtyFourths(millimeters) + " in";
            case THOUSANDTHS -> decimal(millimeters / 0.0254, 1) + " thou";
            case DECIMAL_INCH -> decimal(millimeters / 25.4, 3) + " in";
            case MILLIMETERS -> decimal(millimeters, 2) + " mm";
        };
    }

    /**
     * Prints a length as {@link #format} does, with a sign in front whatever the sign is: for corrections and
     * differences. A fraction that is not exact is printed in thousandths, so that no sign stands on both its sides.
     */
    public String formatSigned(double millimeters) {
        String plain = signedFraction(millimeters) ? fine().format(millimeters) : format(millimeters);
        boolean bare =
                plain.startsWith("\u2212") || !Double.isFinite(millimeters) || plain.matches("0[0.]*[+\u2212]? .*");
        return bare ? plain : "+" + plain;
    }

    private boolean signedFraction(double millimeters) {
        return this == SIXTY_FOURTHS && Double.isFinite(millimeters) && !isExact(millimeters);
    }

    private static boolean isExact(double millimeters) {
        double exact = Math.abs(millimeters) / 25.4 * 64;
        return Math.abs(exact - Math.round(exact)) <= SAME;
    }

    /**
     * Writes a length for typing it back: rounded to this unit's step, and read by {@link Length#parse}.
     *
     * @param millimeters the value in mm, finite
     * @return for instance {@code 9/64 in}, {@code 141 thou}, {@code 0.141 in}, {@code 3.55 mm}
     * @throws IllegalArgumentException if the value is not finite
     */
    public String write(double millimeters) {
        if (!Double.isFinite(millimeters)) {
            throw new IllegalArgumentException("not a finite length: " + millimeters);
        }
        long steps = Math.round(millimeters / step);
        return switch (this) {
            case SIXTY_FOURTHS -> (steps < 0 ? "-" : "") + fraction(Math.abs(steps), 64) + " in";
            case THOUSANDTHS -> steps + " thou";
            case DECIMAL_INCH -> BigDecimal.valueOf(steps, 3).toPlainString() + " in";
            case MILLIMETERS -> BigDecimal.valueOf(steps * 5, 2).toPlainString() + " mm";
        };
    }

    /**
     * Returns a length rounded to this unit's step, typed in this unit.
     *
     * @param millimeters the value in mm, finite
     * @throws IllegalArgumentException if the value is not finite
     */
    public Length length(double millimeters) {
        return Length.ofText(write(millimeters));
    }

    /**
     * Prints a count of equal parts of an inch as a reduced, mixed fraction.
     *
     * @param parts how many parts, not negative
     * @param ofAnInch how many parts make an inch, positive
     * @return for instance {@code 4 1/8} for 264 64ths, {@code 0} for none
     */
    static String fraction(long parts, long ofAnInch) {
        long whole = parts / ofAnInch;
        long rest = parts % ofAnInch;
        if (rest == 0) {
            return Long.toString(whole);
        }
        long divisor = gcd(rest, ofAnInch);
        String text = rest / divisor + "/" + ofAnInch / divisor;
        return whole == 0 ? text : whole + " " + text;
    }

    private static String sixtyFourths(double millimeters) {
        double exact = Math.abs(millimeters) / 25.4 * 64;
        long nearest = Math.round(exact);
        String mark = Math.abs(exact - nearest) <= SAME ? "" : exact > nearest ? "+" : "\u2212";
        if (nearest == 0) {
            // Next to nothing: the mark says on which side of it.
            return "0" + (mark.isEmpty() ? "" : millimeters > 0 ? "+" : "\u2212");
        }
        String sign = millimeters < 0 ? "\u2212" : "";
        return sign + fraction(nearest, 64) + mark;
    }

    private static String decimal(double value, int places) {
        // Rounded from 12 significant digits, so that 2.385 mm typed as 2.385 rounds up as a person would.
        BigDecimal rounded = new BigDecimal(value).round(new MathContext(12)).setScale(places, RoundingMode.HALF_UP);
        String text = String.format(Locale.ROOT, "%s", rounded.abs().toPlainString());
        return rounded.signum() < 0 ? "\u2212" + text : text;
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
