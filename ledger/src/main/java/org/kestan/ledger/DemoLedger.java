package org.kestan.ledger;

import java.time.LocalDate;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.demo.FinishedSamples;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;

/** A ledger of the invented shop: the sample jobs at hand, finished ones put away. */
public final class DemoLedger {

    private static final long SEED = 1968;

    private DemoLedger() {}

    /**
     * Puts the sample jobs into an empty ledger; one with anything in it, put away or not, stays as it is.
     *
     * @return whether it was empty
     */
    public static boolean fill(Ledger ledger) {
        boolean empty = ledger.count() == 0;
        if (empty) {
            for (String name : DemoJobs.NAMES) {
                JobReader.read(DemoJobs.bytes(name)).job().ifPresent(ledger::insert);
            }
        }
        return empty;
    }

    /** Adds finished jobs of the years before, put away, from which the shop's memory learns. */
    public static void addFinished(Ledger ledger, LocalDate today) {
        ledger.together(() -> {
            for (Job job : FinishedSamples.make(FinishedSamples.MANY, SEED, today.minusDays(60))) {
                ledger.archive(ledger.insert(job).id(), true);
            }
        });
    }
}
