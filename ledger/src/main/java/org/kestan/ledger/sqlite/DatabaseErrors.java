package org.kestan.ledger.sqlite;

import java.nio.file.AccessDeniedException;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.ledger.LedgerFinding;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Tells database errors apart: a full disk, a lock or a missing permission is not damage. */
final class DatabaseErrors {

    private DatabaseErrors() {}

    /** Returns the cause of a failure. */
    static Finding of(Throwable failure) {
        for (Throwable each = failure; each != null; each = each.getCause()) {
            if (each instanceof SQLiteException database) {
                return of(database.getResultCode(), reason(database));
            }
            if (each instanceof AccessDeniedException) {
                return LedgerFinding.FORBIDDEN.of();
            }
        }
        return LedgerFinding.UNREACHABLE.of(Quantity.text(reason(failure)));
    }

    /** Returns the meaning of a result code of the database; extended codes count by their first byte. */
    static Finding of(SQLiteErrorCode code, String reason) {
        return switch (code.code & 0xff) {
            // SQLITE_FULL
            case 13 -> LedgerFinding.DISK_FULL.of();
            // SQLITE_BUSY, SQLITE_LOCKED
            case 5, 6 -> LedgerFinding.LOCKED.of();
            // SQLITE_PERM, SQLITE_READONLY, SQLITE_CANTOPEN, SQLITE_AUTH
            case 3, 8, 14, 23 -> LedgerFinding.FORBIDDEN.of();
            // SQLITE_CORRUPT, SQLITE_NOTADB
            case 11, 26 -> LedgerFinding.DAMAGED.of(Quantity.text(reason));
            default -> LedgerFinding.UNREACHABLE.of(Quantity.text(reason));
        };
    }

    private static String reason(Throwable failure) {
        Throwable cause = failure;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String text = cause.getMessage();
        return text == null
                ? cause.getClass().getSimpleName()
                : text.replaceAll("\\s+", " ").strip();
    }
}
