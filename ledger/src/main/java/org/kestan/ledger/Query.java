package org.kestan.ledger;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Which jobs are asked for, and in which order.
 *
 * @param words what is searched for; every word has to be found somewhere in the job
 * @param station title of the station they are at, empty for any
 * @param archived whether those put away are asked for, or those that are not
 * @param order how they are sorted
 */
public record Query(String words, Optional<String> station, boolean archived, Order order) {

    /** All jobs that are not put away, the last changed first. */
    public static final Query ALL = new Query("", Optional.empty(), false, Order.CHANGED);

    /** How jobs are sorted. */
    public enum Order {
        CHANGED("Last changed", "changed_at DESC, id"),
        CREATED("Newest", "created_at DESC, id"),
        NAME("Name", "lower(name), id"),
        OWNER("Owner", "lower(owner), lower(name), id"),
        WAITING("Station", "station, waits_for, changed_at DESC, id");

        private final String label;
        private final String sql;

        Order(String label, String sql) {
            this.label = label;
            this.sql = sql;
        }

        /** Returns the word shown for it. */
        public String label() {
            return label;
        }

        String sql() {
            return sql;
        }
    }

    /** Returns the patterns that all have to be found in a job's search text. */
    List<String> patterns() {
        return Stream.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .map(word -> "%" + word.replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%")
                .toList();
    }
}
