package org.kestan.ledger;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import org.jdbi.v3.core.statement.SqlStatement;
import org.kestan.files.JobReader;
import org.kestan.files.JobWriter;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Survey;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Keyed;
import org.kestan.standards.ShopStandards;
import org.kestan.station.Station;

/**
 * All jobs of a shop in one database file. Safe for several threads and several processes: each save names the revision it
 * builds on, and one that builds on an old one is refused rather than written over the newer.
 */
public final class Ledger implements AutoCloseable {

    private final Path file;
    private final Handle handle;

    Ledger(Path file, Handle handle) {
        this.file = file;
        this.handle = handle;
    }

    /**
     * Opens a ledger, making it when there is none. One that is damaged, or was written by a newer program, is refused and
     * not written to.
     */
    public static Opening open(Path file) {
        return LedgerOpener.open(file);
    }

    /** Returns the database file. */
    public Path file() {
        return file;
    }

    /** Returns the pictures that lie beside the ledger. */
    public Pictures pictures() {
        return new Pictures(file.resolveSibling("pictures"));
    }

    /** Returns the backups that lie beside the ledger. */
    public Backups backups() {
        return Backups.of(file);
    }

    /** Returns what the list shows of the jobs asked for. */
    public List<JobCard> list(Query query) {
        return list(query, Integer.MAX_VALUE);
    }

    /** Returns what the list shows of the first so many of the jobs asked for. */
    public List<JobCard> list(Query query, int most) {
        return with(ledger -> matching(
                        ledger,
                        "SELECT id, name, owner, station, waits_for, line, created_at, changed_at, archived",
                        query,
                        " ORDER BY " + query.order().sql() + " LIMIT " + most)
                .map((row, context) -> new JobCard(
                        row.getString(1),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        row.getString(5),
                        LineSketch.read(row.getString(6)),
                        Instant.parse(row.getString(7)),
                        Instant.parse(row.getString(8)),
                        row.getInt(9) != 0))
                .list());
    }

    /** Returns how many jobs are like those asked for. */
    public int count(Query query) {
        return with(ledger -> matching(ledger, "SELECT count(*)", query, "")
                .mapTo(Integer.class)
                .one());
    }

    private static org.jdbi.v3.core.statement.Query matching(Handle ledger, String select, Query query, String rest) {
        List<String> patterns = query.patterns();
        var statement = ledger.createQuery(select
                + " FROM jobs WHERE deleted_at IS NULL AND archived = ?"
                + (query.station().isPresent() ? " AND station = ?" : "")
                + " AND search LIKE ? ESCAPE '!'".repeat(patterns.size())
                + rest);
        int next = 0;
        statement.bind(next++, query.archived() ? 1 : 0);
        if (query.station().isPresent()) {
            statement.bind(next++, query.station().get());
        }
        for (String pattern : patterns) {
            statement.bind(next++, pattern);
        }
        return statement;
    }

    /** Returns how many jobs there are, those put away included. */
    public int count() {
        return with(ledger -> ledger.createQuery("SELECT count(*) FROM jobs WHERE deleted_at IS NULL")
                .mapTo(Integer.class)
                .one());
    }

    /** Reads a job; empty when there is none of that id, it is deleted, or its text can't be read. */
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

    /** Returns the text of a job's file as it lies in the ledger; empty when there is no such job. */
    public Optional<String> text(String id) {
        return with(ledger -> ledger.createQuery(
                        "SELECT body FROM jobs JOIN job_files ON job_id = id WHERE id = ? AND deleted_at IS NULL")
                .bind(0, id)
                .mapTo(String.class)
                .findOne());
    }

    /** Takes a job into the ledger. */
    public LedgerJob insert(Job job) {
        String id = UUID.randomUUID().toString();
        String now = now();
        Row row = Row.of(job);
        return inTransaction(ledger -> {
            row.bind(ledger.createUpdate(
                            "INSERT INTO jobs (name, owner, station, waits_for, line, search, id, revision,"
                                    + " created_at, changed_at, archived) VALUES (?, ?, ?, ?, ?, ?, ?, 1, ?, ?, 0)"))
                    .bind(6, id)
                    .bind(7, now)
                    .bind(8, now)
                    .execute();
            ledger.execute("INSERT INTO job_files (job_id, body) VALUES (?, ?)", id, row.body());
            return new LedgerJob(id, 1, job);
        });
    }

