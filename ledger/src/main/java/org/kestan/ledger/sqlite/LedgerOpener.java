package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.kestan.base.finding.Finding;
import org.kestan.files.disk.Disk;
import org.kestan.ledger.Backups;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.OpenResult;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** Opens a ledger: first looks at it without writing, then upgrades it, then hands it out. */
final class LedgerOpener {

    /** The newest migration this program knows. */
    static final int LATEST = 5;

    /** From this migration on there is a search index. */
    static final int SEARCH_SINCE = 4;

    private static final int PATIENCE_MILLIS = 5000;
    private static final int START_MILLIS = 3000;
    private static final int TRIES = 20;
    private static final int LOOKS = 2;
    private static final int PAUSE_MILLIS = 100;

    private LedgerOpener() {}

    /**
     * Opens a ledger.
     *
     * @param anew whether to create one although only backups are there
     */
    static OpenResult open(Path file, boolean anew, Clock clock) {
        int looks = 0;
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(START_MILLIS);
        while (true) {
            OpenResult result = openOnce(file, anew, clock);
            boolean busy = result instanceof OpenResult.Refused refused && refused.is(LedgerFinding.LOCKED);
            // A ledger being created this very moment may look damaged; a damaged one still does at the second look.
            boolean again = result instanceof OpenResult.Refused refused
                    && refused.is(LedgerFinding.DAMAGED)
                    && looks++ < LOOKS;
            if (!(busy || again) || System.nanoTime() > until) {
                return result;
            }
            // Somebody else is opening it this moment. A permanent lock has been waited for already.
            pause();
        }
    }

    private static OpenResult openOnce(Path file, boolean anew, Clock clock) {
        try {
            Disk.folder(file.toAbsolutePath().getParent());
        } catch (IOException failed) {
            return refused(DatabaseErrors.of(failed));
        }
        try {
            boolean there = Files.exists(file) && Files.size(file) > 0;
            if (!there && !anew) {
                List<Backups.Copy> copies = SqliteBackups.of(file).whole();
                if (copies.stream().anyMatch(copy -> copy.jobs() > 0)) {
                    return new OpenResult.Refused(LedgerFinding.MISSING.of(), copies);
                }
            }
            if (there && !(Files.isReadable(file) && Files.isWritable(file))) {
                return refused(LedgerFinding.FORBIDDEN.of());
            }
            LedgerFileStatus status = there ? LedgerFileStatus.look(file) : LedgerFileStatus.NOTHING;
            int version = status.version();
            if (version > LATEST) {
                return refused(LedgerFinding.NEWER.of());
            }
            if (version < LATEST) {
                migrate(file);
            }
            Disk.keepPrivate(file);
            Optional<Finding> doubt = status.saves() < SqliteBackups.of(file).newestSaves()
                    ? Optional.of(LedgerFinding.BEHIND.of())
                    : Optional.empty();
            return new OpenResult.Opened(new SqliteLedger(file, handle(file), clock), doubt);
        } catch (SQLException | JdbiException | FlywayException | IOException failed) {
            Finding why = DatabaseErrors.of(failed);
            return why.kind() == LedgerFinding.DAMAGED
                    ? new OpenResult.Refused(why, SqliteBackups.of(file).whole())
                    : refused(why);
        }
    }

    /** A connection that writes: what it acknowledges survives a loss of power. */
    static Handle handle(Path file) {
        Handle handle = Jdbi.create(source(file)).open();
        handle.execute("PRAGMA journal_mode = WAL");
        handle.execute("PRAGMA synchronous = FULL");
        // Deleted content is overwritten; only pieces moved within a page remain until the file is rewritten.
        handle.execute("PRAGMA secure_delete = ON");
        // In KiB (SQLite documentation, "PRAGMA cache_size"): keeps what a search reads in memory from one keystroke
        // to the next.
        handle.execute("PRAGMA cache_size = -32768");
        SqliteSearch.prepare(handle);
        return handle;
    }

    private static OpenResult refused(Finding why) {
        return new OpenResult.Refused(why, List.of());
    }

    /** If two programs start together, both try to upgrade it, and the second one finds that it is done. */
    private static void migrate(Path file) throws SQLException, IOException {
        for (int i = 1; ; i++) {
            try {
                migrateOnce(file);
                return;
            } catch (FlywayException busy) {
                if (LedgerFileStatus.look(file).version() == LATEST) {
                    return;
                }
                if (i == TRIES) {
                    throw busy;
                }
                pause();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(PAUSE_MILLIS);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private static void migrateOnce(Path file) {
        Flyway.configure()
                .dataSource(source(file))
                .locations("classpath:org/kestan/ledger/migrations")
                .load()
                .migrate();
    }

    static SQLiteDataSource source(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        // A transaction that reads first and writes later would be refused if another wrote in between.
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        return source(file, config);
    }

    /** A source for a file nobody writes to; its folder stays unchanged. */
    static SQLiteDataSource immutable(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file.toAbsolutePath().toUri() + "?immutable=1");
        return source;
    }

    /** A source that creates no file and writes nothing. */
    static SQLiteDataSource readOnly(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        return source(file, config);
    }

    private static SQLiteDataSource source(Path file, SQLiteConfig config) {
        config.setBusyTimeout(PATIENCE_MILLIS);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file.toAbsolutePath());
        return source;
    }
}
