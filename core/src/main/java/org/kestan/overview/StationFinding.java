package org.kestan.overview;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Count;
import org.kestan.base.finding.Quantity.Moment;

/** What a station is waiting for, or that it has what it needs. */
public enum StationFinding implements Finding.Kind {
    NOTHING_ENTERED,
    SAY_FORM_AND_JOINT,
    ASK_COMPLAINT,
    TAKEN_IN,
    NOTHING_READ,
    VALUES_NEEDED(Count.class),
    QUESTIONS(Count.class),
    SHEET_COMPLETE,
    WAITS_FOR_SHEET,
    NOTHING_STOPS,
    STOPS(Count.class),
    NOTHING_STOPS_BUT_UNKNOWN(Count.class),
    STOPS_AND_UNKNOWN(Count.class, Count.class),
    SAY_THE_ACTION,
    WORKED_OUT,
    NO_WAY_TAKEN,
    BENCH_NOT_BEGUN,
    STEPS_DONE(Count.class),
    BENCH_WAITS(Moment.class),
    BENCH_DONE,
    WAITS_FOR_BENCH,
    MEASURE_AGAIN,
    MISSES(Count.class),
    SIGN_OFF,
    SIGNED_OFF;

    private final List<Class<?>> takes;

    StationFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }

    /** Writes a finding of one of these kinds as a key with its counts and moments, for storage. */
    public static String write(Finding finding) {
        StringBuilder text = new StringBuilder(((StationFinding) finding.kind()).name());
        finding.quantities()
                .forEach(each -> text.append(' ')
                        .append(
                                each instanceof Moment moment
                                        ? "@" + moment.at().getEpochSecond()
                                        : Integer.toString(((Count) each).number())));
        return text.toString();
    }

    /** Reads what {@link #write} wrote; empty for anything else. */
    public static Optional<Finding> read(String text) {
        String[] words = text.split(" ");
        return Stream.of(values())
                .filter(each -> each.name().equals(words[0]))
                .filter(each -> each.takes.size() == words.length - 1)
                .filter(each -> IntStream.range(1, words.length)
                        .allMatch(i ->
                                words[i].matches(each.takes.get(i - 1) == Moment.class ? "@\\d{1,11}" : "\\d{1,9}")))
                .findFirst()
                .map(each -> each.of(Stream.of(words)
                        .skip(1)
                        .<Quantity>map(word -> word.startsWith("@")
                                ? new Moment(Instant.ofEpochSecond(Long.parseLong(word.substring(1))))
                                : Quantity.count(Integer.parseInt(word)))
                        .toArray(Quantity[]::new)));
    }
}
