package org.kestan.devices.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.kestan.base.strings.Note;
import org.kestan.devices.standin.PlayedString;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The tuner, on strings that are known exactly. */
public class TunerTest {

    private static final List<String> STRINGS = List.of("E2", "A2", "D3", "G3", "B3", "E4");
    private static final double RATE = 44_100;

    @DataProvider
    Object[][] strings() {
        return new Object[][] {
            {"E2", 6, -40.0},
            {"E2", 6, 0.0},
            {"A2", 5, 12.0},
            {"D3", 4, -3.0},
            {"G3", 3, 25.0},
            {"B3", 2, -60.0},
            {"E4", 1, 5.0}
        };
    }

    /** An open string is named, and its cents are right within three, half a second after it was plucked. */
    @Test(dataProvider = "strings")
    public void anOpenStringIsNamed(String note, int string, double off) {
        double frequency = Note.frequency(note).getAsDouble() * Math.pow(2, off / 1200);
        double[] sound = new PlayedString(frequency, 5e-5, 1.2, 0.15, 1e-4, 30, 38, 28, new double[] {110}, 0)
                .play(RATE, 2, new Random(5));
        Tuner tuner = new Tuner(STRINGS, RATE);
        Optional<Tuner.Tuned> shown = Optional.empty();
        int tenth = (int) RATE / 10;
        for (int from = 0; from + tenth < RATE; from += tenth) {
            shown = tuner.hear(Arrays.copyOfRange(sound, from, from + tenth));
        }
        assertThat(shown).isPresent();
        assertThat(shown.get().string()).isEqualTo(string);
        assertThat(shown.get().note()).isEqualTo(note);
        assertThat(shown.get().cents()).isCloseTo(off, within(3.0));
    }

    /** Silence is no string, nor is room noise, nor a note far from all of them. */
    @Test
    public void nothingElseIs() {
        Tuner tuner = new Tuner(STRINGS, RATE);
        assertThat(tuner.hear(new double[(int) RATE])).isEmpty();
        Random random = new Random(3);
        assertThat(tuner.hear(random.doubles((int) RATE, -0.05, 0.05).toArray()))
                .isEmpty();
        double[] high = new double[(int) RATE];
        for (int i = 0; i < high.length; i++) {
            high[i] = 0.3 * Math.sin(2 * Math.PI * 523.25 * i / RATE);
        }
        assertThat(tuner.hear(high)).isEmpty();
    }
}
