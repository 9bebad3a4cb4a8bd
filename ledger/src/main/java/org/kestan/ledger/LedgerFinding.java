package org.kestan.ledger;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Verbatim;

/** The reasons why a ledger can't be opened, read or written. */
public enum LedgerFinding implements Finding.Kind {
    /** There is no space left where it is. */
    DISK_FULL,
    /** Another program has locked it, for longer than this one waits. */
    LOCKED,
    /** The file or its folder may not be read or written. */
    FORBIDDEN,
    /** The file in its place is no longer the one that was opened: it was deleted or replaced. */
    GONE,
    /** There is no ledger, or an empty file, although there are backups of one. */
    MISSING,
    /** It contains less than its newest backup: its log is gone, or it was replaced by an older file. */
    BEHIND,
    /** It was written by a newer program. */
    NEWER,
    /** A job about a practice instrument, in a ledger for customers' jobs. */
    PRACTICE_JOB,
    /** A customer's job, in a ledger for practice jobs. */
    CUSTOMERS_JOB,
    /** A ledger of customers' jobs was to be opened for practice. */
    CUSTOMERS_LEDGER,
    /** The server does not accept the user or the password. */
    WRONG_PASSWORD,
    /** No server answers there, or the connection was lost. */
    NO_SERVER,
    /** The server has no database with that name. */
    NO_DATABASE,
    /** The server accepts no more connections. */
    TOO_MANY_BENCHES,
    /** The ledger on the server has to be created or upgraded by somebody with the owner's role. */
    OWNER_FIRST,
    /** The text is not the address of a server. */
    NO_ADDRESS,
    /** Something else is in place of the ledger. */
    SOMETHING_ELSE,
    /** What is there can't be a complete ledger. */
    DAMAGED(Verbatim.class),
    /** Anything else. */
    UNREACHABLE(Verbatim.class);

    private final List<Class<?>> takes;

    LedgerFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
