package org.kestan.ledger;

/** The result of saving a job. */
public sealed interface SaveResult {

    /**
     * It is saved.
     *
     * @param revision the revision it has now
     */
    record Done(int revision) implements SaveResult {}

    /** Someone else saved the job meanwhile, or deleted it: nothing was written. */
    record Conflict() implements SaveResult {}
}
