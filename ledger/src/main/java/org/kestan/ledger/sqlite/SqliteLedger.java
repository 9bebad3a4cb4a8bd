package org.kestan.ledger.sqlite;

import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import org.jdbi.v3.core.statement.SqlStatement;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Backups;
import org.kestan.ledger.Derivation;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLesson;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.JobProjection;
import org.kestan.ledger.JobRecord;
import org.kestan.ledger.JobWait;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.LineSketch;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Papers;
import org.kestan.ledger.Pictures;
import org.kestan.ledger.Progress;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.Versions;
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
    private final SqliteErasure erasure;
    private final String replica;
    private final Clock clock;
    private LedgerPurpose purpose;
    private volatile Derivation derivation = Derivation.by(ShopStandards.DEFAULT);

    SqliteLedger(Path file, Handle handle, Clock clock) {
        this.file = file;
        this.handle = handle;
        this.clock = clock;
        this.presence = FileIdentity.of(file);
        this.erasure = new SqliteErasure(file, this::with);
        this.replica = with(ledger -> ledger.createQuery("SELECT value FROM meta WHERE name = 'replica'")
                .mapTo(String.class)
                .one());
        this.purpose = with(LedgerPurpose::read);
    }

    /**
     * Opens a ledger, making it when there is none. One that is damaged, or was written by a newer program, is refused and
     * not written to.
     */
    public static OpenResult open(Path file) {
        return LedgerOpener.open(file, false, Clock.systemUTC());
    }

    /** Opens a ledger in the same way, by another clock. */
    public static OpenResult open(Path file, Clock clock) {
        return LedgerOpener.open(file, false, clock);
    }

    /** Opens a ledger, making it when there is none even where backups of one lie. */
    public static OpenResult openAnew(Path file) {
        return LedgerOpener.open(file, true, Clock.systemUTC());
    }

    /**
     * Opens a ledger of practice jobs, making it when there is none. One in which customers' jobs lie is refused and stays as
     * it is.
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

    private boolean becomePractice() {
        purpose = inTransaction(LedgerPurpose::practiceWhereEmpty);
        return purpose.isPractice();
    }

    @Override
    public boolean isForPractice() {
        return purpose.isPractice();
    }

    /** Lets nothing in that belongs elsewhere. */
    private void demandOwn(Job job) {
        refusal(job).ifPresent(why -> {
            throw new LedgerException(why, new IllegalArgumentException(job.name()));
        });
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
        derivation = Derivation.by(next);
    }

    @Override
    public int deriveAnew(Progress progress) {
        String by = derivation.key();
        List<String> stale =
                with(ledger -> ledger.createQuery("SELECT id FROM jobs WHERE derived_by <> ? ORDER BY changed_at DESC")
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
                    .ifPresent(row -> inTransaction(ledger -> {
                        row.bind(ledger.createUpdate("UPDATE jobs SET " + Row.SETS + " WHERE id = ?"))
                                .bind(Row.COLUMNS, id)
                                .execute();
                        return SqliteSearch.put(ledger, id, row.projection().search());
                    }));
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
        return new Row(derivation.of(job));
    }

    @Override
    public List<JobCard> list(Query query, int most) {
        String order = " ORDER BY " + SqliteSearch.order(query.order());
        // Only numbers are sorted: whole rows of all that were found would take longer than all the rest.
        return with(ledger -> SqliteSearch.matching(
                        ledger,
                        "SELECT id, name, owner, station, waits_for, line, created_at, changed_at, archived, deleted_at,"
                                + " due FROM jobs WHERE n IN (SELECT n",
                        query,
                        order + " LIMIT " + most + ")" + order)
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
                        shelf(row.getInt(9), row.getString(10))))
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

    @Override
    public int count(Query query, int most) {
        return with(
                ledger -> SqliteSearch.matching(ledger, "SELECT count(*) FROM (SELECT 1", query, " LIMIT " + most + ")")
                        .mapTo(Integer.class)
                        .one());
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
        return lessons.memory(derivation.shop());
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
        String id = UUID.randomUUID().toString();
        Instant now = clock.instant();
        put(
                new JobRecord(
                        id,
                        1,
                        Versions.NONE.changedBy(replica),
                        now,
                        now,
                        JobLocation.BENCH,
                        null,
                        JobWriter.write(job)),
                job);
        return new LedgerJob(id, 1, job);
    }

    @Override
    public Optional<JobRecord> record(String id) {
        return with(ledger -> ledger.createQuery("SELECT id, revision, versions, created_at, changed_at, archived,"
                        + " deleted_at, body FROM jobs JOIN job_files ON job_id = id WHERE id = ?")
                .bind(0, id)
                .map((row, context) -> new JobRecord(
                        row.getString(1),
                        row.getInt(2),
                        Versions.read(row.getString(3)),
                        instant(row.getString(4)),
                        instant(row.getString(5)),
                        shelf(row.getInt(6), row.getString(7)),
                        row.getString(7) == null ? null : instant(row.getString(7)),
                        row.getString(8)))
                .findOne());
    }

    private static JobLocation shelf(int archived, String deleted) {
        return deleted != null ? JobLocation.BIN : archived != 0 ? JobLocation.AWAY : JobLocation.BENCH;
    }

    @Override
    public void put(JobRecord record) {
        put(record, JobReader.read(record.text()).job().orElseThrow());
    }

    private void put(JobRecord record, Job job) {
        demandOwn(job);
        Row row = row(job);
        inTransaction(ledger -> {
            SqliteSearch.remove(ledger, record.id());
            ledger.execute("DELETE FROM job_files WHERE job_id = ?", record.id());
            ledger.execute("DELETE FROM jobs WHERE id = ?", record.id());
            row.bind(ledger.createUpdate(
                            "INSERT INTO jobs (name, owner, station, waits_for, line, derived_by, waits, due,"
                                    + " lesson, id, revision, versions, created_at, changed_at, archived, deleted_at)"
                                    + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"))
                    .bind(Row.COLUMNS, record.id())
                    .bind(Row.COLUMNS + 1, record.revision())
                    .bind(Row.COLUMNS + 2, record.versions().text())
                    .bind(Row.COLUMNS + 3, text(record.created()))
                    .bind(Row.COLUMNS + 4, text(record.changed()))
                    .bind(Row.COLUMNS + 5, record.shelf() == JobLocation.AWAY ? 1 : 0)
                    .bind(Row.COLUMNS + 6, record.deleted() == null ? null : text(record.deleted()))
                    .execute();
            ledger.execute("INSERT INTO job_files (job_id, body) VALUES (?, ?)", record.id(), record.text());
            return SqliteSearch.put(ledger, record.id(), row.projection().search());
        });
        readBack(record.id(), record.revision());
    }

    @Override
    public SaveResult save(String id, int revision, Job job) {
        demandOwn(job);
        Row row = row(job);
        SaveResult saved = inTransaction(ledger -> {
            int changed = row.bind(ledger.createUpdate("UPDATE jobs SET " + Row.SETS
                            + ", revision = revision + 1, changed_at = ?"
                            + " WHERE id = ? AND revision = ? AND deleted_at IS NULL"))
                    .bind(Row.COLUMNS, text(clock.instant()))
                    .bind(Row.COLUMNS + 1, id)
                    .bind(Row.COLUMNS + 2, revision)
                    .execute();
            if (changed != 1) {
                return new SaveResult.Conflict();
            }
            ledger.execute("UPDATE job_files SET body = ? WHERE job_id = ?", JobWriter.write(job), id);
            SqliteSearch.put(ledger, id, row.projection().search());
            counted(ledger, id);
            return new SaveResult.Done(revision + 1);
        });
        if (saved instanceof SaveResult.Done) {
            readBack(id, revision + 1);
        }
        return saved;
    }

    /** Counts a change of a job by this ledger. */
    private void counted(Handle ledger, String id) {
        ledger.createQuery("SELECT versions FROM jobs WHERE id = ?")
                .bind(0, id)
                .mapTo(String.class)
                .findOne()
                .map(Versions::read)
                .ifPresent(before -> ledger.execute(
                        "UPDATE jobs SET versions = ? WHERE id = ?",
                        before.changedBy(replica).text(),
                        id));
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
        placed(id, "UPDATE jobs SET archived = ? WHERE id = ?", away ? 1 : 0);
    }

    @Override
    public void delete(String id) {
        placed(id, "UPDATE jobs SET deleted_at = ? WHERE id = ?", text(clock.instant()));
    }

    @Override
    public void restore(String id) {
        placed(id, "UPDATE jobs SET deleted_at = ? WHERE id = ?", null);
    }

    /** Puts a job somewhere else, which counts as a change: another ledger is to follow. */
    private void placed(String id, String change, Object value) {
        inTransaction(ledger -> {
            ledger.execute(change, value, id);
            counted(ledger, id);
            return id;
        });
    }

    @Override
    public boolean erase(String id) {
        return erased("SELECT id FROM jobs WHERE deleted_at IS NOT NULL AND id = ?", id) > 0;
    }

    @Override
    public int emptyBin(Instant before) {
        return erased("SELECT id FROM jobs WHERE deleted_at < ?", text(before));
    }

    private int erased(String which, String bound) {
        List<String> ids = with(ledger ->
                ledger.createQuery(which).bind(0, bound).mapTo(String.class).list());
        erasure.erase(ids, pictures(), papers());
        return ids.size();
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
    private static String text(Instant moment) {
        return moment.truncatedTo(ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC).format(TIME);
    }

    /** What is stored of a job beside its text. */
    private record Row(JobProjection projection) {

        private static final String SETS =
                "name = ?, owner = ?, station = ?, waits_for = ?, line = ?, derived_by = ?, waits = ?, due = ?,"
                        + " lesson = ?";
        private static final int COLUMNS = 9;

        private <S extends SqlStatement<S>> S bind(S statement) {
            return statement
                    .bind(0, projection.name())
                    .bind(1, projection.owner())
                    .bind(2, projection.station().key())
                    .bind(3, StationFinding.write(projection.waitsFor()))
                    .bind(4, projection.line().map(LineSketch::text).orElse(""))
                    .bind(5, projection.derivedBy())
                    .bind(6, projection.waits())
                    .bind(7, projection.due().map(LocalDate::toString).orElse(""))
                    .bind(8, projection.lesson());
        }
    }
}
