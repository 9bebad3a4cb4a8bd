package org.kestan.ledger.sql;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jdbi.v3.core.Handle;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Derivation;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLesson;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.JobPage;
import org.kestan.ledger.JobRecord;
import org.kestan.ledger.JobWait;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.Progress;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.Versions;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.memory.Memory;

/** A ledger in any SQL database: everything that is portable SQL. */
public abstract class SqlLedger implements Ledger {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'");

    private final SqlLessons lessons = new SqlLessons(this::with, this::state);
    private final Clock clock;
    private String replica;
    private LedgerPurpose purpose;
    private volatile Derivation derivation = Derivation.by(ShopStandards.DEFAULT);

    /** @param clock what time it is */
    protected SqlLedger(Clock clock) {
        this.clock = clock;
    }

    /** Reads the ledger's properties, once the database can be queried. */
    protected final void begin() {
        replica = with(ledger -> ledger.createQuery("SELECT value FROM meta WHERE name = 'replica'")
                .mapTo(String.class)
                .one());
        purpose = with(LedgerPurpose::read);
    }

    /**
     * Queries the database.
     *
     * @throws LedgerException if it can't be asked
     */
    protected abstract <T> T with(Function<Handle, T> work);

    /** Does work in a new transaction, or in the open one. */
    protected abstract <T> T inTransaction(Function<Handle, T> work);

    /** Returns what finds jobs by words. */
    protected abstract JobSearch search();

    /** Returns a value that changes with every change of the ledger, by anybody. */
    protected abstract String state();

    /** Called in the transaction that changes a job. */
    protected String changed(Handle inside, String id) {
        return id;
    }

    /**
     * Called after a job was written.
     *
     * @throws LedgerException if it is missing after all
     */
    protected void saved(String id, int revision) {}

    /** Makes an empty ledger one for practice; false if it contains customers' jobs. */
    protected final boolean becomePractice() {
        purpose = inTransaction(LedgerPurpose::practiceWhereEmpty);
        return purpose.isPractice();
    }

    @Override
    public boolean isForPractice() {
        return purpose.isPractice();
    }

