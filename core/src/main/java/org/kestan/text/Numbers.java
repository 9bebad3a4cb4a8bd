package org.kestan.text;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Sides;
import org.kestan.base.sheet.ValueType;

/**
 * Formats numbers for the bench, in one unit: one way each for a length, an angle, cents, a change, a spread.
 *
 * @param unit the unit of the display
 */
public record Numbers(BenchUnit unit) {

    /** Shown for an unknown number. */
    public static final String NONE = "\u2014";

    /** A length read from a rule, with its unit. */
    public String length(double millimeters) {
        return unit.format(millimeters);
    }

    /** A length set with feelers, with its unit. */
    public String fine(double millimeters) {
        return unit.fine().format(millimeters);
    }

    /** A length with an explicit sign. */
    public String signed(double millimeters) {
        return unit.formatSigned(millimeters);
    }

    /** A length with millimeters beside it, if the unit is another. */
    public String lengthBoth(double millimeters) {
        return beside(length(millimeters), millimeters);
    }

    /** A length set with feelers, with millimeters beside it. */
    public String fineBoth(double millimeters) {
        return beside(fine(millimeters), millimeters);
    }

    /** A length with its sign, with millimeters beside it. */
    public String signedBoth(double millimeters) {
        return unit == BenchUnit.MILLIMETERS
                ? signed(millimeters)
                : signed(millimeters) + " \u00b7 " + BenchUnit.MILLIMETERS.formatSigned(millimeters);
    }

    private String beside(String text, double millimeters) {
        return unit == BenchUnit.MILLIMETERS ? text : text + " \u00b7 " + BenchUnit.MILLIMETERS.format(millimeters);
    }

    /** A length too long for 64ths or thousandths. */
    public String far(double millimeters) {
        return unit == BenchUnit.MILLIMETERS ? unit.format(millimeters) : BenchUnit.DECIMAL_INCH.format(millimeters);
    }

    /** Both sides, each with its unit. */
    public String sides(Sides<Double> sides) {
        return length(sides.bass()) + " / " + length(sides.treble());
    }

    /** Both sides, with the unit after the second. */
    public String pair(Sides<Double> sides) {
        return both(length(sides.bass()), length(sides.treble()), " / ");
    }

    /** Both sides set with feelers, each with its unit. */
    public String fineSides(Sides<Double> sides) {
        return fine(sides.bass()) + " / " + fine(sides.treble());
    }

    /** Both sides set with feelers, with the unit after the second. */
    public String finePair(Sides<Double> sides) {
        return both(fine(sides.bass()), fine(sides.treble()), " / ");
    }

    /** Two formatted lengths, with the unit after the second if both have the same. */
    public static String both(String first, String second, String between) {
        boolean same =
                first.substring(first.lastIndexOf(' ') + 1).equals(second.substring(second.lastIndexOf(' ') + 1));
        return (same ? bare(first) : first) + between + second;
    }

    /** A formatted length without its unit, which is shown elsewhere. */
    public static String bare(String length) {
        int blank = length.lastIndexOf(' ');
        return blank < 0 ? length : length.substring(0, blank);
    }

    /** An angle in degrees with a number of decimals. */
    public static String angle(Angle angle, int places) {
        return minus(decimals(angle.degrees(), places)) + "\u00b0";
    }

    /** An angle in degrees with two decimals. */
    public static String angle(Angle angle) {
        return angle(angle, 2);
    }

    /** A number with a number of decimals. */
    public static String decimals(double number, int places) {
        String text = String.format(Locale.ROOT, "%." + places + "f", number);
        // No minus sign before zero.
        return text.matches("-0(\\.0*)?") ? text.substring(1) : text;
    }

    /** Intervals of pitch on both sides, sharp with a plus. */
    public static String cents(Sides<Double> cents) {
        return minus(String.format(Locale.ROOT, "%+.1f / %+.1f cents", cents.bass(), cents.treble()));
    }

    /** The change of a length, with its sign; "as now" if there is none. */
    public String change(double millimeters) {
        return Math.abs(millimeters) < Tolerances.SHOWN
                ? TextBundle.text("plan.as-now")
                : unit.fine().formatSigned(millimeters);
    }

    /** A formatted value in millimeters, with its spread: the unit is after both. */
    public static String spread(String value, double millimeters) {
        String spread = String.format(Locale.ROOT, " \u00b1 %.2f mm", millimeters);
        return value.endsWith(" mm") ? bare(value) + spread : value + spread;
    }

    /** The spread of an angle as shown after the value. */
    public static String spread(Angle angle) {
        return " \u00b1 " + angle(angle);
    }

    /** A whole number without a decimal point. */
    public static String plain(double number) {
        return ValueType.plain(number);
    }

    /** A number rounded to a whole one, half up. */
    public static String whole(double number) {
        return Double.isFinite(number)
                ? minus(new BigDecimal(number).setScale(0, RoundingMode.HALF_UP).toPlainString())
                : NONE;
    }

    /** A temperature in both scales: {@code 78 °C (172 °F)}. */
    public static String temperature(double celsius) {
        return whole(celsius) + "\u00a0\u00b0C (" + whole(celsius * 9 / 5 + 32) + "\u00a0\u00b0F)";
    }

    private static String minus(String text) {
        return text.replace('-', '\u2212');
    }
}
