package org.kestan.ledger;

/** Told the progress of a long task. */
@FunctionalInterface
public interface Progress {

    /** Ignores the progress. */
    Progress UNTOLD = (done, total) -> true;

    /**
     * @param done how many are done
     * @param total how many there are
     * @return whether to go on
     */
    boolean step(int done, int total);
}
