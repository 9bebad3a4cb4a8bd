package org.kestan.ledger;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/** Where a job is in the ledger. */
public enum JobLocation implements Keyed {
    /** At hand. */
    BENCH,
    /** Archived, and still there. */
    AWAY,
    /** Deleted; can be restored until the bin is emptied. */
    BIN;

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
