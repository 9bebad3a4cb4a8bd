package org.kestan.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.kestan.practice.text.TypedLength;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TypedLengthTest {

    @DataProvider
    public Object[][] lengths() {
        return new Object[][] {
            {"0.5", 0.5}, {" 2 mm ", 2}, {"0.1 in", 2.54}, {"1/64 in", 0.396875}, {"0", 0},
        };
    }

    /** An inch is 25.4 mm exactly (international yard and pound agreement of 1959). */
    @Test(dataProvider = "lengths")
    public void aLengthWithOrWithoutItsUnit(String text, double millimeters) {
        assertThat(TypedLength.millimeters(text).orElseThrow()).isCloseTo(millimeters, within(1e-9));
    }

    @DataProvider
    public Object[][] others() {
        return new Object[][] {{""}, {"  "}, {"a lot"}, {"mm"}, {"0.5 mm mm"}, {"NaN"}, {"1e999"}};
    }

    @Test(dataProvider = "others")
    public void whatIsNoLengthIsNone(String text) {
        assertThat(TypedLength.millimeters(text)).isEmpty();
    }
}
