package org.kestan.ledger.postgres;

import java.sql.SQLException;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.ledger.LedgerFinding;

/** Tells server errors apart (PostgreSQL documentation, Appendix A, "PostgreSQL Error Codes"). */
final class PostgresErrors {

    private static final int CLASS = 2;

    private PostgresErrors() {}

    /** Returns the cause of a failure. */
    static Finding of(Throwable failure) {
        Throwable last = failure;
        for (Throwable each = failure; each != null; each = each.getCause()) {
            if (each instanceof SQLException database && database.getSQLState() != null) {
                return of(database.getSQLState(), reason(database));
            }
            last = each;
        }
        return LedgerFinding.UNREACHABLE.of(Quantity.text(reason(last)));
    }

    /** Returns the meaning of a state: five letters and digits, of which the first two name its class. */
    static Finding of(String state, String reason) {
        return switch (state) {
            // disk_full
            case "53100" -> LedgerFinding.DISK_FULL.of();
            // lock_not_available, deadlock_detected
            case "55P03", "40P01" -> LedgerFinding.LOCKED.of();
            // invalid_password, invalid_authorization_specification; the driver's own if a password is required and
            // there is none
            case "28P01", "28000", "08004" -> LedgerFinding.WRONG_PASSWORD.of();
            // invalid_catalog_name
            case "3D000" -> LedgerFinding.NO_DATABASE.of();
            // too_many_connections
            case "53300" -> LedgerFinding.TOO_MANY_BENCHES.of();
            // insufficient_privilege
            case "42501" -> LedgerFinding.FORBIDDEN.of();
            default ->
                switch (state.substring(0, Math.min(CLASS, state.length()))) {
                    // connection_exception, operator_intervention
                    case "08", "57" -> LedgerFinding.NO_SERVER.of();
                    // data corrupted
                    case "XX" -> LedgerFinding.DAMAGED.of(Quantity.text(reason));
                    default -> LedgerFinding.UNREACHABLE.of(Quantity.text(reason));
                };
        };
    }

    private static String reason(Throwable failure) {
        String text = failure.getMessage();
        return text == null
                ? failure.getClass().getSimpleName()
                : text.replaceAll("\\s+", " ").strip();
    }
}
