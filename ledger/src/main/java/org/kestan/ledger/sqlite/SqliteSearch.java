package org.kestan.ledger.sqlite;

import java.util.List;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;

/**
 * Finds jobs by words, or parts of words. Words of three letters and more are found by the index of threes (SQLite
 * documentation, FTS5, 4.3.5 "The Trigram Tokenizer"), shorter ones by reading the texts through.
 */
final class SqliteSearch {

    private SqliteSearch() {}

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
        List<String> words = query.terms();
        var statement = ledger.createQuery(select
                + " FROM jobs WHERE "
                + (query.shelf() == JobLocation.BIN ? "deleted_at IS NOT NULL" : "deleted_at IS NULL AND archived = ?")
                + (query.station().isPresent() ? " AND station = ?" : "")
                + (words.isEmpty()
                        ? ""
                        : " AND n IN (SELECT rowid FROM job_search WHERE search GLOB ?"
                                + " AND search GLOB ?".repeat(words.size() - 1)
                                + ")")
                + rest);
        int next = 0;
        if (query.shelf() != JobLocation.BIN) {
            statement.bind(next++, query.shelf() == JobLocation.AWAY ? 1 : 0);
        }
        if (query.station().isPresent()) {
            statement.bind(next++, query.station().get().key());
        }
        for (String word : words) {
            statement.bind(next++, "*" + word.replaceAll("[*?\\[]", "[$0]") + "*");
        }
        return statement;
    }

    /** Has a job found by a text from now on, and no longer by the one before. */
    static int put(Handle ledger, String id, String text) {
        int same = ledger.createQuery("SELECT count(*) FROM job_search WHERE search = ?"
                        + " AND rowid = (SELECT n FROM jobs WHERE id = ?)")
                .bind(0, text)
                .bind(1, id)
                .mapTo(Integer.class)
                .one();
        if (same == 1) {
            return 0;
        }
        remove(ledger, id);
        return ledger.execute("INSERT INTO job_search (rowid, search) SELECT n, ? FROM jobs WHERE id = ?", text, id);
    }

    /** Has a job found by nothing. */
    static void remove(Handle ledger, String id) {
        ledger.execute("DELETE FROM job_search WHERE rowid = (SELECT n FROM jobs WHERE id = ?)", id);
    }
}
