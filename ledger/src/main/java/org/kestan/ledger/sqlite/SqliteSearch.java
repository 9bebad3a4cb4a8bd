package org.kestan.ledger.sqlite;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;

/**
 * Finds jobs by words, or parts of words, by the index of threes (SQLite documentation, FTS5, "The Trigram Tokenizer" and "The
 * fts5vocab Virtual Table Module"). Where few jobs have the words, those are looked at; where many have them, jobs are looked at
 * in the order they are asked for until there are enough.
 */
final class SqliteSearch {

    /** No more jobs than these are few. */
    private static final int FEW = 8000;

    /** No more than these are so few that no other word is looked up. */
    private static final int RARE = 500;

    /** So many terms of a long word narrow it down enough. */
    private static final int MOST_TERMS = 12;

    /** The letters of a term of the index. */
    private static final int THREE = 3;

    private SqliteSearch() {}

    /** Makes what a connection needs for it. */
    static void prepare(Handle ledger) {
        ledger.execute("CREATE VIRTUAL TABLE temp.job_terms USING fts5vocab('main', 'job_search', 'instance')");
    }

    static String order(Query.Order order) {
        return switch (order) {
            case CHANGED -> "changed_at DESC, id";
            case CREATED -> "created_at DESC, id";
            case NAME -> "lower(name), id";
            case OWNER -> "lower(owner), lower(name), id";
            case WAITING -> "station, waits_for, changed_at DESC, id";
            case DUE -> "CASE WHEN due = '' THEN 1 ELSE 0 END, due, changed_at DESC, id";
        };
    }

    /** Asks something of the jobs that are like those asked for. */
    static org.jdbi.v3.core.statement.Query matching(Handle ledger, String select, Query query, String rest) {
        // The longest first: few jobs have it, mostly.
        List<String> words = query.terms().stream()
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
        List<Integer> few = words.isEmpty() ? List.of() : few(ledger, words);
        var statement = ledger.createQuery(select
                + " FROM jobs WHERE "
                + (query.shelf() == JobLocation.BIN ? "deleted_at IS NOT NULL" : "deleted_at IS NULL AND archived = ?")
                + (query.station().isPresent() ? " AND station = ?" : "")
                + (words.isEmpty() ? "" : having(few, words.size()))
                + rest);
        int next = 0;
        if (query.shelf() != JobLocation.BIN) {
            statement.bind(next++, query.shelf() == JobLocation.AWAY ? 1 : 0);
        }
        if (query.station().isPresent()) {
            statement.bind(next++, query.station().get().key());
        }
        for (String word : words) {
            statement.bind(next++, pattern(word));
        }
        return statement;
    }

    private static String having(List<Integer> few, int words) {
        // A text is looked up by its number, in the table in which the index keeps its texts (SQLite documentation,
        // FTS5, "The
        // Content Table"): asked by way of the index each look would cost many times as much.
        String all = " AND (SELECT c0 FROM job_search_content WHERE id = n) GLOB ?".repeat(words);
        return few.size() > FEW
                ? all
                : " AND n IN (" + few.stream().map(String::valueOf).collect(Collectors.joining(",")) + ")" + all;
    }

    /** The numbers of the jobs that may have one of the words, if few may; more than few where many may have each of them. */
    private static List<Integer> few(Handle ledger, List<String> words) {
        List<Integer> found = List.of();
        // A rare word is found at once; only where none is are longer lists worth their time.
        for (int most : new int[] {RARE, FEW}) {
            for (String word : words) {
                found = numbers(ledger, word, most);
                if (found.size() <= most) {
                    return found;
                }
            }
        }
        return found;
    }

    /** The numbers of the jobs that may have a word, one more than so many at most; whether they have it is looked up after. */
    private static List<Integer> numbers(Handle ledger, String word, int most) {
        if (word.codePointCount(0, word.length()) >= THREE) {
            return ledger.createQuery("SELECT rowid FROM job_search WHERE job_search MATCH ? LIMIT " + (most + 1))
                    .bind(0, threes(word))
                    .mapTo(Integer.class)
                    .list();
        }
        // Each text ends with two blanks, so that every letter of it begins a term.
        return ledger.createQuery(
                        "SELECT DISTINCT doc FROM temp.job_terms WHERE term >= ? AND term < ? LIMIT " + (most + 1))
                .bind(0, word)
                .bind(1, word + Character.toString(Character.MAX_CODE_POINT))
                .mapTo(Integer.class)
                .list();
    }

    /** All threes of a word, in quotation marks. */
    private static String threes(String word) {
        int[] letters = word.codePoints().toArray();
        return IntStream.rangeClosed(0, Math.min(letters.length - THREE, MOST_TERMS))
                .mapToObj(at -> "\"" + new String(letters, at, THREE).replace("\"", "\"\"") + "\"")
                .collect(Collectors.joining(" AND "));
    }

    private static String pattern(String word) {
        return "*" + word.replaceAll("[*?\\[]", "[$0]") + "*";
    }

    /** Has a job found by a text from now on, and no longer by the one before. */
    static int put(Handle ledger, String id, String text) {
        String ended = text + "  ";
        int same = ledger.createQuery("SELECT count(*) FROM job_search WHERE search = ?"
                        + " AND rowid = (SELECT n FROM jobs WHERE id = ?)")
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

    /** Has a job found by nothing. */
    static void remove(Handle ledger, String id) {
        ledger.execute("DELETE FROM job_search WHERE rowid = (SELECT n FROM jobs WHERE id = ?)", id);
    }
}
