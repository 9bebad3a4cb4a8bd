package org.kestan.ledger;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Copies of a ledger, with its pictures and papers. */
public interface Backups {

    /**
     * A copy that was looked at and is whole.
     *
     * @param file where it lies
     * @param jobs how many jobs are in it
     * @param made when its file was written, by the clock of then
     */
    record Copy(Path file, int jobs, Instant made) {}

    /** Returns the copies, the last made first, whatever the clocks said. */
    List<Path> all();

    /** Returns those of the copies that are whole, the last made first. */
    List<Copy> whole();

    /** Returns the newest copy, when there is one. */
    default Optional<Path> newest() {
        return all().stream().findFirst();
    }

    /**
     * Makes a copy if the ledger was changed since the newest one, looks whether it is whole, and takes away those that are
     * too many: the oldest first, but never the fullest.
     *
     * @return the copy, empty when nothing had changed
     * @throws IOException if it can't be made; the ledger and the older copies are untouched
     */
    Optional<Path> make() throws IOException;

    /**
     * Puts a copy, with its pictures and papers, in the place of a ledger that can't be used, or is not there. The copy is looked at before anything is
     * moved; the unusable one is kept beside it under another name; on a failure everything is as it was.
     *
     * @return where the unusable one went; empty where there was none
     * @throws IOException if files can't be moved, or the copy is not whole
     */
    Optional<Path> putBack(Path copy) throws IOException;
}
