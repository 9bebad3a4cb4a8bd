package org.kestan.ledger;

/** What came of saving a job. */
public sealed interface Saved {

    /**
     * It is saved.
     *
     * @param revision the revision it has now
     */
    record Done(int revision) implements Saved {}

    /** Someone else saved the job meanwhile, or deleted it: nothing was written. */
    record Conflict() implements Saved {}
}
