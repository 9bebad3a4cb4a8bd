package org.kestan.ledger.sqlite;

import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import org.jdbi.v3.core.statement.SqlStatement;
import org.kestan.base.finding.Keyed;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Backups;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLesson;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.JobProjection;
import org.kestan.ledger.JobWait;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.LineSketch;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Papers;
import org.kestan.ledger.Pictures;
import org.kestan.ledger.Progress;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.kestan.overview.Station;
import org.kestan.overview.StationFinding;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.memory.Memory;

/** A ledger in one database file, pictures and backups in folders beside it. */
public final class SqliteLedger implements Ledger {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'");

    private final Path file;
    private final Handle handle;
    private final FileIdentity presence;
    private final SqliteLessons lessons = new SqliteLessons(this::with);
    private volatile ShopStandards shop = ShopStandards.DEFAULT;

    SqliteLedger(Path file, Handle handle) {
        this.file = file;
        this.handle = handle;
        this.presence = FileIdentity.of(file);
    }

    /**
     * Opens a ledger, making it when there is none. One that is damaged, or was written by a newer program, is refused and
     * not written to.
     */
    public static OpenResult open(Path file) {
        return LedgerOpener.open(file, false);
    }

    /** Opens a ledger, making it when there is none even where backups of one lie. */
    public static OpenResult openAnew(Path file) {
        return LedgerOpener.open(file, true);
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
    public void goBy(ShopStandards next) {
        shop = next;
    }

    @Override
    public int deriveAnew(Progress progress) {
        String by = JobProjection.by(shop);
        List<String> stale = with(ledger -> ledger.createQuery("SELECT id FROM jobs WHERE derived_by <> ?")
                .bind(0, by)
                .mapTo(String.class)
                .list());
        int done = 0;
        for (String id : stale) {
            if (!progress.step(done, stale.size())) {
                break;
            }
            text(id).flatMap(text -> JobReader.read(text).job())
                    .flatMap(this::rowIfAny)
                    .ifPresent(row -> with(
                            ledger -> row.bind(ledger.createUpdate("UPDATE jobs SET " + Row.SETS + " WHERE id = ?"))
                                    .bind(Row.COLUMNS, id)
                                    .execute()));
            done++;
        }
        return done;
    }

    /** What the list shows of a job; one that is too odd for it stays as it is and is said in the log. */
    private Optional<Row> rowIfAny(Job job) {
        try {
            return Optional.of(row(job));
        } catch (RuntimeException odd) {
            System.getLogger(SqliteLedger.class.getName()).log(System.Logger.Level.WARNING, "an odd job", odd);
            return Optional.empty();
        }
    }

    private Row row(Job job) {
        return new Row(JobProjection.of(job, shop));
    }

    @Override
    public List<JobCard> list(Query query, int most) {
        return with(ledger -> matching(
                        ledger,
                        "SELECT id, name, owner, station, waits_for, line, created_at, changed_at, archived, deleted_at,"
                                + " due",
                        query,
                        " ORDER BY " + order(query.order()) + " LIMIT " + most)
                .map((row, context) -> new JobCard(
                        row.getString(1),
                        row.getString(2),
                        row.getString(3),
                        // Until it is derived again, a row of an older program says no more than that it is there.
                        Keyed.find(Station.class, row.getString(4)).orElse(Station.INTAKE),
                        StationFinding.read(row.getString(5)).orElseGet(StationFinding.NOTHING_READ::of),
                        day(row.getString(11)),
                        LineSketch.read(row.getString(6)),
                        instant(row.getString(7)),
                        instant(row.getString(8)),
                        row.getString(10) != null
                                ? JobLocation.BIN
                                : row.getInt(9) != 0 ? JobLocation.AWAY : JobLocation.BENCH))
                .list());
    }

    /** A time that can't be read, of another program or a damaged row, keeps no job from being shown. */
    private static Instant instant(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException | NullPointerException odd) {
            return Instant.EPOCH;
        }
    }