    /**
     * Saves a job over the revision it builds on.
     *
     * @param id the job's id
     * @param revision the revision that was read or saved last
     * @param job what to save
     */
    public Saved save(String id, int revision, Job job) {
        Row row = Row.of(job);
        return inTransaction(ledger -> {
            int changed = row.bind(
                            ledger.createUpdate("UPDATE jobs SET name = ?, owner = ?, station = ?, waits_for = ?,"
                                    + " line = ?, search = ?, revision = revision + 1, changed_at = ?"
                                    + " WHERE id = ? AND revision = ? AND deleted_at IS NULL"))
                    .bind(6, now())
                    .bind(7, id)
                    .bind(8, revision)
                    .execute();
            if (changed != 1) {
                return new Saved.Conflict();
            }
            ledger.execute("UPDATE job_files SET body = ? WHERE job_id = ?", row.body(), id);
            return new Saved.Done(revision + 1);
        });
    }

    /** Takes a second copy of a job into the ledger; empty when there is no such job. */
    public Optional<LedgerJob> duplicate(String id) {
        return read(id).map(found -> {
            String name = found.job().instrument().name();
            return insert(found.job().withInstrument(found.job().instrument().withName((name + " (copy)").strip())));
        });
    }

    /** Puts a job away, or takes it out again. */
    public void archive(String id, boolean away) {
        with(ledger -> ledger.execute("UPDATE jobs SET archived = ? WHERE id = ?", away ? 1 : 0, id));
    }

    /** Deletes a job; {@link #restore} undoes it. */
    public void delete(String id) {
        with(ledger -> ledger.execute("UPDATE jobs SET deleted_at = ? WHERE id = ?", now(), id));
    }

    /** Brings a deleted job back. */
    public void restore(String id) {
        with(ledger -> ledger.execute("UPDATE jobs SET deleted_at = NULL WHERE id = ?", id));
    }

    /** Does work in one transaction: all of it is kept, or none. */
    public void together(Runnable work) {
        inTransaction(ledger -> {
            work.run();
            return null;
        });
    }

    @Override
    public synchronized void close() {
        handle.close();
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
            Throwable cause = failed.getCause() == null ? failed : failed.getCause();
            throw new LedgerException(Objects.toString(cause.getMessage(), "the ledger can't be reached"), failed);
        }
    }

    /** To the millisecond and always as long, so that texts sort as times do. */
    private static String now() {
        return Instant.ofEpochMilli(System.currentTimeMillis())
                .atOffset(java.time.ZoneOffset.UTC)
                .format(java.time.format.DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'"));
    }

    /** What is stored of a job beside its text. */
    private record Row(
            String name, String owner, String station, String waitsFor, String line, String search, String body) {

        private static Row of(Job job) {
            Reckoning reckoning = Reckoning.of(job, ShopStandards.DEFAULT);
            Station station = Station.current(reckoning);
            return new Row(
                    cut(job.instrument().name(), 400),
                    cut(job.details().get(Details.OWNER).orElse(""), 400),
                    station.title(),
                    cut(station.progress(reckoning).why(), 200),
                    LineSketch.write(LineSketch.of(reckoning)),
                    search(job),
                    JobWriter.write(job));
        }

        private <S extends SqlStatement<S>> S bind(S statement) {
            return statement
                    .bind(0, name)
                    .bind(1, owner)
                    .bind(2, station)
                    .bind(3, waitsFor)
                    .bind(4, line)
                    .bind(5, search);
        }

        private static String search(Job job) {
            Stream<String> words = Stream.of(
                    job.instrument().name(),
                    job.instrument().form().map(Keyed::label).orElse(""),
                    job.instrument().joint().map(Keyed::label).orElse(""),
                    job.instrument().body(),
                    job.instrument().collectible().orElse(false) ? "collectible" : "");
            Stream<String> details = Details.OF_JOB.stream().flatMap(detail -> job.details().text(detail).stream());
            Stream<String> surveys = Stream.concat(Stream.of(job.survey()), job.surveys().stream())
                    .flatMap(Row::words);
            return Stream.of(words, details, surveys)
                    .flatMap(Function.identity())
                    .filter(word -> !word.isBlank())
                    .collect(Collectors.joining(" \n"))
                    .toLowerCase(Locale.ROOT);
        }

        private static Stream<String> words(Survey survey) {
            return Stream.concat(
                    survey.details().text(Details.NOTES).stream(),
                    survey.findings().stream().map(finding -> finding.what().label() + " " + finding.note()));
        }

        private static String cut(String text, int most) {
            return text.length() <= most ? text : text.substring(0, most);
        }
    }
}
