package org.kestan.ledger;

import java.nio.file.Path;
import java.util.Optional;

/** What came of opening a ledger. */
public sealed interface Opening {

    /** It is open. */
    record Opened(Ledger ledger) implements Opening {}

    /**
     * It can't be used, and nothing was written to it.
     *
     * @param why in words, for the user
     * @param backup the newest backup, when there is one
     */
    record Refused(String why, Optional<Path> backup) implements Opening {}
}
