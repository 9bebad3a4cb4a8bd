package org.kestan.devices.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.strings.Note;

/**
 * Finds the notes in a recording: when each was struck, at what pitch, how stiff its string is, and whether something
 * rattles.
 */
public final class Listener {

    private static final double HOP = 0.01;
    private static final double FRAME = 0.02;

    /** A note starts where the sound gets louder by this, dB. */
    private static final double RISE = 8;

    /** How far a note has to stand out of the room's noise, dB. */
    private static final double ABOVE_ROOM = 8;

    /** Below this there is only silence, dB under the limit. */
    private static final double SILENCE = -66;

    private static final double ATTACK = 0.06;
    private static final double SHORTEST = 0.22;
    private static final double LONGEST = 1.6;
    private static final double LOWEST = 28;
    private static final double HIGHEST = 1500;

    /** How many half steps a string may be off from what is expected. */
    private static final double EXPECTED_WITHIN = 7;

    private static final double NINETY_FIVE = 1.96;
    private static final double LEAST_HALF_WIDTH = 0.15;

    /** How far beats of the two directions of vibration move a pitch, cents: from trials with synthesized strings. */
    private static final double BEATS = 0.12;

    private Listener() {}

    /**
     * Finds all notes.
     *
     * @param expected the note that is played; the nearest is named where none is expected
     */
    public static List<HeardNote> listen(Recording recording, Optional<String> expected) {
        double[] samples = withoutSlowDrift(recording);
        double[] levels = levels(samples, recording.rate());
        List<HeardNote> notes = new ArrayList<>();
        List<Integer> starts = starts(levels);
        for (int i = 0; i < starts.size(); i++) {
            int from = starts.get(i);
            int to = i + 1 < starts.size() ? starts.get(i + 1) : levels.length;
            note(recording, samples, levels, from, to, expected).ifPresent(notes::add);
        }
        return notes;
    }

    /** When something was struck, seconds: judged by loudness alone. */
    static List<Double> struck(double[] samples, double rate) {
        return starts(levels(samples, rate)).stream()
                .map(frame -> frame * HOP + FRAME / 2)
                .toList();
    }

    /** Nothing below 20 Hz is audible; a first-order filter removes it. */
    private static double[] withoutSlowDrift(Recording recording) {
        double keep = Math.exp(-2 * Math.PI * 20 / recording.rate());
        double[] out = new double[recording.samples().length];
        double last = 0;
        for (int i = 1; i < out.length; i++) {
            last = keep * (last + recording.samples()[i] - recording.samples()[i - 1]);
            out[i] = last;
        }
        return out;
    }

    private static double[] levels(double[] samples, double rate) {
        int hop = (int) Math.max(1, Math.round(HOP * rate));
        int frame = (int) Math.max(1, Math.round(FRAME * rate));
        double[] levels = new double[Math.max(0, (samples.length - frame) / hop + 1)];
        for (int i = 0; i < levels.length; i++) {
            double sum = 0;
            for (int j = 0; j < frame; j++) {
                double value = samples[i * hop + j];
                sum += value * value;
            }
            levels[i] = 10 * Math.log10(sum / frame + 1e-12);
        }
        return levels;
    }

    /** Frames in which the sound gets louder than it was, and than the room. */
    private static List<Integer> starts(double[] levels) {
        List<Integer> starts = new ArrayList<>();
        if (levels.length == 0) {
            return starts;
        }
        double[] sorted = levels.clone();
        Arrays.sort(sorted);
        double loudest = sorted[sorted.length - 1];
        double room = Math.max(SILENCE, Math.min(sorted[sorted.length / 12], loudest - 3 * ABOVE_ROOM));
        if (loudest < SILENCE + ABOVE_ROOM) {
            return starts;
        }
        int last = -100;
        for (int i = 0; i < levels.length; i++) {
            double before = i == 0 ? room : levels[Math.max(0, i - 1)];
            for (int j = Math.max(0, i - 8); j < i; j++) {
                before = Math.min(before, levels[j]);
            }
            boolean rises = levels[i] - before > RISE && levels[i] > room + ABOVE_ROOM && levels[i] > loudest - 34;
            if (rises && i - last > SHORTEST / HOP) {
                starts.add(i);
                last = i;
            }
        }
        return starts;
    }

    private static Optional<HeardNote> note(
            Recording recording, double[] samples, double[] levels, int from, int to, Optional<String> expected) {
        double rate = recording.rate();
        int end = from + 1;
        double loudest = levels[from];
        while (end < to && levels[end] > loudest - 32) {
            loudest = Math.max(loudest, levels[end]);
            end++;
        }
        int begin = (int) Math.round((from * HOP + FRAME / 2 + ATTACK) * rate);
        int limit = (int) Math.min(samples.length, Math.round((end * HOP - 0.005) * rate));
        int stop = (int) Math.min(limit, begin + LONGEST * rate);
        if (stop - begin < SHORTEST * rate) {
            return Optional.empty();
        }
        OptionalDouble wanted = expected.map(Note::frequency).orElse(OptionalDouble.empty());
        double lowest = wanted.isPresent() ? wanted.getAsDouble() * Math.pow(2, -EXPECTED_WITHIN / 12) : LOWEST;
        double highest = wanted.isPresent() ? wanted.getAsDouble() * Math.pow(2, EXPECTED_WITHIN / 12) : HIGHEST;
        int part = (int) Math.min(stop, begin + Math.max(0.25, 8 / lowest) * rate);
        OptionalDouble about = PitchPeriod.of(samples, begin, part, rate, lowest, Math.min(highest, 0.2 * rate));
        if (about.isEmpty()) {
            return Optional.empty();
        }
        return Partials.of(samples, begin, stop, rate, about.getAsDouble()).map(partials -> {
            double first = partials.first();
            String name = expected.orElseGet(() -> Note.nearest(first));
            double cents = Note.cents(first, Note.frequency(name).orElse(first));
            double halfWidth = Math.max(
                    LEAST_HALF_WIDTH, NINETY_FIVE * Math.hypot(BEATS, 1200 / Math.log(2) * partials.deviation()));
            double at = from * HOP + FRAME / 2;
            return new HeardNote(
                    at,
                    first,
                    name,
                    cents,
                    halfWidth,
                    partials.inharmonicity(),
                    Rattle.likely(samples, rate, begin, limit, (int) Math.max(0, (at - 0.02) * rate), partials));
        });
    }
}
