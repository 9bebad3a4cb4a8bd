package org.kestan.devices.sound;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.strings.Note;

/** Shows continuously which open string sounds, and how far off it is. Not thread-safe. */
public final class Tuner {

    /** How much sound is analyzed at a time, seconds: sixteen periods of a low E. */
    private static final double WINDOW = 0.2;

    private static final double LOWEST = 28;
    private static final double HIGHEST = 700;

    /** Anything quieter than this share of full scale is the room. */
    private static final double SILENCE = 2e-3;

    /** A note farther off than this, in cents, is not one of the strings. */
    private static final double FAR = 260;

    private final List<String> strings;
    private final double rate;
    private double[] buffer = new double[0];

    /**
     * The string that sounds.
     *
     * @param string which, 1 the highest
     * @param note its note
     * @param cents how far it lies above that
     */
    public record Tuned(int string, String note, double cents) {}

    /**
     * @param strings the open notes, the lowest string first
     * @param rate samples a second of what will be heard
     */
    public Tuner(List<String> strings, double rate) {
        this.strings = List.copyOf(strings);
        this.rate = rate;
    }

    /**
     * Listens to a little more sound.
     *
     * @return the note that sounds now; empty in silence, and if it is none of the strings
     */
    public Optional<Tuned> hear(double[] samples) {
        int most = (int) (WINDOW * rate);
        double[] next = Arrays.copyOf(buffer, buffer.length + samples.length);
        System.arraycopy(samples, 0, next, buffer.length, samples.length);
        buffer = next.length > most ? Arrays.copyOfRange(next, next.length - most, next.length) : next;
        if (buffer.length < most || level() < SILENCE) {
            return Optional.empty();
        }
        OptionalDouble sounds = PitchPeriod.of(buffer, 0, buffer.length, rate, LOWEST, HIGHEST);
        return sounds.isPresent() ? nearest(sounds.getAsDouble()) : Optional.empty();
    }

    private double level() {
        double mean = Arrays.stream(buffer).average().orElse(0);
        return Math.sqrt(Arrays.stream(buffer)
                .map(sample -> (sample - mean) * (sample - mean))
                .average()
                .orElse(0));
    }

    private Optional<Tuned> nearest(double frequency) {
        Tuned found = null;
        for (int i = 0; i < strings.size(); i++) {
            double cents = Note.cents(frequency, Note.frequency(strings.get(i)).orElse(frequency));
            if (Math.abs(cents) < FAR && (found == null || Math.abs(cents) < Math.abs(found.cents()))) {
                found = new Tuned(strings.size() - i, strings.get(i), cents);
            }
        }
        return Optional.ofNullable(found);
    }
}
