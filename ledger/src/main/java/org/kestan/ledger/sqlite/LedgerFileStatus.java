package org.kestan.ledger.sqlite;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/**
 * What a ledger's file says of itself, read without writing.
 *
 * @param version its newest migration; 0 for a database with nothing in it
 * @param jobs how many jobs are in it, those deleted left out
 * @param state what changes with every change of a job, whatever the clock says
 */
record LedgerFileStatus(int version, int jobs, String state) {

    /**
     * Reads a file and checks that it is whole.
     *
     * @throws SQLException if it is not, or can't be read
     */
    static LedgerFileStatus read(Path file) throws SQLException {
        if (!Files.exists(file)) {
            throw new SQLiteException("there is no such file", SQLiteErrorCode.SQLITE_CANTOPEN);
        }
        try (Connection connection = LedgerOpener.source(file).getConnection();
                Statement statement = connection.createStatement()) {
            try (ResultSet check = statement.executeQuery("PRAGMA quick_check(1)")) {
                if (!check.next() || !"ok".equals(check.getString(1))) {
                    throw new SQLiteException("the check found: " + check.getString(1), SQLiteErrorCode.SQLITE_CORRUPT);
                }
            }
            return has(statement, "jobs")
                    ? of(version(statement), statement)
                    : new LedgerFileStatus(version(statement), 0, "");
        }
    }

    private static boolean has(Statement statement, String table) throws SQLException {
        try (ResultSet found =
                statement.executeQuery("SELECT count(*) FROM sqlite_master WHERE name = '" + table + "'")) {
            return found.next() && found.getInt(1) > 0;
        }
    }

    private static int version(Statement statement) throws SQLException {
        if (!has(statement, "flyway_schema_history")) {
            return 0;
        }
        try (ResultSet newest = statement.executeQuery(
                "SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success")) {
            return newest.next() ? newest.getInt(1) : 0;
        }
    }

    private static LedgerFileStatus of(int version, Statement statement) throws SQLException {
        try (ResultSet row = statement.executeQuery(
                "SELECT count(*) - count(deleted_at), count(*), total(revision), total(archived)" + " FROM jobs")) {
            row.next();
            return new LedgerFileStatus(
                    version,
                    row.getInt(1),
                    row.getInt(1) + " " + row.getInt(2) + " " + row.getLong(3) + " " + row.getInt(4));
        }
    }
}
