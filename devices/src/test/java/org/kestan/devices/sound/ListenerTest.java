package org.kestan.devices.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.kestan.devices.standin.PlayedString;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ListenerTest {

    private static final double RATE = 44_100;

    private static List<HeardNote> heard(PlayedString string, long seed) {
        return Listener.listen(new Recording(RATE, string.play(RATE, 2, new Random(seed))), Optional.empty());
    }

    private static PlayedString clean(double first) {
        return new PlayedString(first, 5e-5, 1.2, 0.15, 1e-4, 30, 36, 26, new double[] {first < 150 ? 196 : 110}, 0);
    }

    /** The equal-tempered scale on A4 = 440 Hz (ISO 16:1975), frequencies as handbooks print them. */
    @DataProvider
    static Object[][] scale() {
        return new Object[][] {
            {"E2", 82.407}, {"F#2", 92.499}, {"A2", 110.000}, {"C3", 130.813}, {"D3", 146.832}, {"G3", 195.998},
            {"B3", 246.942}, {"C#4", 277.183}, {"E4", 329.628}, {"G4", 391.995}, {"A4", 440.000}, {"D5", 587.330},
            {"E5", 659.255}, {"G5", 783.991},
        };
    }

    @Test(dataProvider = "scale")
    public void theScaleIsHeard(String name, double frequency) {
        HeardNote note = heard(clean(frequency), 3).get(0);
        assertThat(note.note()).isEqualTo(name);
        assertThat(note.cents()).isCloseTo(0, within(0.6));
        assertThat(note.buzz()).isLessThan(0.5);
        assertThat(note.at()).isCloseTo(0.25, within(0.03));
    }

    /**
     * Two dozen plucked strings: within a cent in 95 of 100, never an octave off, rattles told from clean notes,
     * half-widths that hold.
     */
    @Test
    public void playedStringsAreHeardToACent() {
        int right = 0;
        int held = 0;
        int told = 0;
        int wrong = 0;
        int count = 24;
        for (int i = 0; i < count; i++) {
            Random random = new Random(4_000_037L * (i + 1));
            boolean rattles = i % 2 == 1;
            PlayedString string = PlayedString.drawn(random, rattles);
            List<HeardNote> notes = heard(string, i);
            assertThat(notes).as("string " + i).hasSize(1);
            double cents = 1200 * Math.log(notes.get(0).frequency() / string.first()) / Math.log(2);
            assertThat(Math.abs(cents)).as("string " + i).isLessThan(300);
            right += Math.abs(cents) <= 1 ? 1 : 0;
            held += Math.abs(cents) <= notes.get(0).halfWidth() ? 1 : 0;
            told += rattles && notes.get(0).buzz() > 0.5 ? 1 : 0;
            wrong += !rattles && notes.get(0).buzz() > 0.5 ? 1 : 0;
        }
        assertThat(right).isGreaterThanOrEqualTo(23);
        assertThat(held).isGreaterThanOrEqualTo(22);
        assertThat(told).isGreaterThanOrEqualTo(11);
        assertThat(wrong).isLessThanOrEqualTo(1);
    }

    /** The inharmonicity that was put in is recovered. */
    @Test
    public void stiffnessIsHeard() {
        for (double stiff : new double[] {2e-5, 8e-5, 3e-4}) {
            PlayedString string = new PlayedString(110, stiff, 1.5, 0.13, 0, 40, 50, 40, new double[] {185}, 0);
            assertThat(heard(string, 5).get(0).inharmonicity()).isCloseTo(stiff, within(0.1 * stiff + 2e-6));
        }
    }

    /** Two notes one after the other are two; cents are counted from the expected one. */
    @Test
    public void notesAreToldApart() {
        double[] one = clean(110).play(RATE, 1.5, new Random(1));
        double[] other = clean(146.832).play(RATE, 1.5, new Random(2));
        double[] both = new double[one.length + other.length];
        System.arraycopy(one, 0, both, 0, one.length);
        System.arraycopy(other, 0, both, one.length, other.length);
        List<HeardNote> notes = Listener.listen(new Recording(RATE, both), Optional.empty());
        assertThat(notes).extracting(HeardNote::note).containsExactly("A2", "D3");
        double flat = 82.407 * Math.pow(2, -1.0 / 12);
        HeardNote low = Listener.listen(
                        new Recording(RATE, clean(flat).play(RATE, 2, new Random(3))), Optional.of("E2"))
                .get(0);
        assertThat(low.note()).isEqualTo("E2");
        assertThat(low.cents()).isCloseTo(-100, within(0.6));
    }

    @Test
    public void silenceNoiseAndNothingAreNoNotes() {
        assertThat(Listener.listen(new Recording(RATE, new double[0]), Optional.empty()))
                .isEmpty();
        assertThat(Listener.listen(new Recording(RATE, new double[50_000]), Optional.of("E2")))
                .isEmpty();
        Random random = new Random(9);
        double[] noise = random.doubles(80_000, -0.3, 0.3).toArray();
        assertThat(Listener.listen(new Recording(RATE, noise), Optional.empty()))
                .isEmpty();
    }

    /**
     * Two strings are heard without touching the keyboard: each in turn, a wrong one skipped; down by a half step, and
     * sharp at fret 12.
     */
    @Test
    public void anInstrumentIsHeardStringByString() {
        GuidedListening guide = new GuidedListening(List.of("E2", "A2"), RATE);
        double down = Math.pow(2, -1.0 / 12);
        double sharp = Math.pow(2, 9.0 / 1200);
        double[] played = {
            82.407 * down, 220, 164.814 * down, 164.814 * down * sharp, 110 * down, 220 * down, 220 * down * sharp
        };
        Random random = new Random(2);
        int heard = 0;
        for (double frequency : played) {
            PlayedString string = new PlayedString(frequency, 3e-5, 1.2, 0.15, 0, 34, 40, 30, new double[] {146.8}, 0);
            double[] sound = string.play(RATE, 1.9, random);
            for (int from = 0; from < sound.length; from += 4410) {
                double[] part = java.util.Arrays.copyOfRange(sound, from, Math.min(sound.length, from + 4410));
                heard += guide.hear(part).isPresent() ? 1 : 0;
            }
        }
        assertThat(heard).isEqualTo(6);
        assertThat(guide.waitsFor()).isEmpty();
        assertThat(guide.open(2).orElseThrow()).isCloseTo(-100, within(1.0));
        assertThat(guide.atTwelve(2).orElseThrow()).isCloseTo(9, within(0.6));
        assertThat(guide.atTwelve(1).orElseThrow()).isCloseTo(9, within(0.6));
        assertThat(guide.halfStepsDown().orElseThrow()).isEqualTo(1);
        guide.back();
        assertThat(guide.atTwelve(1)).isEmpty();
        guide.skip();
        assertThat(guide.waitsFor()).isEmpty();
    }
}
