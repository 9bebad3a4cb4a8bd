package org.kestan.ledger;

import java.util.List;
import java.util.Optional;

/** Files that are stored elsewhere; a folder holds copies of those that were looked at. */
public interface KeptFiles {

    /** The folder is all there is. */
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

    /** Reads a file; empty where there is none. */
    Optional<byte[]> read(String folder, String name);

    /**
     * Keeps a file, unless one of that name is there.
     *
     * @return whether this one is there now
     */
    boolean write(String folder, String name, byte[] bytes);

    /** Takes a file away; one that is not there is no trouble. */
    void remove(String folder, String name);
}
