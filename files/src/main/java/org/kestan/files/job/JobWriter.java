package org.kestan.files.job;

import java.util.Optional;
import org.kestan.base.sheet.Line;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.text.Wording;

/** Writes a job file. Keys of other programs and the order of keys are preserved. */
public final class JobWriter {

    private JobWriter() {}

    /** Returns the text of the job's file. Lengths are written as they were typed. */
    public static String write(Job job) {
        return Json.print(JobTree.write(job));
    }

    /** Returns the JSON Schema of the job file (draft 2020-12), as text. */
    public static String schema() {
        return Json.print(JobTree.schema(JobWriter::describe));
    }

    private static Optional<String> describe(Line<?> line) {
        return Optional.of(Wording.full(line) + ". " + Wording.hint(line));
    }
}
