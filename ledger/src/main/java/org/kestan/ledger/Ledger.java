package org.kestan.ledger;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Predicate;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.PracticeMark;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.memory.Memory;

/**
 * All jobs of a shop. The port behind which a database stands; the same tests hold for each.
 *
 * <p>Safe for several threads, and for several programs on one ledger: each save names the revision it builds on, and one
 * that builds on an old one is refused rather than written over the newer. Every call may throw {@link LedgerException}.
 */
public interface Ledger extends AutoCloseable {

    /** Returns where it lies, in words a person knows it by. */
    String place();

    /**
     * Tells whether it keeps practice jobs, which are about no customer's instrument, and nothing else. Such a ledger refuses
     * every other job, and every other ledger refuses a practice job.
     */
    boolean isForPractice();

    /** Why it does not take a job: it belongs into the other kind of ledger. Empty where it does. */
    default Optional<Finding> refusal(Job job) {
        if (PracticeMark.isOn(job) == isForPractice()) {
            return Optional.empty();
        }
        return Optional.of((isForPractice() ? LedgerFinding.CUSTOMERS_JOB : LedgerFinding.PRACTICE_JOB).of());
    }

    /** Returns the pictures that belong to its jobs. */
    Pictures pictures();

    /** Returns the papers that were made for its jobs. */
    Papers papers();

    /** Returns its backups. */
    Backups backups();

    /** Goes by the standards of a shop from now on: what the list shows of a job depends on them. */
    void goBy(ShopStandards shop);

    /**
     * Derives again what the list shows of every job that was derived by other standards, or by an older program.
     *
     * @return how many were
     */
    int deriveAnew(Progress progress);

    /**
     * Finds jobs.
     *
     * @param query which, and in which order
     * @param shown what the list shows is told of so many of them
     * @param counted so many are counted, at least as many as are shown
     */
    JobPage find(Query query, int shown, int counted);

    /** Returns what the list shows of the first so many of the jobs asked for. */
    default List<JobCard> list(Query query, int most) {
        return find(query, most, most).cards();
    }

    /** Returns what the list shows of the jobs asked for. */
    default List<JobCard> list(Query query) {
        return list(query, Integer.MAX_VALUE);
    }

    /** Returns how many jobs there are, those put away included. */
    int count();

    /** Returns the waits that are on at the jobs at hand. */
    List<JobWait> waits();

    /** Returns what the jobs teach, those put away included. */
    List<Lesson> lessons();

    /** Returns what the shop has learned from its jobs, compared with its standards. */
    Memory memory();

    /**
     * Returns the jobs that teach something, the last changed first.
     *
     * @param what tells whether a lesson is one of those asked for
     * @param most no more are returned
     */
    List<JobLesson> teaching(Predicate<Lesson> what, int most);

    /** Reads a job; empty when there is none of that id, it is deleted, or its text can't be read. */
    Optional<LedgerJob> read(String id);

    /** Returns the revision a job is at; empty when there is no such job, or it is deleted. */
    OptionalInt revision(String id);

    /** Returns what changes whenever another program, or another window, has written to the ledger. */
    String writtenElsewhere();

    /**
     * Tells somebody as soon as another program has written to the ledger or opened a job of it, and whenever that may have been missed. A ledger that
     * can't tell is looked at instead ({@link #writtenElsewhere}).
     *
     * @param heard called on any thread
     */
    default void listen(Runnable heard) {}

    /** Says which job is open here, so that others see it; empty for none. */
    default void showing(Optional<String> id) {}

    /** Returns who has which job open elsewhere: by the job's id, in the words they are known by. */
    default Map<String, List<String>> openElsewhere() {
        return Map.of();
    }

    /** Returns the text of a job's file as it lies in the ledger; empty when there is no such job. */
    Optional<String> text(String id);

    /** Takes a job into the ledger. */
    default LedgerJob insert(Job job) {
        return insert(UUID.randomUUID().toString(), job);
    }

    /**
     * Takes a job into the ledger under an id that was thought of before, so that doing it twice makes one job.
     *
     * @param id an id that no other job has
     */
    LedgerJob insert(String id, Job job);

    /** Returns what is kept on this machine while the server is away; empty for a ledger that is always there. */
    default Optional<WaitingSaves> waiting() {
        return Optional.empty();
    }

    /** Returns a job as it lies here, wherever that is; empty when there is none of that id. */
    Optional<JobRecord> record(String id);

    /**
     * Puts a job in as it lies in another ledger, in place of what is here under its id.
     *
     * @throws LedgerException if it can't be written
     */
    void put(JobRecord record);

    /**
     * Saves a job over the revision it builds on.
     *
     * @param id the job's id
     * @param revision the revision that was read or saved last
     * @param job what to save
     */
    SaveResult save(String id, int revision, Job job);

    /** Takes a second copy of a job into the ledger, named as one; empty when there is no such job. */
    Optional<LedgerJob> duplicate(String id);

    /** Puts a job away, or takes it out again. */
    void archive(String id, boolean away);

    /** Puts a job into the bin; {@link #restore} brings it back, after days too. */
    void delete(String id);

    /** Brings a job back from the bin. */
    void restore(String id);

    /**
     * Removes a job in the bin for good, with its papers and the pictures no other job shows. Traces are left until
     * {@link #cleanse}.
     *
     * @return whether there was such a job in the bin
     */
    boolean erase(String id);

    /**
     * Erases what has lain in the bin since before a time, in the same way.
     *
     * @return how many jobs
     */
    int emptyBin(Instant before);

    /**
     * Writes anew whatever may have traces of what was erased: the ledger itself, its backups, copies put aside. Takes as long
     * as that takes; quick where nothing was erased.
     *
     * @return the files that could not be written anew and may have traces still
     */
    List<Path> cleanse();

    /**
     * Reads the whole ledger through, which may take seconds.
     *
     * @return what is wrong with it, empty for nothing
     */
    Optional<Finding> check();

    /** Does work in one transaction: all of it is kept, or none. */
    void together(Runnable work);

    @Override
    void close();
}
