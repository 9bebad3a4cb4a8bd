package org.kestan.ledger;

import java.nio.file.Path;

/** The contract holds for a ledger that has nothing to do with a database. */
public class MemoryLedgerTest extends LedgerContract {

    @Override
    protected Ledger open(Path folder) {
        return new MemoryLedger(folder);
    }
}
