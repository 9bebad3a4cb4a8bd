package org.kestan.ledger.sql;

import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.Query;

/** Finds jobs by words, or parts of words, in the way of a database. */
public interface JobSearch {

    /** Returns the order of jobs, as SQL. */
    static String order(org.kestan.ledger.Query.Order order) {
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
    Query matching(Handle ledger, String select, org.kestan.ledger.Query query, String rest);

    /** Has a job found by a text from now on, and no longer by the one before. */
    int put(Handle ledger, String id, String text);

    /** Has a job found by nothing. */
    void remove(Handle ledger, String id);
}