    private static Optional<LocalDate> day(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException odd) {
            return Optional.empty();
        }
    }

    private static String order(Query.Order order) {
        return switch (order) {
            case CHANGED -> "changed_at DESC, id";
            case CREATED -> "created_at DESC, id";
            case NAME -> "lower(name), id";
            case OWNER -> "lower(owner), lower(name), id";
            case WAITING -> "station, waits_for, changed_at DESC, id";
            case DUE -> "CASE WHEN due = '' THEN 1 ELSE 0 END, due, changed_at DESC, id";
        };
    }

    @Override
    public int count(Query query) {
        return with(ledger -> matching(ledger, "SELECT count(*)", query, "")
                .mapTo(Integer.class)
                .one());
    }

    private static org.jdbi.v3.core.statement.Query matching(Handle ledger, String select, Query query, String rest) {
        List<String> patterns = query.patterns();
        var statement = ledger.createQuery(select
                + " FROM jobs WHERE "
                + (query.shelf() == JobLocation.BIN ? "deleted_at IS NOT NULL" : "deleted_at IS NULL AND archived = ?")
                + (query.station().isPresent() ? " AND station = ?" : "")
                + " AND search LIKE ? ESCAPE '!'".repeat(patterns.size())
                + rest);
        int next = 0;
        if (query.shelf() != JobLocation.BIN) {
            statement.bind(next++, query.shelf() == JobLocation.AWAY ? 1 : 0);
        }
        if (query.station().isPresent()) {
            statement.bind(next++, query.station().get().key());
        }
        for (String pattern : patterns) {
            statement.bind(next++, pattern);
        }
        return statement;
    }

    @Override
    public int count() {
        return with(ledger -> ledger.createQuery("SELECT count(*) FROM jobs WHERE deleted_at IS NULL")
                .mapTo(Integer.class)
                .one());
    }

    @Override
    public List<JobWait> waits() {
        return with(ledger -> ledger.createQuery(
                                "SELECT id, name, waits FROM jobs WHERE waits <> '' AND deleted_at IS NULL")
                        .map((row, context) -> JobWait.read(row.getString(1), row.getString(2), row.getString(3)))
                        .list())
                .stream()
                .flatMap(List::stream)
                .toList();
    }

    @Override
    public List<Lesson> lessons() {
        return lessons.all();
    }

    @Override
    public Memory memory() {
        return lessons.memory(shop);
    }

    @Override
    public List<JobLesson> teaching(Predicate<Lesson> what, int most) {
        return lessons.teaching(what, most);
    }

    @Override
    public Optional<LedgerJob> read(String id) {
        record Found(int revision, String body) {}
        return with(ledger -> ledger.createQuery("SELECT revision, body FROM jobs JOIN job_files ON job_id = id"
                                + " WHERE id = ? AND deleted_at IS NULL")
                        .bind(0, id)
                        .map((row, context) -> new Found(row.getInt(1), row.getString(2)))
                        .findOne())
                .flatMap(found ->
                        JobReader.read(found.body()).job().map(job -> new LedgerJob(id, found.revision(), job)));
    }

    @Override
    public OptionalInt revision(String id) {
        return with(ledger -> ledger.createQuery("SELECT revision FROM jobs WHERE id = ? AND deleted_at IS NULL")
                .bind(0, id)
                .mapTo(Integer.class)
                .findOne()
                .map(OptionalInt::of)
                .orElseGet(OptionalInt::empty));
    }

    @Override
    public String writtenElsewhere() {
        return with(ledger ->
                ledger.createQuery("PRAGMA data_version").mapTo(String.class).one());
    }

    @Override
    public Optional<String> text(String id) {
        return with(ledger -> ledger.createQuery(
                        "SELECT body FROM jobs JOIN job_files ON job_id = id WHERE id = ? AND deleted_at IS NULL")
                .bind(0, id)
                .mapTo(String.class)
                .findOne());
    }

    @Override
    public LedgerJob insert(Job job) {
        return insertAs(job, UUID.randomUUID().toString());
    }

    @Override
    public LedgerJob insert(Job job, String id) {
        boolean taken = with(ledger -> ledger.createQuery("SELECT count(*) FROM jobs WHERE id = ?")
                        .bind(0, id)
                        .mapTo(Integer.class)
                        .one())
                > 0;
        return taken ? insert(job) : insertAs(job, id);
    }

    private LedgerJob insertAs(Job job, String id) {
        String now = now();
        Row row = row(job);
        LedgerJob inserted = inTransaction(ledger -> {
            row.bind(ledger.createUpdate(
                            "INSERT INTO jobs (name, owner, station, waits_for, line, search, derived_by, waits, due, lesson, id,"
                                    + " revision, created_at, changed_at, archived)"
                                    + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1, ?, ?, 0)"))
                    .bind(Row.COLUMNS, id)
                    .bind(Row.COLUMNS + 1, now)
                    .bind(Row.COLUMNS + 2, now)
                    .execute();
            ledger.execute("INSERT INTO job_files (job_id, body) VALUES (?, ?)", id, JobWriter.write(job));
            return new LedgerJob(id, 1, job);
        });
        readBack(id, 1);
        return inserted;
    }

    @Override
    public SaveResult save(String id, int revision, Job job) {
        Row row = row(job);
        SaveResult saved = inTransaction(ledger -> {
            int changed = row.bind(ledger.createUpdate("UPDATE jobs SET " + Row.SETS
                            + ", revision = revision + 1, changed_at = ?"
                            + " WHERE id = ? AND revision = ? AND deleted_at IS NULL"))
                    .bind(Row.COLUMNS, now())
                    .bind(Row.COLUMNS + 1, id)
                    .bind(Row.COLUMNS + 2, revision)
                    .execute();
            if (changed != 1) {
                return new SaveResult.Conflict();
            }
            ledger.execute("UPDATE job_files SET body = ? WHERE job_id = ?", JobWriter.write(job), id);
            return new SaveResult.Done(revision + 1);
        });
        if (saved instanceof SaveResult.Done) {
            readBack(id, revision + 1);
        }
        return saved;
    }

    /** Looks whether what was written is there; within a transaction nothing can be seen from outside yet. */
    private synchronized void readBack(String id, int revision) {
        if (!handle.isInTransaction()) {
            presence.demand(id, revision);
        }
    }

    @Override
    public Optional<LedgerJob> duplicate(String id) {
        return read(id).map(found ->
                insert(found.job().with(Lines.NAME, (found.job().name() + " (copy)").strip())));
    }

    @Override
    public void archive(String id, boolean away) {
        with(ledger -> ledger.execute("UPDATE jobs SET archived = ? WHERE id = ?", away ? 1 : 0, id));
    }

    @Override
    public void delete(String id) {
        with(ledger -> ledger.execute("UPDATE jobs SET deleted_at = ? WHERE id = ?", now(), id));
    }

    @Override
    public void restore(String id) {
        with(ledger -> ledger.execute("UPDATE jobs SET deleted_at = NULL WHERE id = ?", id));
    }

    @Override
    public boolean erase(String id) {
        return erased("SELECT id FROM jobs WHERE deleted_at IS NOT NULL AND id = ?", id) > 0;
    }

    @Override
    public int emptyBin(Instant before) {
        return erased(
                "SELECT id FROM jobs WHERE deleted_at < ?",
                before.atOffset(ZoneOffset.UTC).format(TIME));
    }

    /** Removes jobs so that nothing of them is left in the file, and the pictures that only they showed. */
    private int erased(String which, String bound) {
        List<String> ids = with(ledger ->
                ledger.createQuery(which).bind(0, bound).mapTo(String.class).list());
        List<String> pictures = ids.stream()
                .flatMap(id -> body(id).flatMap(text -> JobReader.read(text).job()).stream())
                .flatMap(job -> job.photos().stream().map(Photo::file))
                .distinct()
                .toList();
        inTransaction(ledger -> {
            for (String id : ids) {
                ledger.execute("DELETE FROM job_files WHERE job_id = ?", id);
                ledger.execute("DELETE FROM jobs WHERE id = ?", id);
            }
            return ids;
        });
        if (!ids.isEmpty()) {
            with(SqliteLedger::rewritten);
        }
        pictures.stream()
                .filter(picture -> !shown(picture) && !LedgersBeside.show(file, picture))
                .forEach(pictures()::remove);
        ids.forEach(papers()::remove);
        return ids.size();
    }

    /**
     * Writes the file again from what is in it: pages keep pieces of rows that were moved within them or rewritten long
     * ago, and only a rewritten file is free of them.
     */
    private static int rewritten(Handle ledger) {
        ledger.execute("VACUUM");
        return ledger.createQuery("PRAGMA wal_checkpoint(TRUNCATE)")
                .mapToMap()
                .list()
                .size();
    }

    private Optional<String> body(String id) {
        return with(ledger -> ledger.createQuery("SELECT body FROM job_files WHERE job_id = ?")
                .bind(0, id)
                .mapTo(String.class)
                .findOne());
    }

    /** Tells whether a job that is left shows a picture. */
    private boolean shown(String picture) {
        return with(ledger -> ledger.createQuery("SELECT count(*) FROM job_files WHERE instr(body, ?) > 0")
                        .bind(0, picture)
                        .mapTo(Integer.class)
                        .one())
                > 0;
    }

    @Override
    public void together(Runnable work) {
        inTransaction(ledger -> {
            work.run();
            return null;
        });
    }

    @Override
    public synchronized void close() {
        try {
            handle.execute("PRAGMA wal_checkpoint(TRUNCATE)");
        } catch (JdbiException busy) {
            // Another program reads on: what is in the side file is whole, and is taken over when the last one closes.
            System.getLogger(SqliteLedger.class.getName()).log(System.Logger.Level.INFO, "side file left", busy);
        } finally {
            handle.close();
        }
    }

    /** In a transaction of its own, or in the one that is open. */
    private <T> T inTransaction(Function<Handle, T> work) {
        return with(ledger ->
                ledger.isInTransaction() ? work.apply(ledger) : ledger.inTransaction(inside -> work.apply(inside)));
    }

    private synchronized <T> T with(Function<Handle, T> work) {
        try {
            return work.apply(handle);
        } catch (JdbiException failed) {
            throw new LedgerException(DatabaseErrors.of(failed), failed);
        }
    }

    /** To the millisecond and always as long, so that texts sort as times do. */
    private static String now() {
        return Instant.ofEpochMilli(System.currentTimeMillis())
                .atOffset(ZoneOffset.UTC)
                .format(TIME);
    }

    /** What is stored of a job beside its text. */
    private record Row(JobProjection projection) {

        private static final String SETS =
                "name = ?, owner = ?, station = ?, waits_for = ?, line = ?, search = ?, derived_by = ?, waits = ?,"
                        + " due = ?, lesson = ?";
        private static final int COLUMNS = 10;

        private <S extends SqlStatement<S>> S bind(S statement) {
            return statement
                    .bind(0, projection.name())
                    .bind(1, projection.owner())
                    .bind(2, projection.station().key())
                    .bind(3, StationFinding.write(projection.waitsFor()))
                    .bind(4, projection.line().map(LineSketch::text).orElse(""))
                    .bind(5, projection.search())
                    .bind(6, projection.derivedBy())
                    .bind(7, projection.waits())
                    .bind(8, projection.due().map(LocalDate::toString).orElse(""))
                    .bind(9, projection.lesson());
        }
    }
}
