package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.kestan.ledger.Opening;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** Opens a ledger: looks at it first without writing, brings it up to date, then hands it out. */
final class LedgerOpener {

    /** The newest migration that this program knows. */
    static final int LATEST = 2;

    private static final int PATIENCE_MILLIS = 5000;

    private LedgerOpener() {}

    static Opening open(Path file) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
        } catch (IOException failed) {
            return new Opening.Refused(
                    "The ledger\u2019s folder can\u2019t be made: " + failed.getMessage(), Optional.empty());
        }
        boolean there = Files.exists(file);
        try {
            int version = there ? version(file) : 0;
            if (version > LATEST) {
                return refused(file, "This ledger was written by a newer version of the program. It is left as it is.");
            }
            if (version < LATEST) {
                migrate(file);
            }
            Handle handle = Jdbi.create(source(file)).open();
            handle.execute("PRAGMA journal_mode = WAL");
            handle.execute("PRAGMA synchronous = NORMAL");
            // Search texts and patterns are both in lower case; comparing them as they are is much faster.
            handle.execute("PRAGMA case_sensitive_like = ON");
            return new Opening.Opened(new SqliteLedger(file, handle));
        } catch (SQLException | JdbiException | FlywayException damaged) {
            return refused(file, "This ledger is damaged and is left as it is: " + reason(damaged) + ".");
        }
    }

    private static Opening refused(Path file, String why) {
        return new Opening.Refused(why, SqliteBackups.of(file).newest());
    }

    private static String reason(Throwable failure) {
        Throwable cause = failure;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String text = cause.getMessage();
        return text == null
                ? "it can\u2019t be read"
                : text.replaceAll("\\s+", " ").strip();
    }

    /** Reads the version without writing, and checks that the file is whole. 0 for an empty database. */
    private static int version(Path file) throws SQLException {
        try (Connection connection = source(file).getConnection();
                Statement statement = connection.createStatement()) {
            try (ResultSet check = statement.executeQuery("PRAGMA quick_check(1)")) {
                if (!check.next() || !"ok".equals(check.getString(1))) {
                    throw new SQLException("the check found: " + check.getString(1));
                }
            }
            try (ResultSet table =
                    statement.executeQuery("SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'")) {
                if (!table.next() || table.getInt(1) == 0) {
                    return 0;
                }
            }
            try (ResultSet newest = statement.executeQuery(
                    "SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success")) {
                return newest.next() ? newest.getInt(1) : 0;
            }
        }
    }

    private static void migrate(Path file) {
        Flyway.configure()
                .dataSource(source(file))
                .locations("classpath:org/kestan/ledger/migrations")
                .load()
                .migrate();
    }

    static SQLiteDataSource source(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.setBusyTimeout(PATIENCE_MILLIS);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file.toAbsolutePath());
        return source;
    }
}
