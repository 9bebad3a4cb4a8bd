package org.kestan.files.job;

import java.util.List;
import org.kestan.base.finding.Fault;
import org.kestan.files.FileFinding;
import org.kestan.files.json.Json;
import org.kestan.files.text.TextFile;
import org.kestan.job.JobTree;

/** Reads a job file, giving a job or a list of errors with their places. */
public final class JobReader {

    private JobReader() {}

    /** Reads a job from the bytes of a file, which must be UTF-8. */
    public static JobTree.Read read(byte[] bytes) {
        return TextFile.decoded(bytes)
                .map(JobReader::read)
                .orElseGet(() -> JobTree.Read.faulty(
                        List.of(new Fault("", FileFinding.NOT_UTF8.of(), FileFinding.JSON_IN_UTF8.of()))));
    }

    /** Reads a job from the text of a file. An incomplete job is read as well; what is wrong is an error. */
    public static JobTree.Read read(String text) {
        Json.Read read = Json.read(text, "docs/job-file.md");
        return read.tree().map(JobTree::read).orElseGet(() -> JobTree.Read.faulty(read.faults()));
    }
}
