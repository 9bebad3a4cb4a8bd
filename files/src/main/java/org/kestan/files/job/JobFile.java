package org.kestan.files.job;

import java.io.IOException;
import java.nio.file.Path;
import org.kestan.base.finding.Quantity;
import org.kestan.files.FileFinding;
import org.kestan.files.text.TextFile;
import org.kestan.job.Job;
import org.kestan.job.JobTree;

/** Job files on disk. */
public final class JobFile {

    /** The extension of a job file. */
    public static final String EXTENSION = ".kestan.json";

    private JobFile() {}

    /** Reads a job file; a file that can't be read is an error like any other. */
    public static JobTree.Read read(Path file) {
        return TextFile.read(
                file, FileFinding.A_JOB_FILE.of(Quantity.text(EXTENSION)), JobReader::read, JobTree.Read::faulty);
    }

    /**
     * Writes a job to a file so that, whatever happens, the file has either the old job or the new one.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(Job job, Path file) throws IOException {
        TextFile.write(JobWriter.write(job), file);
    }
}
