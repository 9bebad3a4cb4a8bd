package org.kestan.ledger.sql;

import org.jdbi.v3.core.Handle;

/** The purpose of a ledger. It is set once, while the ledger is empty. */
enum LedgerPurpose {
    /** Customers' instruments. */
    SHOP,
    /** Practice instruments. */
    PRACTICE;

    private static final String NAME = "purpose";
    private static final String VALUE = "practice";

    /** Reads the purpose of a ledger. */
    static LedgerPurpose read(Handle ledger) {
        return ledger.createQuery("SELECT value FROM meta WHERE name = :name")
                .bind("name", NAME)
                .mapTo(String.class)
                .findOne()
                .filter(VALUE::equals)
                .map(practice -> PRACTICE)
                .orElse(SHOP);
    }

    /** Makes an empty ledger one for practice; one that contains jobs stays what it is. */
    static LedgerPurpose practiceWhereEmpty(Handle ledger) {
        boolean empty = ledger.createQuery("SELECT count(*) FROM jobs")
                        .mapTo(Integer.class)
                        .one()
                == 0;
        if (empty && read(ledger) == SHOP) {
            ledger.execute("INSERT INTO meta (name, value) VALUES (?, ?)", NAME, VALUE);
        }
        return read(ledger);
    }

    boolean isPractice() {
        return this == PRACTICE;
    }
}
