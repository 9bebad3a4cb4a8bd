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
 * All jobs of a shop: the port to a database. All adapters pass the same tests.
 *
 * <p>Safe for several threads, and for several programs on one ledger: each save names the revision it builds on, and one
 * that builds on an old one is refused rather than written over the newer. Every call may throw {@link LedgerException}.
 */
public interface Ledger extends AutoCloseable {

    /** Returns where it is, in words a person recognizes. */
    String place();

    /**
     * Returns whether it is for practice jobs, which belong to no customer's instrument, and nothing else. Such a
     * ledger refuses every other job, and every other ledger refuses a practice job.
     */
    boolean isForPractice();

    /** Returns why it refuses a job that belongs in the other kind of ledger; empty if it does not. */
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

    /** Changes the standards used from now on for deriving what the list shows. */
    void goBy(ShopStandards shop);

    /**
     * Derives the list's data again for every job that was derived with other standards, or by an older program.
     *
     * @return how many were
     */
    int deriveAnew(Progress progress);

    /**
     * Finds jobs.
     *
     * @param query which, and in which order
     * @param shown how many of them are returned with what the list shows
     * @param counted how many are counted at most; at least as many as are shown
     */
    JobPage find(Query query, int shown, int counted);

    /** Returns what the list shows about the first jobs requested, up to a limit. */
    default List<JobCard> list(Query query, int most) {
        return find(query, most, most).cards();
    }

    /** Returns what the list shows about the jobs requested. */
    default List<JobCard> list(Query query) {
        return list(query, Integer.MAX_VALUE);
    }

    /** Returns how many jobs there are, including archived ones. */
    int count();

    /** Returns the running waits of the current jobs. */
    List<JobWait> waits();

    /** Returns what the jobs teach, including archived ones. */
    List<Lesson> lessons();

    /** Returns what the shop has learned from its jobs, compared with its standards. */
    Memory memory();

    /**
     * Returns the jobs that teach something, the last changed first.
     *
     * @param what decides whether a lesson is wanted
     * @param most the most that are returned
     */
    List<JobLesson> teaching(Predicate<Lesson> what, int most);

    /** Reads a job; empty if there is none with that id, it is deleted, or its text can't be read. */
    Optional<LedgerJob> read(String id);

    /** Returns the revision of a job; empty if there is no such job, or it is deleted. */
    OptionalInt revision(String id);

    /** Returns a value that changes whenever another program, or another window, has written to the ledger. */
    String writtenElsewhere();

    /**
     * Calls a listener as soon as another program has written to the ledger or opened a job of it, and whenever that
     * may have been missed. A ledger that can't do so is polled instead ({@link #writtenElsewhere}).
     *
     * @param heard called on any thread
     */
    default void listen(Runnable heard) {}

    /** Announces which job is open here, so that others see it; empty for none. */
    default void showing(Optional<String> id) {}

    /** Returns who has which job open elsewhere, by the job's id, in words a person recognizes. */
    default Map<String, List<String>> openElsewhere() {
        return Map.of();
    }

    /** Returns the text of a job's file as stored in the ledger; empty if there is no such job. */
    Optional<String> text(String id);

    /** Adds a job to the ledger. */
    default LedgerJob insert(Job job) {
        return insert(UUID.randomUUID().toString(), job);
    }

    /**
     * Adds a job to the ledger under an id chosen before, so that doing it twice makes one job.
     *
     * @param id an id that no other job has
     */
    LedgerJob insert(String id, Job job);

    /**
     * Returns the saves stored on this machine while the server is away; empty for a ledger that is always available.
     */
    default Optional<WaitingSaves> waiting() {
        return Optional.empty();
    }

    /** Returns a job with its location here; empty if there is none with that id. */
    Optional<JobRecord> record(String id);

    /**
     * Stores a job as it is in another ledger, in place of the one with its id here.
     *
     * @throws LedgerException if it can't be written
     */
    void put(JobRecord record);

    /**
     * Saves a job over the revision it is based on.
     *
     * @param id the job's id
     * @param revision the revision that was read or saved last
     * @param job what to save
     */
    SaveResult save(String id, int revision, Job job);

    /** Adds a copy of a job to the ledger, named as such; empty if there is no such job. */
    Optional<LedgerJob> duplicate(String id);

    /** Archives a job, or unarchives it. */
    void archive(String id, boolean away);

    /** Moves a job to the bin; {@link #restore} brings it back, even after days. */
    void delete(String id);

    /** Restores a job from the bin. */
    void restore(String id);

    /**
     * Removes a job in the bin for good, with its papers and the pictures no other job uses. Traces remain until
     * {@link #cleanse}.
     *
     * @return whether there was such a job in the bin
     */
    boolean erase(String id);

    /**
     * Erases what was deleted before a given time, in the same way.
     *
     * @return how many jobs
     */
    int emptyBin(Instant before);

    /**
     * Rewrites whatever may have traces of what was erased: the ledger itself, its backups, ledgers set aside. This
     * may take a while; quick if nothing was erased.
     *
     * @return the files that could not be written anew and may have traces still
     */
    List<Path> cleanse();

    /**
     * Reads the whole ledger, which may take seconds.
     *
     * @return what is wrong with it, empty for nothing
     */
    Optional<Finding> check();

    /** Does work in one transaction: all of it is stored, or none. */
    void together(Runnable work);

    @Override
    void close();
}
