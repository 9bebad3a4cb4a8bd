package org.kestan.benchmarks.soak;

import java.nio.file.Path;
import org.kestan.base.expect.Expect;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.sqlite.SqliteLedger;

/** Saves one job over and over and prints each revision once it is acknowledged; made to be killed. */
public final class Writer {

    /** Begins what the job is called. */
    static final String NAME = "revision ";

    /** Begins the line that says why a save was not done. */
    static final String REFUSED = "refused: ";

    private Writer() {}

    /** What the job is called at a revision. */
    static String name(int revision) {
        return NAME + revision;
    }

    /** Argument: the ledger. */
    public static void main(String[] arguments) {
        try {
            save(Path.of(arguments[0]));
        } catch (LedgerException said) {
            System.out.println(REFUSED + said.why().kind());
        }
    }

    private static void save(Path file) {
        Ledger ledger = ((OpenResult.Opened) SqliteLedger.openAnew(file)).ledger();
        Job job =
                JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow(Expect.present("readable job"));
        LedgerJob entry = ledger.insert(job.with(Lines.NAME, name(1)));
        int revision = entry.revision();
        while (true) {
            SaveResult saved = ledger.save(entry.id(), revision, job.with(Lines.NAME, name(revision + 1)));
            revision = ((SaveResult.Done) saved).revision();
            System.out.println(revision);
        }
    }
}
