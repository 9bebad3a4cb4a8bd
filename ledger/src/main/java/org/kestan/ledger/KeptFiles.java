package org.kestan.ledger;

import java.util.List;
import java.util.Optional;

/** Files that are stored elsewhere; a folder holds copies of those that were looked at. */
public interface KeptFiles {

    /** A store with nothing behind the folder. */
    KeptFiles NOWHERE = new KeptFiles() {
        @Override
        public List<String> names(String folder) {
            return List.of();
        }

        @Override
        public Optional<byte[]> read(String folder, String name) {
            return Optional.empty();
        }

        @Override
        public boolean write(String folder, String name, byte[] bytes) {
            return true;
        }

        @Override
        public void remove(String folder, String name) {}
    };

    /** Returns the names of the files in a folder. */
    List<String> names(String folder);

    /** Reads a file; empty if there is none. */
    Optional<byte[]> read(String folder, String name);

    /**
     * Stores a file, unless there is one of that name.
     *
     * @return whether this one is there now
     */
    boolean write(String folder, String name, byte[] bytes);

    /** Removes a file; does nothing if it is not there. */
    void remove(String folder, String name);
}
