package org.kestan.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;
import org.kestan.files.disk.Disk;

/**
 * Scratch folders of the demo: removed on quitting. Those left behind by a crash are removed at the next start.
 */
final class TemporaryFolders {

    private static final String PREFIX = "kestan-demo-";
    private static final Duration OLD = Duration.ofDays(1);

    private TemporaryFolders() {}

    /** Makes a scratch folder. */
    static Path folder() throws IOException {
        return Files.createTempDirectory(PREFIX);
    }

    /** Removes scratch folders in a place that are more than a day old at the given time. */
    static void sweep(Path place, Instant now) {
        try (Stream<Path> folders = Files.list(place)) {
            for (Path each : folders.filter(TemporaryFolders::isScratch).toList()) {
                if (Files.getLastModifiedTime(each).toInstant().isBefore(now.minus(OLD))) {
                    remove(each);
                }
            }
        } catch (IOException stays) {
            System.getLogger(TemporaryFolders.class.getName()).log(System.Logger.Level.INFO, "not swept", stays);
        }
    }

    private static boolean isScratch(Path path) {
        return path.getFileName().toString().startsWith(PREFIX) && Files.isDirectory(path);
    }

    /** Removes a scratch folder with all its contents; does nothing to any other folder. */
    static void remove(Path folder) {
        if (!isScratch(folder)) {
            return;
        }
        try {
            Disk.deleteAll(folder);
        } catch (IOException stays) {
            System.getLogger(TemporaryFolders.class.getName()).log(System.Logger.Level.INFO, "not removed", stays);
        }
    }
}
