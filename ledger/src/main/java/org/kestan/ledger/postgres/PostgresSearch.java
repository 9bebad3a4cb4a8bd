package org.kestan.ledger.postgres;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;
import org.kestan.ledger.sql.JobSearch;

/**
 * Finds jobs by words, or parts of words, by the server's index of threes (PostgreSQL documentation, F.35, "pg_trgm"); by an index of letters and
 * pairs of them where a word has no more.
 */
final class PostgresSearch implements JobSearch {

    PostgresSearch() {}

    @Override
    public org.jdbi.v3.core.statement.Query matching(Handle ledger, String select, Query query, String rest) {
        List<String> words = query.terms();
        var statement = ledger.createQuery(select
                + (words.isEmpty() ? " FROM jobs WHERE " : " FROM jobs JOIN job_words ON job_n = n WHERE ")
                + (query.shelf() == JobLocation.BIN ? "deleted_at IS NOT NULL" : "deleted_at IS NULL AND archived = ?")
                + (query.station().isPresent() ? " AND station = ?" : "")
                + words.stream()
                        .map(word -> isShort(word)
                                ? " AND search LIKE ? AND letters @> ARRAY[?::text]"
                                : " AND search LIKE ?")
                        .collect(Collectors.joining())
                + rest);
        int next = 0;
        if (query.shelf() != JobLocation.BIN) {
            statement.bind(next++, query.shelf() == JobLocation.AWAY ? 1 : 0);
        }
        if (query.station().isPresent()) {
            statement.bind(next++, query.station().get().key());
        }
        for (String word : words) {
            statement.bind(next++, "%" + storable(word).replaceAll("[\\\\%_]", "\\\\$0") + "%");
            if (isShort(word)) {
                statement.bind(next++, storable(word));
            }
        }
        return statement;
    }

    /** A server stores no text with a NUL in it. */
    static String storable(String text) {
        return text.replace("\0", "");
    }

    private static boolean isShort(String word) {
        String stored = storable(word);
        return !stored.isEmpty() && stored.codePointCount(0, stored.length()) <= 2;
    }

    /** Each letter, and each two that stand side by side, once. */
    private static List<String> letters(String text) {
        int[] all = text.codePoints().toArray();
        return IntStream.range(0, all.length)
                .boxed()
                .flatMap(i -> IntStream.rangeClosed(1, Math.min(2, all.length - i))
                        .mapToObj(size -> new String(all, i, size)))
                .distinct()
                .toList();
    }

    @Override
    public int put(Handle ledger, String id, String text) {
        String stored = storable(text);
        return ledger.createUpdate(
                        "INSERT INTO job_words (job_n, search, letters) SELECT n, ?, ? FROM jobs WHERE id = ?"
                                + " ON CONFLICT (job_n) DO UPDATE SET search = excluded.search, letters = excluded.letters"
                                + " WHERE job_words.search <> excluded.search")
                .bind(0, stored)
                .bindArray(1, String.class, letters(stored))
                .bind(2, id)
                .execute();
    }

    @Override
    public void remove(Handle ledger, String id) {
        ledger.execute("DELETE FROM job_words WHERE job_n = (SELECT n FROM jobs WHERE id = ?)", id);
    }
}
