package org.kestan.ledger;

/** Told how far a long work has come. */
@FunctionalInterface
public interface Progress {

    /** Goes on, whatever is told. */
    Progress UNTOLD = (done, total) -> true;

    /**
     * @param done how many are done
     * @param total how many there are
     * @return whether to go on
     */
    boolean step(int done, int total);
}
