package org.kestan.text;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Locale;
import org.kestan.base.notation.Length;

/** The four ways to show a number at the bench. Only the display changes: what was typed stays as typed. */
public enum BenchUnit {
    /** Reduced fractions of an inch to the nearest 64th, with + or − if the value is above or below it. */
    SIXTY_FOURTHS(25.4 / 64),
    /** Thousandths of an inch, one decimal. */
    THOUSANDTHS(0.0254),
    /** Decimal inch, three decimals. */
    DECIMAL_INCH(0.0254),
    /** Millimeters, two decimals. */
    MILLIMETERS(0.05);

    /** Below this difference, in 64ths, a fraction counts as exact (a tenth of a micrometer). */
    private static final double SAME = 1e-4 / (25.4 / 64);

    /** The finest step of a move, in parts of an inch: half a thousandth. */
    private static final int FINE_PARTS = 2000;

    private static final double FINE_MILLIMETERS = 0.01;

    private final double step;

    BenchUnit(double step) {
        this.step = step;
    }

    /** Returns the name of the unit as shown in the status line. */
    public String label() {
        return TextBundle.text("bench-unit." + name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    /** Returns the working step in mm: one press of an arrow key or one notch of a drag. */
    public double step() {
        return step;
    }

    /** Returns the fine step in mm: hundredths of a millimeter, half thousandths of an inch. */
    public double fineStep() {
        return this == MILLIMETERS ? FINE_MILLIMETERS : 25.4 / FINE_PARTS;
    }

    /**
     * Returns a length rounded to the fine step, in this unit; in decimal inches if this unit has no fractions for it.
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
     * Returns the unit for what is set with feelers rather than read from a rule: relief, cuts, wedges. Thousandths
     * replace 64ths; the others are fine enough.
     */
    public BenchUnit fine() {
        return this == SIXTY_FOURTHS ? THOUSANDTHS : this;
    }

    /**
     * Formats a length for reading, with its unit.
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
            // Below zero, a mark after the fraction would have the opposite meaning.
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
     * Formats a length like {@link #format}, with an explicit sign: for corrections and differences. A fraction that
     * is not exact is given in thousandths, so that there is no sign on both sides of it.
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
     * Formats a length for typing: rounded to this unit's step, and readable by {@link Length#parse}.
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
     * Returns a length rounded to this unit's step, in this unit.
     *
     * @param millimeters the value in mm, finite
     * @throws IllegalArgumentException if the value is not finite
     */
    public Length length(double millimeters) {
        return Length.ofText(write(millimeters));
    }

    /**
     * Formats a count of equal parts of an inch as a reduced, mixed fraction.
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
            // Almost zero: the mark says on which side of it.
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
