package org.kestan.ledger;

import org.kestan.base.finding.Finding;

/** The ledger could not be read or written: disk full, file gone, locked too long. The open job is not lost. */
public final class LedgerException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient Finding why;

    /**
     * @param why what went wrong
     * @param cause the failure itself
     */
    public LedgerException(Finding why, Throwable cause) {
        super(why.toString(), cause);
        this.why = why;
    }

    /** Returns what went wrong. */
    public Finding why() {
        return why;
    }
}
