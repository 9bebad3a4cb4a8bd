package org.kestan.ledger.sqlite;

import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import org.kestan.base.finding.Finding;
import org.kestan.ledger.Backups;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Papers;
import org.kestan.ledger.Pictures;
import org.kestan.ledger.sql.JobSearch;
import org.kestan.ledger.sql.SqlLedger;

/** A ledger in one database file, with pictures and backups in folders beside it. */
public final class SqliteLedger extends SqlLedger {

    private static final SqliteSearch SEARCH = new SqliteSearch();

    private final Path file;
    private final Handle handle;
    private final FileIdentity presence;
    private final SqliteErasure erasure;

    SqliteLedger(Path file, Handle handle, Clock clock) {
        super(clock);
        this.file = file;
        this.handle = handle;
        this.presence = FileIdentity.of(file);
        this.erasure = new SqliteErasure(file, this::with);
        begin();
    }

    /**
     * Opens a ledger, creating it if there is none. One that is damaged, or was written by a newer program, is refused
     * and not written to.
     */
    public static OpenResult open(Path file) {
        return LedgerOpener.open(file, false, Clock.systemUTC());
    }

    /** Opens a ledger in the same way, with another clock. */
    public static OpenResult open(Path file, Clock clock) {
        return LedgerOpener.open(file, false, clock);
    }

    /** Opens a ledger, creating it if there is none even if there are backups of one. */
    public static OpenResult openAnew(Path file) {
        return LedgerOpener.open(file, true, Clock.systemUTC());
    }

    /**
     * Opens a ledger of practice jobs, creating it if there is none. One with customers' jobs is refused and left
     * unchanged.
     */
    public static OpenResult openForPractice(Path file) {
        OpenResult result = open(file);
        if (result instanceof OpenResult.Opened opened
                && opened.ledger() instanceof SqliteLedger ledger
                && !ledger.becomePractice()) {
            ledger.close();
            return new OpenResult.Refused(LedgerFinding.CUSTOMERS_LEDGER.of(), List.of());
        }
        return result;
    }

    @Override
    public String place() {
        return file.toString();
    }

    @Override
    public Pictures pictures() {
        return new Pictures(file.resolveSibling("pictures"));
    }

    @Override
    public Papers papers() {
        return new Papers(file.resolveSibling("papers"));
    }

    @Override
    public Backups backups() {
        return SqliteBackups.of(file);
    }

    @Override
    public String writtenElsewhere() {
        return with(ledger -> one(ledger, "PRAGMA data_version"));
    }

    @Override
    protected void erase(List<String> ids) {
        erasure.erase(ids, pictures(), papers());
    }

    @Override
    public Optional<Finding> check() {
        try {
            LedgerFileStatus.readThrough(file);
            return Optional.empty();
        } catch (SQLException damaged) {
            return Optional.of(DatabaseErrors.of(damaged));
        }
    }

    @Override
    public List<Path> cleanse() {
        return erasure.cleanse(pictures(), papers());
    }

    @Override
    public synchronized void close() {
        try {
            handle.execute("PRAGMA wal_checkpoint(TRUNCATE)");
        } catch (JdbiException busy) {
            // Another program is still reading: the log is intact, and is merged when the last one closes.
            System.getLogger(SqliteLedger.class.getName()).log(System.Logger.Level.INFO, "side file left", busy);
        } finally {
            handle.close();
        }
    }

    @Override
    protected <T> T inTransaction(Function<Handle, T> work) {
        return with(ledger ->
                ledger.isInTransaction() ? work.apply(ledger) : ledger.inTransaction(inside -> work.apply(inside)));
    }

    @Override
    protected synchronized <T> T with(Function<Handle, T> work) {
        try {
            return work.apply(handle);
        } catch (JdbiException failed) {
            throw new LedgerException(DatabaseErrors.of(failed), failed);
        }
    }

    @Override
    protected JobSearch search() {
        return SEARCH;
    }

    @Override
    protected String state() {
        return with(ledger -> one(ledger, "PRAGMA data_version") + "-" + one(ledger, "SELECT total_changes()"));
    }

    private static String one(Handle ledger, String question) {
        return ledger.createQuery(question).mapTo(String.class).one();
    }

    /** Checks whether what was written is there; within a transaction nothing is visible from outside yet. */
    @Override
    protected synchronized void saved(String id, int revision) {
        if (!handle.isInTransaction()) {
            presence.demand(id, revision);
        }
    }
}
