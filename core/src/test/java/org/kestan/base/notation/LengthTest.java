package org.kestan.base.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.math.BigInteger;
import org.kestan.text.BenchUnit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LengthTest {

    /** 1 in = 25.4 mm exactly: international yard and pound agreement, 1959; ISO 80000-3. */
    @DataProvider
    static Object[][] notations() {
        return new Object[][] {
            {"11/64 in", 11 * 25.4 / 64},
            {"3 3/4 in", 95.25},
            {"3-3/4 in", 95.25},
            {"0.080 in", 2.032},
            {".080 in", 2.032},
            {"80 thou", 2.032},
            {"80 mil", 2.032},
            {"2.4 mm", 2.4},
            {"2.4mm", 2.4},
            {"11/64\"", 11 * 25.4 / 64},
            {"11/64\u2033", 11 * 25.4 / 64},
            {"63.2 cm", 632},
            {"-0.5 mm", -0.5},
            {"\u22120.5 mm", -0.5},
            {"+0.5 mm", 0.5},
            {"1 in", 25.4},
            {"25 \u00bd in", 647.7},
            {"25\u00bd in", 647.7},
            {"\u00be in", 19.05},
            {"5\u00a0mm", 5},
            {"0 mm", 0},
            {"12.7 MM", 12.7},
        };
    }

    @Test(dataProvider = "notations")
    public void readsWhatIsWrittenAtTheBench(String text, double millimeters) {
        Length length = Length.ofText(text);
        assertThat(length.millimeters()).isCloseTo(millimeters, within(1e-12));
        assertThat(length.text()).isEqualTo(text.strip());
    }

    @DataProvider
    static Object[][] refused() {
        return new Object[][] {
            {"", "nothing was entered"},
            {"   ", "nothing was entered"},
            {"2.4", "the unit is missing"},
            {"11/64", "the unit is missing"},
            {"2,4 mm", "with a point"},
            {"2.4 m", "not a unit"},
            {"2.4 inch", "not a unit"},
            {"mm", "not a length"},
            {"1/0 in", "zero below the bar"},
            {"1//2 in", "not a length"},
            {"1e3 mm", "not a length"},
            {"NaN mm", "not a length"},
            {"1/2/3 in", "not a length"},
            {"2 4 mm", "not a length"},
            {"--2 mm", "not a length"},
            {"9".repeat(60) + " mm", "too long"},
        };
    }

    @Test(dataProvider = "refused")
    public void saysWhatIsWrongAndWhatIsAccepted(String text, String problem) {
        Parsed<Length> parsed = Length.parse(text);
        assertThat(parsed).isInstanceOf(Parsed.Bad.class);
        Parsed.Bad<Length> bad = (Parsed.Bad<Length>) parsed;
        assertThat(said(bad.problem())).contains(problem);
        assertThat(said(bad.accepted())).contains("9/64 in");
        assertThatThrownBy(() -> Length.ofText(text)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Every 1/128 in from 0 to 10 in, written as a reduced mixed fraction, is read to the correctly rounded value. */
    @Test
    public void everyHundredAndTwentyEighthRoundTrips() {
        for (int parts = 0; parts <= 10 * 128; parts++) {
            String text = reduced(parts) + " in";
            Length length = Length.ofText(text);
            // 25.4/128 of a millimeter times an integer: exact in thousandths of 25400/128.
            double exact =
                    BigInteger.valueOf(parts).multiply(BigInteger.valueOf(254)).doubleValue() / 1280;
            assertThat(length.millimeters()).as(text).isEqualTo(exact);
            assertThat(length.text()).isEqualTo(text);
        }
    }

    /** Printed to the nearest 64th, an odd 128th shows which side it is on, and reads back within 1/128 in. */
    @Test
    public void sixtyFourthsSayOnWhichSideTheyLie() {
        for (int parts = 0; parts <= 10 * 128; parts++) {
            double exact = parts * 25.4 / 128;
            String printed = BenchUnit.SIXTY_FOURTHS.format(exact);
            boolean above = printed.contains("+");
            boolean below = printed.contains("\u2212");
            double back = Length.ofText(printed.replaceAll("[+\u2212]", "")).millimeters();
            if (parts % 2 == 0) {
                assertThat(above || below).as(printed).isFalse();
                assertThat(back).isCloseTo(exact, within(1e-9));
            } else {
                assertThat(above ^ below).as(printed).isTrue();
                assertThat(exact - back).isCloseTo(above ? 25.4 / 128 : -25.4 / 128, within(1e-9));
            }
        }
    }

    @Test
    public void writtenStepsReadBackToThemselvesInEveryUnit() {
        for (BenchUnit unit : BenchUnit.values()) {
            for (int i = -300; i <= 300; i++) {
                double value = i * 0.0371;
                Length length = unit.length(value);
                assertThat(length.millimeters()).isCloseTo(value, within(unit.step() / 2 + 1e-9));
                assertThat(unit.length(length.millimeters())).isEqualTo(length);
            }
        }
    }

    @Test
    public void equalByTextAndValue() {
        assertThat(Length.ofText("1/2 in"))
                .isEqualTo(Length.ofText("1/2 in"))
                .hasSameHashCodeAs(Length.ofText("1/2 in"));
        assertThat(Length.ofText("1/2 in")).isNotEqualTo(Length.ofText("2/4 in"));
        assertThat(Length.ofText("2/4 in").millimeters())
                .isEqualTo(Length.ofText("1/2 in").millimeters());
    }

    /** Written independently of the printer under test: Euclid on the parts themselves. */
    private static String reduced(int parts) {
        int whole = parts / 128;
        int top = parts % 128;
        int bottom = 128;
        while (top > 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        return top == 0 ? Integer.toString(whole) : (whole == 0 ? "" : whole + " ") + top + "/" + bottom;
    }
}
