package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.kestan.files.disk.Disk;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/**
 * What a ledger file contains, read without writing.
 *
 * @param version its newest migration; 0 for a database with nothing in it
 * @param jobs how many jobs are in it, those deleted left out
 * @param saves how many saves those that are in it have had, those deleted included
 * @param state what changes with every change of a job, whatever the clock says
 */
record LedgerFileStatus(int version, int jobs, long saves, String state) {

    /** For a ledger that does not exist yet. */
    static final LedgerFileStatus NOTHING = new LedgerFileStatus(0, 0, 0, "");

    private static final int TRIES = 5;

    /** From this size on, in bytes, a ledger is not checked completely while somebody waits. */
    private static final long LARGE = 32L << 20;

    /**
     * Examines a file that may be anything, and checks that it is intact. Nothing in its folder changes: without a log
     * it is opened as a file nobody writes to; with a log a copy is examined, because closing it would write the log
     * into it.
     *
     * @throws SQLException if it is not whole, or can't be read
     */
    static LedgerFileStatus look(Path file) throws SQLException, IOException {
        if (!Files.exists(file)) {
            throw new SQLiteException("there is no such file", SQLiteErrorCode.SQLITE_CANTOPEN);
        }
        for (int i = 0; i < TRIES; i++) {
            List<Path> logs = logs(file);
            if (logs.isEmpty()) {
                return whole(LedgerOpener.immutable(file), Files.size(file));
            }
            Path scratch = Disk.scratch(file.toAbsolutePath().getParent());
            try {
                String before = stamp(file, logs);
                Path copy = Files.copy(file, scratch.resolve(file.getFileName()));
                for (Path log : logs) {
                    Files.copy(log, scratch.resolve(log.getFileName()));
                }
                if (stamp(file, logs(file)).equals(before)) {
                    return whole(LedgerOpener.source(copy), Files.size(copy));
                }
            } catch (NoSuchFileException justClosed) {
                continue;
            } finally {
                Disk.deleteAll(scratch);
            }
        }
        // It keeps changing, so another program is using it, and will close it properly.
        return inUse(file);
    }

    /** Reads a file that this program has open. */
    static LedgerFileStatus inUse(Path file) throws SQLException {
        try (Connection connection = LedgerOpener.readOnly(file).getConnection();
                Statement statement = connection.createStatement()) {
            return read(statement);
        }
    }

    /** What was written and is not in the file yet. */
    private static List<Path> logs(Path file) throws IOException {
        List<Path> logs = new ArrayList<>();
        for (String ending : List.of("-wal", "-journal")) {
            Path log = file.resolveSibling(file.getFileName() + ending);
            if (Files.exists(log) && Files.size(log) > 0) {
                logs.add(log);
            }
        }
        return logs;
    }

    private static String stamp(Path file, List<Path> logs) throws IOException {
        StringBuilder stamp = new StringBuilder();
        for (Path each : Stream.concat(Stream.of(file), logs.stream()).toList()) {
            stamp.append(Files.getLastModifiedTime(each).to(TimeUnit.NANOSECONDS))
                    .append(' ')
                    .append(Files.size(each))
                    .append(' ');
        }
        return stamp.toString();
    }

    /**
     * Checks a whole file of usual size. A large one would take seconds, so only the parts that every use starts with
     * are checked; the rest is read later.
     */
    private static LedgerFileStatus whole(DataSource source, long size) throws SQLException {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            check(statement, size <= LARGE ? "1" : "flyway_schema_history");
            return read(statement);
        }
    }

    /**
     * Checks the whole of a ledger that this program has open.
     *
     * @throws SQLException if it is not whole
     */
    static void readThrough(Path file) throws SQLException {
        readThrough(LedgerOpener.readOnly(file));
    }

    /**
     * Checks the whole of a copy that nobody writes to.
     *
     * @throws SQLException if it is not whole
     */
    static LedgerFileStatus readThroughCopy(Path copy) throws SQLException {
        return readThrough(LedgerOpener.immutable(copy));
    }

    private static LedgerFileStatus readThrough(DataSource source) throws SQLException {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            check(statement, "1");
            return read(statement);
        }
    }

    /** Reads a copy's properties, unchecked. */
    static LedgerFileStatus ofCopy(Path copy) throws SQLException {
        try (Connection connection = LedgerOpener.immutable(copy).getConnection();
                Statement statement = connection.createStatement()) {
            return read(statement);
        }
    }

    private static void check(Statement statement, String what) throws SQLException {
        try (ResultSet check = statement.executeQuery("PRAGMA quick_check(" + what + ")")) {
            if (!check.next() || !"ok".equals(check.getString(1))) {
                throw new SQLiteException("the check found: " + check.getString(1), SQLiteErrorCode.SQLITE_CORRUPT);
            }
        }
    }

    private static LedgerFileStatus read(Statement statement) throws SQLException {
        return has(statement, "jobs")
                ? of(version(statement), statement)
                : new LedgerFileStatus(version(statement), 0, 0, "");
    }

    private static boolean has(Statement statement, String table) throws SQLException {
        try (ResultSet found =
                statement.executeQuery("SELECT count(*) FROM sqlite_master WHERE name = '" + table + "'")) {
            return found.next() && found.getInt(1) > 0;
        }
    }

    static int version(Statement statement) throws SQLException {
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
                    row.getLong(3),
                    row.getInt(1) + " " + row.getInt(2) + " " + row.getLong(3) + " " + row.getInt(4));
        }
    }
}
