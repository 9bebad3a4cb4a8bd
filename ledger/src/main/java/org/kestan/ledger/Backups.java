package org.kestan.ledger;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Backups of a ledger, with its pictures and papers. */
public interface Backups {

    /**
     * A backup that was checked and is intact.
     *
     * @param file where it lies
     * @param jobs how many jobs are in it
     * @param made when its file was written, by the clock of then
     */
    record Copy(Path file, int jobs, Instant made) {}

    /** Returns the backups, the last made first, whatever the clocks said. */
    List<Path> all();

    /** Returns the intact backups, the last made first. */
    List<Copy> whole();

    /** Returns the newest backup, if there is one. */
    default Optional<Path> newest() {
        return all().stream().findFirst();
    }

    /**
     * Makes a backup if the ledger has changed since the newest one, checks it, and removes surplus ones: the oldest
     * first, but never the fullest.
     *
     * @return the copy, empty if nothing had changed
     * @throws IOException if it can't be made; the ledger and the older copies are untouched
     */
    Optional<Path> make() throws IOException;

    /**
     * Replaces a ledger that is unusable or missing with a backup, including its pictures and papers. The backup is
     * checked before anything is moved, and the unusable ledger is kept beside it under another name. On failure
     * everything is as before.
     *
     * @return where the unusable one was moved; empty if there was none
     * @throws IOException if files can't be moved, or the copy is not whole
     */
    Optional<Path> putBack(Path copy) throws IOException;
}
