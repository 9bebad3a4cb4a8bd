package org.kestan.ledger.sql;

import java.util.List;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.Query;

/** Finds jobs by words, or parts of words, in a database's own way. */
public interface JobSearch {

    /** Returns the order of jobs, as SQL. */
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

    /**
     * A statement that finds jobs.
     *
     * @param sql selects the numbers of the jobs
     * @param values the values for its question marks
     */
    record Finding(String sql, List<Object> values) {

        /** Takes an unmodifiable copy. */
        public Finding {
            values = List.copyOf(values);
        }
    }

    /** Returns a statement for the numbers of the first jobs that match a query, up to a limit. */
    Finding finding(Handle ledger, Query query, int most);

    /** Replaces the text a job is found by. */
    int put(Handle ledger, String id, String text);

    /** Removes the text a job is found by. */
    void remove(Handle ledger, String id);
}
