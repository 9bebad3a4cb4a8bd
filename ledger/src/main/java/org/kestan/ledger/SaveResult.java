package org.kestan.ledger;

/** The result of saving a job. */
public sealed interface SaveResult {

    /**
     * The job was saved.
     *
     * @param revision the revision it has now
     */
    record Done(int revision) implements SaveResult {}

    /** Somebody else saved or deleted the job in the meantime; nothing was written. */
    record Conflict() implements SaveResult {}
}
