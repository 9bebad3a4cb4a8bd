package org.kestan.ledger.postgres;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;
import org.kestan.ledger.sql.JobSearch;

/**
 * Finds jobs by words, or parts of words, with the server's trigram index (PostgreSQL documentation, F.35, "pg_trgm"),
 * or with an index of single letters and pairs for shorter words. If few jobs have the words, those are read and
 * sorted; if many do, jobs are read in order of change until there are enough.
 */
final class PostgresSearch implements JobSearch {

    /** The number of rows the server expects (PostgreSQL documentation, 14.1.1, "EXPLAIN Basics"). */
    private static final Pattern ROWS = Pattern.compile("rows=(\\d+)");

    private static final String HAS_WORD = "search LIKE ?";
    private static final String HAS_WORD_WITHOUT_INDEX = "search || '' LIKE ?";
    private static final String HAS_LETTERS = "letters(search) @> ARRAY[?::text]";

    PostgresSearch() {}

    @Override
    public Finding finding(Handle ledger, Query query, int most) {
        List<String> words =
                query.terms().stream().map(PostgresSearch::storable).toList();
        Expected expected = Expected.of(ledger, words);
        return query.order() == Query.Order.CHANGED && expected.areMany(most)
                ? amongAll(query, words, most)
                : amongThoseWithWords(query, words, expected.rarest(), most);
    }

    /** Reads the jobs of a location in order of change. */
    private static Finding amongAll(Query query, List<String> words, int most) {
        Statement statement = new Statement("SELECT n FROM job_order AS placed JOIN jobs ON n = job_n WHERE shelf = ?");
        statement.values.add(
                switch (query.shelf()) {
                    case BENCH -> 0;
                    case AWAY -> 1;
                    case BIN -> 2;
                });
        statement.atStation(query);
        words.forEach(word -> statement.and(HAS_WORD, pattern(word)));
        return statement.sorted("placed.changed_at DESC, placed.id", most);
    }

    /** Reads the jobs whose words the indexes find. */
    private static Finding amongThoseWithWords(Query query, List<String> words, Optional<String> rarest, int most) {
        Statement statement = new Statement(
                "SELECT n FROM jobs WHERE deleted_at IS " + (query.shelf() == JobLocation.BIN ? "NOT NULL" : "NULL"));
        if (query.shelf() != JobLocation.BIN) {
            statement.and("archived = ?", query.shelf() == JobLocation.AWAY ? 1 : 0);
        }
        statement.atStation(query);
        // Letters are looked up only in their own index; beside the other one, each job's letters would be listed
        // anew.
        Optional<String> letters = rarest.filter(PostgresSearch::isShort);
        letters.ifPresent(word -> statement.and(HAS_LETTERS, word));
        words.stream()
                .filter(word -> !letters.equals(Optional.of(word)))
                .forEach(word -> statement.and(letters.isPresent() ? HAS_WORD_WITHOUT_INDEX : HAS_WORD, pattern(word)));
        return statement.sorted(JobSearch.order(query.order()), most);
    }

    private static final class Statement {

        private final StringBuilder sql;
        private final List<Object> values = new ArrayList<>();

        private Statement(String beginning) {
            sql = new StringBuilder(beginning);
        }

        private void and(String condition, Object value) {
            sql.append(" AND ").append(condition);
            values.add(value);
        }

        private void atStation(Query query) {
            query.station().ifPresent(station -> and("station = ?", station.key()));
        }

        private Finding sorted(String order, int most) {
            return new Finding(sql + " ORDER BY " + order + " LIMIT " + most, values);
        }
    }

    /**
     * How many jobs the server expects to have some words, by its statistics.
     *
     * @param all how many jobs there are
     * @param having how many have each word
     */
    private record Expected(double all, Map<String, Double> having) {

        static Expected of(Handle ledger, List<String> words) {
            Map<String, Double> having = new LinkedHashMap<>();
            for (String word : words) {
                having.put(
                        word,
                        ask(ledger, isShort(word) ? HAS_LETTERS : HAS_WORD, isShort(word) ? word : pattern(word)));
            }
            return new Expected(Math.max(1, ask(ledger, "n >= ?", 0)), having);
        }

        private static double ask(Handle ledger, String condition, Object value) {
            Matcher rows = ROWS.matcher(ledger.createQuery("EXPLAIN SELECT FROM jobs WHERE " + condition)
                    .bind(0, value)
                    .mapTo(String.class)
                    .first());
            return rows.find() ? Double.parseDouble(rows.group(1)) : 0;
        }

        Optional<String> rarest() {
            return having.entrySet().stream().min(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
        }

        /**
         * Returns whether so many jobs have all the words that fewer have to be read in order until there are enough
         * than there are with the words. Words occur together more often than by chance, so each further word counts
         * only with the square root of its share.
         */
        boolean areMany(int enough) {
            double share = 1;
            double weight = 1;
            for (double each : having.values().stream().sorted().toList()) {
                share *= Math.pow(Math.min(1, each / all), weight);
                weight /= 2;
            }
            return all * share > enough / share;
        }
    }

    private static String pattern(String word) {
        return "%" + word.replaceAll("[\\\\%_]", "\\\\$0") + "%";
    }

    private static boolean isShort(String word) {
        return !word.isEmpty() && word.codePointCount(0, word.length()) <= 2;
    }

    /** A server stores no text with a NUL in it. */
    static String storable(String text) {
        return text.replace("\0", "");
    }

    @Override
    public int put(Handle ledger, String id, String text) {
        String stored = storable(text);
        return ledger.execute("UPDATE jobs SET search = ? WHERE id = ? AND search <> ?", stored, id, stored);
    }

    /** A job's search texts are removed together with it. */
    @Override
    public void remove(Handle ledger, String id) {}
}
