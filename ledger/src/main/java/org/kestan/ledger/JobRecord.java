package org.kestan.ledger;

import java.time.Instant;

/**
 * A job in a ledger, with everything that moves with it to another ledger.
 *
 * @param id its id in every ledger
 * @param revision how often it was saved, 1 or more
 * @param versions which ledgers changed it
 * @param created when it came into the first ledger, by the clock there
 * @param changed when it was saved last, by the clock there
 * @param shelf where it lies
 * @param deleted when it was moved to the bin; null if it is not in the bin
 * @param text its job file
 */
public record JobRecord(
        String id,
        int revision,
        Versions versions,
        Instant created,
        Instant changed,
        JobLocation shelf,
        Instant deleted,
        String text) {

    /** Returns the same record with other versions and another revision. */
    public JobRecord with(Versions next, int nextRevision) {
        return new JobRecord(id, nextRevision, next, created, changed, shelf, deleted, text);
    }

    /** Returns the same record with another id. */
    public JobRecord withId(String next) {
        return new JobRecord(next, revision, versions, created, changed, shelf, deleted, text);
    }
}
