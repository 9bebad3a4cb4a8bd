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
 * Finds jobs by words, or parts of words, by the index of threes (SQLite documentation, FTS5, "The Trigram Tokenizer" and "The
 * fts5vocab Virtual Table Module"). Where few jobs have their terms, those are looked at; where many have them, jobs are looked at
 * in the order they are asked for until there are enough.
 */
final class SqliteSearch implements JobSearch {

    /** No more jobs than these are few. */
    private static final int FEW = 4000;

    /** So many terms of a word, from end to end of it, narrow it down enough: more cost more than they leave out. */
    private static final int MOST_TERMS = 3;

    /** A short word with more terms than these that begin with it leaves too few jobs out to be worth its time. */
    private static final int MOST_BEGINNINGS = 64;

    /** Nor does one whose terms are met so often. */
    private static final int MOST_MET = 40_000;

    /** The letters of a term of the index. */
    private static final int THREE = 3;

    private static final String HAVING_TERMS = "SELECT rowid AS few FROM job_search WHERE job_search MATCH ?";

    SqliteSearch() {}

    /** Makes what a connection needs for it. */
    static void prepare(Handle ledger) {
        ledger.execute("CREATE VIRTUAL TABLE temp.job_terms USING fts5vocab('main', 'job_search', 'row')");
    }

    @Override
    public Finding finding(Handle ledger, Query query, int most) {
        // The longest first: few jobs have it, mostly.
        List<String> words = query.terms().stream()
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
        List<Object> values = new ArrayList<>();
        StringBuilder sql = new StringBuilder("SELECT n FROM ");
        Optional<String> few = terms(ledger, words).filter(terms -> areFew(ledger, terms));
        if (few.isPresent()) {
            // Those few are looked at first (SQLite documentation, "Manual Control Of Query Plans Using CROSS JOIN").
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
        // A text is looked up by its number, in the table in which the index keeps its texts (SQLite documentation,
        // FTS5,
        // "The Content Table"): asked by way of the index each look would cost many times as much.
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

    /** Which terms of the index a job has that has all the words; whether it has the words themselves is looked up after. */
    private static Optional<String> terms(Handle ledger, List<String> words) {
        return words.stream()
                // A letter alone is in so many jobs that the first of them are soon found.
                .filter(word -> word.codePointCount(0, word.length()) > 1)
                .flatMap(word -> (hasTerms(word) ? Optional.of(ofLong(word)) : ofShort(ledger, word)).stream())
                .reduce((one, other) -> one + " AND " + other);
    }

    private static boolean hasTerms(String word) {
        return word.codePointCount(0, word.length()) >= THREE;
    }

    /** Some of the threes of a word, the first and the last among them, in quotation marks. */
    private static String ofLong(String word) {
        int[] letters = word.codePoints().toArray();
        int last = letters.length - THREE;
        return IntStream.range(0, MOST_TERMS)
                .map(i -> last * i / (MOST_TERMS - 1))
                .distinct()
                .mapToObj(at -> quoted(new String(letters, at, THREE)))
                .collect(Collectors.joining(" AND "));
    }

    /** One of the terms that begin with a word; empty where there are too many of them. */
    private static Optional<String> ofShort(Handle ledger, String word) {
        // Each text ends with two blanks, so that every letter of it begins a term.
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
        // Where none begins with it, no job has it, nor this.
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
