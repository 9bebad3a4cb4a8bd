package org.kestan.ledger;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.demo.FinishedSamples;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/** A ledger of the invented shop: the sample jobs at hand, finished ones put away. */
public final class DemoLedger {

    private static final long SEED = 1968;

    /** In how many days each sample job is promised, 0 for not; one of them too soon for what is to be done. */
    private static final List<Integer> PROMISED_IN = List.of(3, 12, 9, 0, 14, 6, 16, 10, 0, 20, 18, 7, 0);

    private static final int SOON = 10;

    private DemoLedger() {}

    /**
     * Puts the sample jobs into an empty ledger; one with anything in it, put away or not, stays as it is.
     *
     * @param today from which their promises are counted
     * @return whether it was empty
     */
    public static boolean fill(Ledger ledger, LocalDate today) {
        boolean empty = ledger.count() == 0;
        if (empty) {
            int at = 0;
            for (String name : DemoJobs.NAMES) {
                Optional<Job> job = JobReader.read(DemoJobs.bytes(name)).job();
                int days = PROMISED_IN.get(at++);
                job.ifPresent(read -> ledger.insert(days == 0 ? read : promised(read, today.plusDays(days), days)));
            }
        }
        return empty;
    }

    private static Job promised(Job job, LocalDate on, int days) {
        Job promised = job.with(Lines.PROMISED_ON, on);
        return days < SOON ? promised.with(Lines.PROMISED_FIRM, true) : promised;
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
