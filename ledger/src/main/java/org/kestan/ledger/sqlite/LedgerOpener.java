package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
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

/** Opens a ledger: looks at it first without writing, brings it up to date, then hands it out. */
final class LedgerOpener {

    /** The newest migration that this program knows. */
    static final int LATEST = 4;

    /** From this migration on there is an index to search by. */
    static final int SEARCH_SINCE = 4;

    private static final int PATIENCE_MILLIS = 5000;

    private LedgerOpener() {}

    /**
     * Opens a ledger.
     *
     * @param anew whether to make one where there is none although backups of one lie there
     */
    static OpenResult open(Path file, boolean anew, Clock clock) {
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
            int version = there ? LedgerFileStatus.look(file).version() : 0;
            if (version > LATEST) {
                return refused(LedgerFinding.NEWER.of());
            }
            if (version < LATEST) {
                migrate(file);
            }
            Disk.keepPrivate(file);
            return new OpenResult.Opened(new SqliteLedger(file, handle(file), clock));
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
        // What is deleted is written over; only pieces that were moved within a page stay, until it is written anew.
        handle.execute("PRAGMA secure_delete = ON");
        return handle;
    }

    private static OpenResult refused(Finding why) {
        return new OpenResult.Refused(why, List.of());
    }

    private static void migrate(Path file) {
        Flyway.configure()
                .dataSource(source(file))
                .locations("classpath:org/kestan/ledger/migrations")
                .load()
                .migrate();
    }

    static SQLiteDataSource source(Path file) {
        return source(file, new SQLiteConfig());
    }

    /** A source for a file that nobody writes: its folder stays as it is. */
    static SQLiteDataSource immutable(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file.toAbsolutePath().toUri() + "?immutable=1");
        return source;
    }

    /** A source that makes no file where there is none and writes nothing. */
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
