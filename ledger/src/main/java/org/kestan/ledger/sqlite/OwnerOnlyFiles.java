package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** Folders and files that only their owner may read, where the disk knows of owners. */
final class OwnerOnlyFiles {

    private OwnerOnlyFiles() {}

    /** Makes a folder, its own when it was not there; one that was there keeps its mode. */
    static void folder(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            Files.createDirectories(folder);
            mode(folder, "rwx------");
        }
    }

    /** Keeps a file from other eyes. */
    static void file(Path file) throws IOException {
        if (Files.exists(file)) {
            mode(file, "rw-------");
        }
    }

    private static void mode(Path path, String mode) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        if (view != null) {
            view.setPermissions(PosixFilePermissions.fromString(mode));
        }
    }
}
