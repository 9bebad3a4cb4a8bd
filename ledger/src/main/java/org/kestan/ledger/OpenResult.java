package org.kestan.ledger;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;

/** The result of opening a ledger. */
public sealed interface OpenResult {

    /**
     * It is open.
     *
     * @param doubt a doubt to report; usually empty
     */
    record Opened(Ledger ledger, Optional<Finding> doubt) implements OpenResult {}

    /**
     * It can't be used, and nothing was written to it.
     *
     * @param why why it can't be used
     * @param copies backups that were checked and are intact, the newest first; none if the ledger itself is not at
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
