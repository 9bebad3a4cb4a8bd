package org.kestan.desktop.stations.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DurationTextTest {

    @DataProvider
    public Object[][] times() {
        return new Object[][] {
            {0, "0 min"},
            {59, "59 min"},
            {60, "1 h"},
            {61, "1 h 1 min"},
            {119, "1 h 59 min"},
            {719, "11 h 59 min"},
            {720, "overnight"},
            {721, "12 h 1 min"},
            {1440, "1 day"},
            {1441, "24 h 1 min"},
            {2880, "2 days"},
            {10080, "7 days"},
        };
    }

    @Test(dataProvider = "times")
    public void timesReadAsOneSaysThem(int minutes, String said) {
        assertThat(DurationText.said(minutes)).isEqualTo(said);
    }
}
