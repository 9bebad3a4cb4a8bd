package org.kestan.ledger;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.overview.Station;

/**
 * The jobs requested, and their order.
 *
 * @param words what is searched for; every word has to be found somewhere in the job
 * @param station the station they are at, empty for any
 * @param shelf where they lie
 * @param order how they are sorted
 */
public record Query(String words, Optional<Station> station, JobLocation shelf, Order order) {

    /** All current jobs, the last changed first. */
    public static final Query ALL = new Query("", Optional.empty(), JobLocation.BENCH, Order.CHANGED);

    /** The sort orders. */
    public enum Order implements Keyed {
        CHANGED,
        CREATED,
        NAME,
        OWNER,
        WAITING,
        DUE;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Returns the words, in lower case, that all have to occur in a job's search text, if only as parts of words. */
    public List<String> terms() {
        return Stream.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
