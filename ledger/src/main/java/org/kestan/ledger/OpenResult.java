package org.kestan.ledger;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;

/** The result of opening a ledger. */
public sealed interface OpenResult {

    /**
     * It is open.
     *
     * @param doubt what is to be said of it, empty mostly
     */
    record Opened(Ledger ledger, Optional<Finding> doubt) implements OpenResult {}

    /**
     * It can't be used, and nothing was written to it.
     *
     * @param why what keeps it from being used
     * @param copies backups that were looked at and are whole, the newest first; none where the ledger itself is not at
     *     fault
     */
    record Refused(Finding why, List<Backups.Copy> copies) implements OpenResult {

        /** Takes an unmodifiable copy. */
        public Refused {
            copies = List.copyOf(copies);
        }

        /** Returns whether this is the reason. */
        public boolean is(LedgerFinding reason) {
            return why.kind() == reason;
        }
    }
}
