package org.kestan.desktop.messages;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;

public class CountsTest {

    @Test
    public void oneIsNotSeveral() {
        assertThat(Counts.jobs(0)).isEqualTo("0 jobs");
        assertThat(Counts.jobs(1)).isEqualTo("1 job");
        assertThat(Counts.jobs(2)).isEqualTo("2 jobs");
    }
}