    /** Refuses what belongs in the other kind of ledger. */
    private void demandOwn(Job job) {
        refusal(job).ifPresent(why -> {
            throw new LedgerException(why, new IllegalArgumentException(job.name()));
        });
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
                        row.bind(ledger.createUpdate("UPDATE jobs SET " + JobRow.SETS + " WHERE id = ?"))
                                .bind(JobRow.COLUMNS, id)
                                .execute();
                        return search().put(ledger, id, row.projection().search());
                    }));
            done++;
        }
        return done;
    }

    /** What the list shows about a job; one too odd for that is stored as it is, and logged. */
    private Optional<JobRow> rowIfAny(Job job) {
        try {
            return Optional.of(row(job));
        } catch (RuntimeException odd) {
            System.getLogger(SqlLedger.class.getName()).log(System.Logger.Level.WARNING, "an odd job", odd);
            return Optional.empty();
        }
    }

    private JobRow row(Job job) {
        return new JobRow(derivation.of(job));
    }

    @Override
    public JobPage find(Query query, int shown, int counted) {
        return with(ledger -> {
            JobSearch.Finding finding = search().finding(ledger, query, counted);
            // Only numbers are sorted; sorting whole rows of all results would take longer than everything else.
            var statement = ledger.createQuery("WITH found AS MATERIALIZED (" + finding.sql()
                    + ") SELECT " + JobRow.CARD
                    + ", (SELECT count(*) FROM found) FROM jobs WHERE n IN (SELECT n FROM found) ORDER BY "
                    + JobSearch.order(query.order()) + " LIMIT " + shown);
            for (int i = 0; i < finding.values().size(); i++) {
                statement.bind(i, finding.values().get(i));
            }
            record Found(JobCard card, int all) {}
            List<Found> found = statement
                    .map((row, context) -> new Found(JobRow.card(row), row.getInt(12)))
                    .list();
            return new JobPage(
                    found.stream().map(Found::card).toList(),
                    found.isEmpty() ? 0 : found.get(0).all());
        });
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
    public Optional<String> text(String id) {
        return with(ledger -> ledger.createQuery(
                        "SELECT body FROM jobs JOIN job_files ON job_id = id WHERE id = ? AND deleted_at IS NULL")
                .bind(0, id)
                .mapTo(String.class)
                .findOne());
    }

    @Override
    public LedgerJob insert(String id, Job job) {
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
        return with(ledger -> ledger.createQuery(
                        "SELECT " + JobRow.RECORD + " FROM jobs JOIN job_files ON job_id = id WHERE id = ?")
                .bind(0, id)
                .map((row, context) -> JobRow.record(row))
                .findOne());
    }

    @Override
    public void put(JobRecord record) {
        put(record, JobReader.read(record.text()).job().orElseThrow());
    }

    private void put(JobRecord record, Job job) {
        demandOwn(job);
        JobRow row = row(job);
        inTransaction(ledger -> {
            search().remove(ledger, record.id());
            ledger.execute("DELETE FROM job_files WHERE job_id = ?", record.id());
            ledger.execute("DELETE FROM jobs WHERE id = ?", record.id());
            row.bind(ledger.createUpdate(
                            "INSERT INTO jobs (name, owner, station, waits_for, line, derived_by, waits, due,"
                                    + " lesson, id, revision, versions, created_at, changed_at, archived, deleted_at)"
                                    + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"))
                    .bind(JobRow.COLUMNS, record.id())
                    .bind(JobRow.COLUMNS + 1, record.revision())
                    .bind(JobRow.COLUMNS + 2, record.versions().text())
                    .bind(JobRow.COLUMNS + 3, text(record.created()))
                    .bind(JobRow.COLUMNS + 4, text(record.changed()))
                    .bind(JobRow.COLUMNS + 5, record.shelf() == JobLocation.AWAY ? 1 : 0)
                    .bind(JobRow.COLUMNS + 6, record.deleted() == null ? null : text(record.deleted()))
                    .execute();
            ledger.execute("INSERT INTO job_files (job_id, body) VALUES (?, ?)", record.id(), record.text());
            search().put(ledger, record.id(), row.projection().search());
            return changed(ledger, record.id());
        });
        saved(record.id(), record.revision());
    }

    @Override
    public SaveResult save(String id, int revision, Job job) {
        demandOwn(job);
        JobRow row = row(job);
        SaveResult saved = inTransaction(ledger -> {
            int changed = row.bind(ledger.createUpdate("UPDATE jobs SET " + JobRow.SETS
                            + ", revision = revision + 1, changed_at = ?, versions = ?"
                            + " WHERE id = ? AND revision = ? AND deleted_at IS NULL"))
                    .bind(JobRow.COLUMNS, text(clock.instant()))
                    .bind(JobRow.COLUMNS + 1, nextVersions(ledger, id))
                    .bind(JobRow.COLUMNS + 2, id)
                    .bind(JobRow.COLUMNS + 3, revision)
                    .execute();
            if (changed != 1) {
                return new SaveResult.Conflict();
            }
            ledger.execute("UPDATE job_files SET body = ? WHERE job_id = ?", JobWriter.write(job), id);
            search().put(ledger, id, row.projection().search());
            changed(ledger, id);
            return new SaveResult.Done(revision + 1);
        });
        if (saved instanceof SaveResult.Done) {
            saved(id, revision + 1);
        }
        return saved;
    }

    /**
     * Which ledgers will have changed a job after another change here, as text; starts from nothing if there is no
     * such job.
     */
    private String nextVersions(Handle ledger, String id) {
        return ledger.createQuery("SELECT versions FROM jobs WHERE id = ?")
                .bind(0, id)
                .mapTo(String.class)
                .findOne()
                .map(Versions::read)
                .orElse(Versions.NONE)
                .changedBy(replica)
                .text();
    }

    @Override
    public Optional<LedgerJob> duplicate(String id) {
        return read(id).map(found ->
                insert(found.job().with(Lines.NAME, (found.job().name() + " (copy)").strip())));
    }

    @Override
    public void archive(String id, boolean away) {
        placed(id, "UPDATE jobs SET archived = ?, versions = ? WHERE id = ?", away ? 1 : 0);
    }

    @Override
    public void delete(String id) {
        placed(id, "UPDATE jobs SET deleted_at = ?, versions = ? WHERE id = ?", text(clock.instant()));
    }

    @Override
    public void restore(String id) {
        placed(id, "UPDATE jobs SET deleted_at = ?, versions = ? WHERE id = ?", null);
    }

    /** Moves a job to another location. This counts as a change, so that other ledgers follow. */
    private void placed(String id, String change, Object value) {
        inTransaction(ledger -> {
            ledger.execute(change, value, nextVersions(ledger, id), id);
            return changed(ledger, id);
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
        erase(ids);
        return ids.size();
    }

    /** Removes jobs for good, with their papers and the pictures no other job uses. */
    protected abstract void erase(List<String> ids);

    @Override
    public void together(Runnable work) {
        inTransaction(ledger -> {
            work.run();
            return null;
        });
    }

    /** To the millisecond and with a fixed length, so that texts sort like times. */
    protected static String text(Instant moment) {
        return moment.truncatedTo(ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC).format(TIME);
    }
}
