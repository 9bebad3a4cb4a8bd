package org.kestan.ledger;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Verbatim;

/** The reasons why a ledger can't be opened, read or written. */
public enum LedgerFinding implements Finding.Kind {
    /** No room is left where it lies. */
    DISK_FULL,
    /** Another program holds it, for longer than this one waits. */
    LOCKED,
    /** The file or its folder may not be read or written. */
    FORBIDDEN,
    /** What lies at its place is no longer what was opened: deleted, or something else put there. */
    GONE,
    /** There is no ledger, or an empty file, where backups of one lie. */
    MISSING,
    /** There is less in it than in its newest backup: its log is gone, or an older file was put in its place. */
    BEHIND,
    /** Written by a newer program. */
    NEWER,
    /** A job about a practice instrument, where customers' jobs are kept. */
    PRACTICE_JOB,
    /** A customer's job, where practice jobs are kept. */
    CUSTOMERS_JOB,
    /** A ledger of customers' jobs was to be opened for practice. */
    CUSTOMERS_LEDGER,
    /** The server does not take the user or the password. */
    WRONG_PASSWORD,
    /** No server answers there, or it has gone. */
    NO_SERVER,
    /** The server has no database of that name. */
    NO_DATABASE,
    /** The server takes no more connections. */
    TOO_MANY_BENCHES,
    /** The ledger on the server has to be made, or brought up to date, by somebody who may. */
    OWNER_FIRST,
    /** What should be the address of a server is none. */
    NO_ADDRESS,
    /** Something else is where a ledger would be. */
    SOMETHING_ELSE,
    /** What is there can't be a whole ledger. */
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
