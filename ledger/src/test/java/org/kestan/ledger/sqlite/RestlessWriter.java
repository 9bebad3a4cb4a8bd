package org.kestan.ledger.sqlite;

import java.nio.file.Path;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.SaveResult;

/** Saves one job over and over and prints each revision once it is saved; meant to be killed. */
public final class RestlessWriter {

    private RestlessWriter() {}

    /** Argument: the ledger. */
    public static void main(String[] arguments) {
        Ledger ledger = ((OpenResult.Opened) SqliteLedger.open(Path.of(arguments[0]))).ledger();
        Job job = JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow();
        LedgerJob entry = ledger.insert(job);
        int revision = entry.revision();
        while (true) {
            Job next = job.with(Reading.ACTION_BASS, Length.ofText((revision + 1) + " mm"));
            SaveResult saved = ledger.save(entry.id(), revision, next);
            revision = ((SaveResult.Done) saved).revision();
            System.out.println(revision);
        }
    }
}
