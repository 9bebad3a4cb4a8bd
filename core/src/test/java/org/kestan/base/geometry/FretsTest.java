package org.kestan.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.kestan.base.notation.Length;
import org.testng.annotations.Test;

public class FretsTest {

    /** Equal temperament, factor 2^(1/12): Fletcher and Rossing, The Physics of Musical Instruments. */
    @Test
    public void equalTemperament() {
        Frets frets = new Frets(650);
        assertThat(frets.at(0)).isZero();
        assertThat(frets.at(12)).isCloseTo(325, within(1e-10));
        assertThat(frets.at(24)).isCloseTo(650 * 0.75, within(1e-10));
        assertThat(frets.at(7) / 650).isCloseTo(0.33258, within(5e-6));
        assertThat(frets.at(5) / 650).isCloseTo(0.25085, within(5e-6));
        for (int fret = 1; fret <= Frets.HIGHEST; fret++) {
            double ratio = (650 - frets.at(fret - 1)) / (650 - frets.at(fret));
            assertThat(ratio).isCloseTo(Math.pow(2, 1 / 12.0), within(1e-12));
        }
    }

    /** Nut to fret 12 of 12 3/4 in makes a scale of 25 1/2 in: common practice, no source. */
    @Test
    public void scaleIsTwiceNutToFretTwelve() {
        Frets frets = new Frets(Length.ofText("25 1/2 in").millimeters());
        assertThat(frets.at(12)).isCloseTo(Length.ofText("12 3/4 in").millimeters(), within(1e-10));
    }

    @Test
    public void nearestFret() {
        Frets frets = new Frets(650);
        assertThat(frets.nearest(frets.at(7) + 1, 1, 20)).isEqualTo(7);
        assertThat(frets.nearest(-5, 1, 20)).isEqualTo(1);
        assertThat(frets.nearest(900, 1, 20)).isEqualTo(20);
    }

    @Test
    public void refusesWhatIsNoFretOrScale() {
        assertThatThrownBy(() -> new Frets(0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Frets(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Frets(650).at(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Frets(650).at(37)).isInstanceOf(IllegalArgumentException.class);
    }
}
