package org.kestan.ledger.sqlite;

import java.nio.file.Path;
import org.kestan.files.DemoJobs;
import org.kestan.files.JobReader;
import org.kestan.ground.notation.Length;
import org.kestan.ground.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.Opening;
import org.kestan.ledger.Saved;

/** Saves one job over and over and prints each revision once it is saved; made to be killed. */
public final class RestlessWriter {

    private RestlessWriter() {}

    /** Argument: the ledger. */
    public static void main(String[] arguments) {
        Ledger ledger = ((Opening.Opened) SqliteLedger.open(Path.of(arguments[0]))).ledger();
        Job job = JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow();
        LedgerJob entry = ledger.insert(job);
        int revision = entry.revision();
        while (true) {
            Job next = job.with(Reading.ACTION_BASS, Length.ofText((revision + 1) + " mm"));
            Saved saved = ledger.save(entry.id(), revision, next);
            revision = ((Saved.Done) saved).revision();
            System.out.println(revision);
        }
    }
}
