package org.kestan.files;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import org.kestan.job.Fault;
import org.kestan.job.Job;

/** Job files on disk. */
public final class JobFile {

    /** The extension of a job file. */
    public static final String EXTENSION = ".kestan.json";

    /** A file larger than this is not a job file. */
    static final long LARGEST = 16L << 20;

    private JobFile() {}

    /** Reads a job file; a file that can't be read is a fault like any other. */
    public static JobReader.Outcome read(Path file) {
        try {
            if (Files.isDirectory(file)) {
                return unreadable("is a folder, not a file");
            }
            if (Files.size(file) > LARGEST) {
                return unreadable("is larger than a job file can be");
            }
            return JobReader.read(Files.readAllBytes(file));
        } catch (NoSuchFileException missing) {
            return unreadable("there is no such file");
        } catch (IOException broken) {
            return unreadable("can't be read: " + broken.getMessage());
        }
    }

    /**
     * Writes a job to a file so that, whatever happens meanwhile, the file holds either the old job or the new one.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(Job job, Path file) throws IOException {
        Path target = file.toAbsolutePath();
        Path beside = Files.createTempFile(target.getParent(), ".kestan-", ".tmp");
        try {
            Files.writeString(beside, JobWriter.write(job), StandardCharsets.UTF_8);
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            try {
                Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE);
            } catch (AtomicMoveNotSupportedException plainDisk) {
                Files.move(beside, target, StandardCopyOption.REPLACE_EXISTING);
            }
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private static JobReader.Outcome unreadable(String problem) {
        return JobReader.Outcome.faulty(List.of(new Fault("", problem, "a job file (" + EXTENSION + ")")));
    }
}
