package org.kestan.ledger.sqlite;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;
import org.kestan.ledger.sql.JobSearch;

/**
 * Finds jobs by words, or parts of words, with the trigram index (SQLite documentation, FTS5, "The Trigram Tokenizer"
 * and "The fts5vocab Virtual Table Module"). If few jobs have the terms, those are read; if many do, jobs are read in
 * the requested order until there are enough.
 */
final class SqliteSearch implements JobSearch {

    /** Up to this number, jobs count as few. */
    private static final int FEW = 4000;

    /**
     * This many trigrams of a word, spread over its length, narrow it down enough; more cost more than they exclude.
     */
    private static final int MOST_TERMS = 3;

    /** A short word with more terms starting with it than this excludes too few jobs to be worth the time. */
    private static final int MOST_BEGINNINGS = 64;

    /** Neither does one whose terms occur this often. */
    private static final int MOST_MET = 40_000;

    /** The number of letters in a term of the index. */
    private static final int THREE = 3;

    private static final String HAVING_TERMS = "SELECT rowid AS few FROM job_search WHERE job_search MATCH ?";

    SqliteSearch() {}

    /** Prepares a connection. */
    static void prepare(Handle ledger) {
        ledger.execute("CREATE VIRTUAL TABLE temp.job_terms USING fts5vocab('main', 'job_search', 'row')");
    }

    @Override
    public Finding finding(Handle ledger, Query query, int most) {
        // The longest first, since it usually has the fewest jobs.
        List<String> words = query.terms().stream()
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
        List<Object> values = new ArrayList<>();
        StringBuilder sql = new StringBuilder("SELECT n FROM ");
        Optional<String> few = terms(ledger, words).filter(terms -> areFew(ledger, terms));
        if (few.isPresent()) {
            // Those few are read first (SQLite documentation, "Manual Control Of Query Plans Using CROSS JOIN").
            sql.append("(" + HAVING_TERMS + ") CROSS JOIN jobs ON n = few WHERE ");
            values.add(few.get());
        } else {
            sql.append("jobs WHERE ");
        }
        if (query.shelf() == JobLocation.BIN) {
            sql.append("deleted_at IS NOT NULL");
        } else {
            sql.append("deleted_at IS NULL AND archived = ?");
            values.add(query.shelf() == JobLocation.AWAY ? 1 : 0);
        }
        query.station().ifPresent(station -> {
            sql.append(" AND station = ?");
            values.add(station.key());
        });
        // A text is looked up by its number in the table where the index stores its texts (SQLite documentation, FTS5,
        // "The Content Table"); through the index each look-up would cost many times as much.
        words.forEach(word -> {
            sql.append(" AND (SELECT c0 FROM job_search_content WHERE id = n) GLOB ?");
            values.add(pattern(word));
        });
        return new Finding(sql + " ORDER BY " + JobSearch.order(query.order()) + " LIMIT " + most, values);
    }

    private static boolean areFew(Handle ledger, String terms) {
        return ledger.createQuery("SELECT count(*) FROM (" + HAVING_TERMS + " LIMIT " + (FEW + 1) + ")")
                        .bind(0, terms)
                        .mapTo(Integer.class)
                        .one()
                <= FEW;
    }

    /**
     * Which terms of the index a job with all the words has; whether it has the words themselves is checked afterward.
     */
    private static Optional<String> terms(Handle ledger, List<String> words) {
        return words.stream()
                // A single letter is in so many jobs that the first of them are found quickly.
                .filter(word -> word.codePointCount(0, word.length()) > 1)
                .flatMap(word -> (hasTerms(word) ? Optional.of(ofLong(word)) : ofShort(ledger, word)).stream())
                .reduce((one, other) -> one + " AND " + other);
    }

    private static boolean hasTerms(String word) {
        return word.codePointCount(0, word.length()) >= THREE;
    }

    /** Some of the trigrams of a word, including the first and the last, in quotation marks. */
    private static String ofLong(String word) {
        int[] letters = word.codePoints().toArray();
        int last = letters.length - THREE;
        return IntStream.range(0, MOST_TERMS)
                .map(i -> last * i / (MOST_TERMS - 1))
                .distinct()
                .mapToObj(at -> quoted(new String(letters, at, THREE)))
                .collect(Collectors.joining(" AND "));
    }

    /** The terms that start with a word, as alternatives; empty if there are too many. */
    private static Optional<String> ofShort(Handle ledger, String word) {
        // Each text ends with two blanks, so that every letter starts a term.
        record Beginning(String term, int jobs) {}
        List<Beginning> all = ledger.createQuery(
                        "SELECT term, doc FROM temp.job_terms WHERE term >= ? AND term < ? LIMIT "
                                + (MOST_BEGINNINGS + 1))
                .bind(0, word)
                .bind(1, word + Character.toString(Character.MAX_CODE_POINT))
                .map((row, context) -> new Beginning(row.getString(1), row.getInt(2)))
                .list();
        if (all.size() > MOST_BEGINNINGS
                || all.stream().mapToInt(Beginning::jobs).sum() > MOST_MET) {
            return Optional.empty();
        }
        // If no term starts with it, no job has it, and none matches.
        return Optional.of(
                all.isEmpty()
                        ? quoted((word + "  ")
                                .substring(0, word.length() + THREE - word.codePointCount(0, word.length())))
                        : all.stream().map(each -> quoted(each.term())).collect(Collectors.joining(" OR ", "(", ")")));
    }

    private static String quoted(String term) {
        return "\"" + term.replace("\"", "\"\"") + "\"";
    }

    private static String pattern(String word) {
        return "*" + word.replaceAll("[*?\\[]", "[$0]") + "*";
    }

    @Override
    public int put(Handle ledger, String id, String text) {
        String ended = text + "  ";
        int same = ledger.createQuery("SELECT count(*) FROM job_search_content WHERE c0 = ?"
                        + " AND id = (SELECT n FROM jobs WHERE id = ?)")
                .bind(0, ended)
                .bind(1, id)
                .mapTo(Integer.class)
                .one();
        if (same == 1) {
            return 0;
        }
        remove(ledger, id);
        return ledger.execute("INSERT INTO job_search (rowid, search) SELECT n, ? FROM jobs WHERE id = ?", ended, id);
    }

    @Override
    public void remove(Handle ledger, String id) {
        ledger.execute("DELETE FROM job_search WHERE rowid = (SELECT n FROM jobs WHERE id = ?)", id);
    }
}
