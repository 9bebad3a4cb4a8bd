package org.kestan.ledger.postgres;

import java.util.List;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;
import org.kestan.ledger.sql.JobSearch;

/** Finds jobs by words, or parts of words, by the server's index of threes (PostgreSQL documentation, F.35, "pg_trgm"). */
final class PostgresSearch implements JobSearch {

    PostgresSearch() {}

    @Override
    public org.jdbi.v3.core.statement.Query matching(Handle ledger, String select, Query query, String rest) {
        List<String> words = query.terms();
        var statement = ledger.createQuery(select
                + " FROM jobs WHERE "
                + (query.shelf() == JobLocation.BIN ? "deleted_at IS NOT NULL" : "deleted_at IS NULL AND archived = ?")
                + (query.station().isPresent() ? " AND station = ?" : "")
                + " AND search LIKE ?".repeat(words.size())
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
        }
        return statement;
    }

    /** A server stores no text with a NUL in it. */
    static String storable(String text) {
        return text.replace("\0", "");
    }

    @Override
    public int put(Handle ledger, String id, String text) {
        return ledger.execute("UPDATE jobs SET search = ? WHERE id = ?", storable(text), id);
    }

    @Override
    public void remove(Handle ledger, String id) {
        ledger.execute("UPDATE jobs SET search = '' WHERE id = ?", id);
    }
}
