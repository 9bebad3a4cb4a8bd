package org.kestan.ledger;

/** The ledger could not be read or written: disk full, file gone, locked too long. The job at hand is not lost by it. */
public final class LedgerException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /**
     * @param message what went wrong, as the database says it
     * @param cause the failure itself
     */
    public LedgerException(String message, Throwable cause) {
        super(message, cause);
    }
}
