package org.kestan.desktop.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.kestan.base.expect.Expect;
import org.kestan.job.Job;
import org.kestan.job.JobMerge;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.SaveResult;

/**
 * The open job as stored in the ledger, shared with other windows: what they save is taken over, and what is saved
 * here is merged with it section by section. If both changed the same section, both are kept as separate jobs.
 *
 * <p>To be used on the ledger's thread; only {@link #id} and {@link #content} may be asked anywhere.
 */
final class OpenJob {

    private static final int TRIES = 5;

    private final Ledger ledger;
    private final List<Change> changes = new ArrayList<>();
    private final String ownId = UUID.randomUUID().toString();
    private volatile State state;
    private int firstOfThisJob;

    /** The job being inserted when the ledger did not answer; it may have arrived nevertheless. */
    private Optional<Job> attempted = Optional.empty();

    /**
     * The job as last read or saved.
     *
     * @param entry empty as long as it is in no ledger
     */
    private record State(Optional<LedgerJob> entry, Job content) {}

    /**
     * What another window did to the job.
     *
     * @param base the job before
     * @param next the job with it
     */
    record Change(Job base, Job next) {}

    /** The outcome of a save. */
    sealed interface Outcome {

        /** The job is saved. */
        record Saved() implements Outcome {}

        /** The job is saved, merged with what another window saved. */
        record Merged(Change change) implements Outcome {}

        /** Both changed the same section; this version is saved as a separate job. */
        record Beside() implements Outcome {}
    }

    /** The id of a copy that may or may not have been written; empty for none. */
    private Optional<String> copy = Optional.empty();

    private OpenJob(Ledger ledger, State state) {
        this.ledger = ledger;
        this.state = state;
    }

    /** A job that is not in a ledger yet. */
    static OpenJob fresh(Ledger ledger, Job job) {
        return new OpenJob(ledger, new State(Optional.empty(), job));
    }

    /** A job that was just read. */
    static OpenJob of(Ledger ledger, LedgerJob entry) {
        return new OpenJob(ledger, new State(Optional.of(entry), entry.job()));
    }

    /** Returns its id in the ledger; empty if it is not in one. */
    Optional<String> id() {
        return state.entry().map(LedgerJob::id);
    }

    /** Returns its present or future id in the ledger. */
    String lastingId() {
        return id().orElse(ownId);
    }

    /** Returns the job as last read or saved. */
    Job content() {
        return state.content();
    }

    /**
     * Saves the job.
     *
     * @param job as the window shows it
     * @param seen how many changes from others it includes
     * @throws LedgerException if it can't be written
     */
    Outcome save(Job job, int seen) {
        Optional<Job> mine = Optional.of(job);
        for (Change change : changes.subList(Math.max(seen, firstOfThisJob), changes.size())) {
            mine = mine.flatMap(each -> JobMerge.merge(change.base(), each, change.next()));
        }
        if (mine.isEmpty()) {
            return beside(job);
        }
        if (state.entry().isEmpty()) {
            Optional<LedgerJob> arrived = attempted.flatMap(before -> ledger.read(ownId));
            if (arrived.isEmpty()) {
                attempted = mine;
                state = new State(Optional.of(ledger.insert(ownId, mine.get())), mine.get());
                return new Outcome.Saved();
            }
            state = new State(arrived, attempted.orElseThrow(Expect.present("attempt")));
        }
        LedgerJob entry = state.entry().get();
        return ledger.save(entry.id(), entry.revision(), mine.get()) instanceof SaveResult.Done done
                ? saved(entry.id(), done, mine.get())
                : merge(entry.id(), mine.get());
    }

    private Outcome saved(String id, SaveResult.Done done, Job job) {
        state = new State(Optional.of(new LedgerJob(id, done.revision(), job)), job);
        return new Outcome.Saved();
    }

    private Outcome merge(String id, Job mine) {
        for (int i = 0; i < TRIES; i++) {
            Optional<LedgerJob> theirs = ledger.read(id);
            Optional<Job> both = theirs.flatMap(each -> JobMerge.merge(content(), mine, each.job()));
            if (both.isEmpty()) {
                break;
            }
            if (ledger.save(id, theirs.get().revision(), both.get()) instanceof SaveResult.Done done) {
                saved(id, done, both.get());
                return new Outcome.Merged(noted(mine, both.get()));
            }
        }
        return beside(mine);
    }

    /** An earlier copy that may have arrived without an answer is overwritten, so that there is only one. */
    private Outcome beside(Job job) {
        Optional<LedgerJob> arrived = copy.flatMap(ledger::read);
        copy = copy.or(() -> Optional.of(UUID.randomUUID().toString()));
        String id = copy.get();
        if (arrived.isEmpty()) {
            state = new State(Optional.of(ledger.insert(id, job)), job);
        } else if (ledger.save(id, arrived.get().revision(), job) instanceof SaveResult.Done done) {
            saved(id, done, job);
        } else {
            copy = Optional.empty();
            return beside(job);
        }
        copy = Optional.empty();
        firstOfThisJob = changes.size();
        return new Outcome.Beside();
    }

    private Change noted(Job base, Job next) {
        Change change = new Change(base, next);
        changes.add(change);
        return change;
    }

    /**
     * Checks whether another window saved the job.
     *
     * @return what it changed, which counts as one more to be seen
     * @throws LedgerException if the ledger does not answer
     */
    Optional<Change> look() {
        Optional<LedgerJob> entry = state.entry();
        OptionalInt newest = entry.isPresent() ? ledger.revision(entry.get().id()) : OptionalInt.empty();
        if (newest.isEmpty() || newest.getAsInt() <= entry.get().revision()) {
            return Optional.empty();
        }
        return ledger.read(entry.get().id()).map(theirs -> {
            Job base = content();
            state = new State(Optional.of(theirs), theirs.job());
            return noted(base, theirs.job());
        });
    }
}
