package org.kestan.base.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TypedLengthTest {

    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {"2,4 mm", "", 2.4},
            {"2,45", "mm", 2.45},
            {",5 mm", "", 0.5},
            {"1 1/8 inch", "", 28.575},
            {"3 inches", "", 76.2},
            {"9/64", "in", 9 * 25.4 / 64},
            {"9/64", "mm", 9 * 25.4 / 64},
            {"1-1/8", "thou", 28.575},
            {"\u00bd", "mm", 12.7},
            {"2.4", "mm", 2.4},
            {"12", "thou", 0.3048},
            {"-0.4", "mm", -0.4},
            {"0", "", 0.0},
            {"0.0", "", 0.0},
            {"0", "thou", 0.0},
            {"2.4 millimeters", "", 2.4},
            {"9/64 in.", "", 9 * 25.4 / 64},
        };
    }

    @Test(dataProvider = "typed")
    public void isUnderstood(String typed, String usual, double millimeters) {
        assertThat(Length.parse(TypedLength.tidy(typed, usual))
                        .optional()
                        .orElseThrow()
                        .millimeters())
                .isCloseTo(millimeters, within(1e-9));
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {"1,234 mm", ""}, {"2,4,5 mm", ""}, {"9/64", ""}, {"2.4", ""}, {"08", ""}, {"about 3", "mm"}, {"", "mm"}
        };
    }

    /** A comma that may separate thousands is asked about, not guessed; a number without a unit has no unit. */
    @Test(dataProvider = "refused")
    public void isAskedAbout(String typed, String usual) {
        assertThat(Length.parse(TypedLength.tidy(typed, usual)).optional()).isEmpty();
    }
}
