package org.kestan.devices.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.sheet.Line;
import org.kestan.base.strings.Note;
import org.kestan.job.source.Made;
import org.kestan.job.source.Provenance;
import org.kestan.job.source.ReadingSource;
import org.kestan.job.source.SourcedReading;
import org.kestan.job.terms.Lines;

/**
 * Listens to an instrument string by string: open, its octave over fret 12, pressed at fret 12. Hands stay on the
 * instrument: a steady note not far from the expected one is accepted, and the next one is expected.
 */
public final class GuidedListening implements ReadingSource {

    /** How much sound is kept for listening, seconds. */
    private static final double WINDOW = 3.2;

    /** How long a note is listened to after it was struck, seconds. */
    private static final double STEADY = 1.1;

    /** How much sound before it is included, seconds. */
    private static final double BEFORE = 0.25;

    /** A note farther off than this, in half steps, belongs to another string. */
    private static final double FAR = 2.6;

    /** How many half steps an open string may be tuned down. */
    private static final double TUNED_DOWN = 5.5;

    private final List<Asked> asked = new ArrayList<>();
    private final Map<Asked, HeardNote> taken = new LinkedHashMap<>();
    private final double rate;
    private double[] buffer = new double[0];
    private double begins;
    private double after = -1;
    private int at;

    /**
     * An expected note.
     *
     * @param string which, 1 the highest
     * @param at where it is played
     * @param note that sounds there at pitch
     */
    public record Asked(int string, PlayedAt at, String note) {}

    /**
     * @param open the open notes, the lowest string first
     * @param rate samples a second of what will be heard
     */
    public GuidedListening(List<String> open, double rate) {
        this.rate = rate;
        for (int i = 0; i < open.size(); i++) {
            for (PlayedAt place : List.of(PlayedAt.OPEN, PlayedAt.HARMONIC, PlayedAt.PRESSED)) {
                asked.add(new Asked(open.size() - i, place, place.note(open.get(i))));
            }
        }
    }

    /** All notes, in order. */
    public List<Asked> asked() {
        return List.copyOf(asked);
    }

    /** The expected note; empty once all were heard. */
    public Optional<Asked> waitsFor() {
        return at < asked.size() ? Optional.of(asked.get(at)) : Optional.empty();
    }

    /** The notes heard so far. */
    public Map<Asked, HeardNote> taken() {
        return Map.copyOf(taken);
    }

    /** Skips the expected note. */
    public void skip() {
        at = Math.min(asked.size(), at + 1);
    }

    /** Expects the previous note once more. */
    public void back() {
        at = Math.max(0, at - 1);
        if (at < asked.size()) {
            taken.remove(asked.get(at));
        }
    }

    /**
     * Listens to a little more sound.
     *
     * @return a note that was taken just now
     */
    public Optional<HeardNote> hear(double[] samples) {
        double[] next = Arrays.copyOf(buffer, buffer.length + samples.length);
        System.arraycopy(samples, 0, next, buffer.length, samples.length);
        int most = (int) (WINDOW * rate);
        if (next.length > most) {
            begins += (next.length - most) / rate;
            next = Arrays.copyOfRange(next, next.length - most, next.length);
        }
        buffer = next;
        Optional<Asked> waited = waitsFor();
        if (waited.isEmpty()) {
            return Optional.empty();
        }
        for (double start : Listener.struck(buffer, rate)) {
            double struck = begins + start;
            // Each note is analyzed once, as soon as there is enough of it.
            if (struck > after && buffer.length / rate - start >= STEADY) {
                after = struck + 0.05;
                int from = (int) Math.max(0, (start - BEFORE) * rate);
                List<HeardNote> notes = Listener.listen(
                        new Recording(rate, Arrays.copyOfRange(buffer, from, buffer.length)), Optional.empty());
                Optional<HeardNote> note = notes.stream().findFirst().filter(each -> isNear(each, waited.get()));
                if (note.isPresent()) {
                    return Optional.of(take(waited.get(), note.get(), struck));
                }
            }
        }
        return Optional.empty();
    }

