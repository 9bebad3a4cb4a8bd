package org.kestan.ledger;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Copies of a ledger. */
public interface Backups {

    /** Returns the copies, the newest first. */
    List<Path> all();

    /** Returns the newest copy, when there is one. */
    default Optional<Path> newest() {
        return all().stream().findFirst();
    }

    /**
     * Makes a copy if the ledger was changed since the newest one, and takes away those that are too many.
     *
     * @return the copy, empty when nothing had changed
     * @throws IOException if it can't be made; the ledger and the older copies are untouched
     */
    Optional<Path> make() throws IOException;

    /**
     * Puts a copy in the place of a ledger that can't be used. The unusable one is kept beside it under another name.
     *
     * @return where the unusable one went
     * @throws IOException if files can't be moved
     */
    Path putBack(Path copy) throws IOException;
}
