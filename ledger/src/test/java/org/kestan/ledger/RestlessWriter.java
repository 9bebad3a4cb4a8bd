package org.kestan.ledger;

import java.nio.file.Path;
import java.util.Optional;
import org.kestan.files.DemoJobs;
import org.kestan.files.JobReader;
import org.kestan.job.Job;
import org.kestan.notation.Length;
import org.kestan.sheet.Reading;

/** Saves one job over and over and prints each revision once it is saved; made to be killed. */
public final class RestlessWriter {

    private RestlessWriter() {}

    /** Argument: the ledger. */
    public static void main(String[] arguments) {
        Ledger ledger = ((Opening.Opened) Ledger.open(Path.of(arguments[0]))).ledger();
        Job job = JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow();
        LedgerJob entry = ledger.insert(job);
        int revision = entry.revision();
        while (true) {
            Job next = job.with(Reading.ACTION_BASS, Optional.of(Length.ofText((revision + 1) + " mm")));
            Saved saved = ledger.save(entry.id(), revision, next);
            revision = ((Saved.Done) saved).revision();
            System.out.println(revision);
        }
    }
}
