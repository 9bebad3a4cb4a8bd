package org.kestan.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigInteger;
import org.kestan.base.notation.Length;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BenchUnitTest {

    /** Conversions used at the bench: common practice, no source. */
    @DataProvider
    static Object[][] saidAloud() {
        return new Object[][] {
            {"6/64 in", 2.4}, {"9/32 in", 7.1}, {"5/16 in", 7.9}, {"3/8 in", 9.5}, {"3/32 in", 2.4}, {"1/64 in", 0.4},
        };
    }

    @Test(dataProvider = "saidAloud")
    public void conversionsSaidAtTheBench(String inches, double millimeters) {
        assertThat(Length.ofText(inches).millimeters()).isCloseTo(millimeters, within(0.05));
    }

    @DataProvider
    static Object[][] printed() {
        return new Object[][] {
            {BenchUnit.SIXTY_FOURTHS, 11 * 25.4 / 64, "11/64 in"},
            {BenchUnit.SIXTY_FOURTHS, 6 * 25.4 / 64, "3/32 in"},
            {BenchUnit.SIXTY_FOURTHS, 95.25, "3 3/4 in"},
            {BenchUnit.SIXTY_FOURTHS, 25.4, "1 in"},
            {BenchUnit.SIXTY_FOURTHS, 0, "0 in"},
            {BenchUnit.SIXTY_FOURTHS, 2.0, "5/64+ in"},
            {BenchUnit.SIXTY_FOURTHS, 1.9, "5/64\u2212 in"},
            {BenchUnit.SIXTY_FOURTHS, 0.1, "0+ in"},
            {BenchUnit.SIXTY_FOURTHS, -25.4 / 64, "\u22121/64 in"},
            {BenchUnit.THOUSANDTHS, 2.032, "80.0 thou"},
            {BenchUnit.DECIMAL_INCH, 2.032, "0.080 in"},
            {BenchUnit.MILLIMETERS, 2.385, "2.39 mm"},
            {BenchUnit.MILLIMETERS, -0.004, "0.00 mm"},
            {BenchUnit.MILLIMETERS, Double.NaN, "\u2014"},
        };
    }

    @Test(dataProvider = "printed")
    public void prints(BenchUnit unit, double millimeters, String text) {
        assertThat(unit.format(millimeters)).isEqualTo(text);
    }

    /**
     * Every 64th up to ten inches prints as a fraction in lowest terms, checked with the Euclidean algorithm of a
     * library.
     */
    @Test
    public void fractionsAreInLowestTerms() {
        for (int parts = 1; parts <= 640; parts++) {
            String text = BenchUnit.fraction(parts, 64);
            String fraction = text.substring(text.indexOf(' ') + 1);
            if (fraction.contains("/")) {
                int top = Integer.parseInt(fraction.split("/")[0]);
                int bottom = Integer.parseInt(fraction.split("/")[1]);
                assertThat(BigInteger.valueOf(top).gcd(BigInteger.valueOf(bottom)))
                        .isEqualTo(BigInteger.ONE);
            }
            assertThat(Length.ofText(text + " in").millimeters()).isCloseTo(parts * 25.4 / 64, within(1e-9));
        }
    }

    @Test
    public void signedAlwaysSaysTheSign() {
        assertThat(BenchUnit.MILLIMETERS.formatSigned(0.5)).isEqualTo("+0.50 mm");
        assertThat(BenchUnit.MILLIMETERS.formatSigned(-0.5)).isEqualTo("\u22120.50 mm");
        assertThat(BenchUnit.MILLIMETERS.formatSigned(0)).isEqualTo("0.00 mm");
    }

    @Test
    public void cyclesThroughAllFour() {
        BenchUnit unit = BenchUnit.SIXTY_FOURTHS;
        for (int i = 0; i < 4; i++) {
            unit = unit.next();
        }
        assertThat(unit).isEqualTo(BenchUnit.SIXTY_FOURTHS);
        assertThat(BenchUnit.SIXTY_FOURTHS.fine()).isEqualTo(BenchUnit.THOUSANDTHS);
        assertThat(BenchUnit.MILLIMETERS.fine()).isEqualTo(BenchUnit.MILLIMETERS);
    }

    @Test
    public void refusesToWriteWhatIsNoNumber() {
        assertThatThrownBy(() -> BenchUnit.MILLIMETERS.write(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }

    /** A mark after a fraction says more or less; below zero it would say the opposite of the sign before it. */
    @Test
    public void noSignStandsOnBothSidesOfAFraction() {
        BenchUnit unit = BenchUnit.SIXTY_FOURTHS;
        assertThat(unit.format(3 / 64.0 * 25.4)).isEqualTo("3/64 in");
        assertThat(unit.format(-3 / 64.0 * 25.4)).isEqualTo("\u22123/64 in");
        assertThat(unit.format(-1.2)).isEqualTo("\u221247.2 thou");
        assertThat(unit.formatSigned(1.2)).isEqualTo("+47.2 thou");
        assertThat(unit.formatSigned(3 / 64.0 * 25.4)).isEqualTo("+3/64 in");
        assertThat(unit.formatSigned(0.01)).isEqualTo("+0.4 thou");
    }

    @Test
    public void aFineMoveIsWrittenInHundredthsOrHalfThousandths() {
        assertThat(BenchUnit.MILLIMETERS.fineLength(1.234).text()).isEqualTo("1.23 mm");
        assertThat(BenchUnit.SIXTY_FOURTHS.fineLength(2.54).text()).isEqualTo("0.1000 in");
        assertThat(BenchUnit.THOUSANDTHS.fineLength(25.4 * 0.0925).text()).isEqualTo("92.5 thou");
        assertThat(BenchUnit.DECIMAL_INCH.fineLength(-0.0127).text()).isEqualTo("-0.0005 in");
        assertThatThrownBy(() -> BenchUnit.MILLIMETERS.fineLength(Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void bothSidesShareAUnitOnlyWhereTheyHaveTheSame() {
        assertThat(Numbers.both("9/64 in", "7/64 in", " / ")).isEqualTo("9/64 / 7/64 in");
        assertThat(Numbers.both("\u22124.5 thou", "1/64+ in", " / ")).isEqualTo("\u22124.5 thou / 1/64+ in");
    }
}
