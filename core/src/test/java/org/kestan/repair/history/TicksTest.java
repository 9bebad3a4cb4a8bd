package org.kestan.repair.history;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;

public class TicksTest {

    @Test
    public void multiplesOfTheGrainDoubledUntilFewEnough() {
        assertThat(Ticks.between(0.3, 1.1, 0.1, 8)).hasSize(9).startsWith(0.30000000000000004);
        assertThat(Ticks.between(0.3, 1.1, 0.1, 5)).containsExactly(0.4, 0.6000000000000001, 0.8, 1.0);
    }

    @Test
    public void theGrainIsHalvedWhereItIsTooCoarse() {
        assertThat(Ticks.between(0, 0.5, 1, 5)).containsExactly(0.0, 0.25, 0.5);
    }

    @Test
    public void countsGoByOneTwoFiveTen() {
        assertThat(Ticks.counting(3, 4)).containsExactly(0.0, 1.0, 2.0, 3.0);
        assertThat(Ticks.counting(4, 4)).containsExactly(0.0, 1.0, 2.0, 3.0, 4.0);
        assertThat(Ticks.counting(4.5, 4)).containsExactly(0.0, 2.0, 4.0);
        assertThat(Ticks.counting(9, 4)).containsExactly(0.0, 5.0);
        assertThat(Ticks.counting(100, 4)).containsExactly(0.0, 50.0, 100.0);
    }
}