    private HeardNote take(Asked waited, HeardNote note, double struck) {
        double wanted = Note.frequency(waited.note()).orElse(note.frequency());
        HeardNote named = new HeardNote(
                struck,
                note.frequency(),
                waited.note(),
                Note.cents(note.frequency(), wanted),
                note.halfWidth(),
                note.inharmonicity(),
                note.buzz());
        taken.put(waited, named);
        at++;
        return named;
    }

    private boolean isNear(HeardNote note, Asked waited) {
        double wanted = Note.frequency(waited.note()).orElse(note.frequency());
        double halfSteps = Note.cents(note.frequency(), wanted) / 100;
        // Pressed and touched notes are relative to the string as it is tuned.
        OptionalDouble tuned = taken.entrySet().stream()
                .filter(each -> each.getKey().string() == waited.string()
                        && each.getKey().at() == PlayedAt.OPEN)
                .mapToDouble(each -> each.getValue().cents() / 100)
                .findFirst();
        return tuned.isPresent() && waited.at() != PlayedAt.OPEN
                ? Math.abs(halfSteps - tuned.getAsDouble()) < 1
                : halfSteps > -TUNED_DOWN && halfSteps < FAR;
    }

    /**
     * How far the pressed note is above the octave of a string, cents; negative if the string is too long. Empty until
     * both were heard.
     */
    public OptionalDouble atTwelve(int string) {
        OptionalDouble pressed = cents(string, PlayedAt.PRESSED);
        OptionalDouble touched = cents(string, PlayedAt.HARMONIC);
        return pressed.isPresent() && touched.isPresent()
                ? OptionalDouble.of(pressed.getAsDouble() - touched.getAsDouble())
                : OptionalDouble.empty();
    }

    /** How far an open string is above its note, cents; empty until it was heard. */
    public OptionalDouble open(int string) {
        return cents(string, PlayedAt.OPEN);
    }

    /** The cents at fret 12 of the outer strings. */
    @Override
    public List<SourcedReading<?>> readings() {
        int last = asked.stream().mapToInt(Asked::string).max().orElse(0);
        List<SourcedReading<?>> readings = new ArrayList<>();
        readings.addAll(atTwelve(Lines.CENTS_BASS, last));
        readings.addAll(atTwelve(Lines.CENTS_TREBLE, 1));
        return readings;
    }

    private List<SourcedReading<Double>> atTwelve(Line<Double> line, int string) {
        OptionalDouble cents = atTwelve(string);
        double halfWidth = Math.sqrt(taken.entrySet().stream()
                .filter(each ->
                        each.getKey().string() == string && each.getKey().at() != PlayedAt.OPEN)
                .mapToDouble(
                        each -> each.getValue().halfWidth() * each.getValue().halfWidth())
                .sum());
        return cents.isEmpty()
                ? List.of()
                : List.of(new SourcedReading<>(
                        line,
                        tenths(cents.getAsDouble()),
                        new Provenance(Made.SOUND, "", OptionalDouble.of(tenths(halfWidth)))));
    }

    private static double tenths(double cents) {
        return Math.round(cents * 10) / 10.0;
    }

    private OptionalDouble cents(int string, PlayedAt place) {
        return taken.entrySet().stream()
                .filter(each ->
                        each.getKey().string() == string && each.getKey().at() == place)
                .mapToDouble(each -> each.getValue().cents())
                .findFirst();
    }

    /**
     * How many half steps all open strings together are tuned down, to the nearest; empty until two that agree were
     * heard.
     */
    public OptionalDouble halfStepsDown() {
        double[] all = asked.stream()
                .filter(each -> each.at() == PlayedAt.OPEN && taken.containsKey(each))
                .mapToDouble(each -> -taken.get(each).cents() / 100)
                .sorted()
                .toArray();
        if (all.length < 2 || all[all.length - 1] - all[0] > 0.8) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Math.max(0, Math.round(all[all.length / 2])));
    }
}
