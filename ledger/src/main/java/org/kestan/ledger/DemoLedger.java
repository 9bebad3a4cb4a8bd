package org.kestan.ledger;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.kestan.base.expect.Expect;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.demo.FinishedSamples;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;

/** A ledger of the invented shop: the sample jobs, and archived finished ones. */
public final class DemoLedger {

    private static final long SEED = 1968;

    /** In how many days each sample job is promised, 0 for not; one of them too soon for its work. */
    private static final List<Integer> PROMISED_IN = List.of(3, 12, 9, 0, 14, 6, 16, 10, 0, 20, 18, 7, 0);

    private static final int SOON = 10;

    private static final String WAITING = "small-flat-top-relief" + JobFile.EXTENSION;
    private static final int ARRIVES_IN = 4;
    private static final int PART_WAITS = 15;

    private DemoLedger() {}

    /**
     * Puts the sample jobs into an empty ledger; one that contains anything, archived or not, is left alone.
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
                job.map(read -> arriving(read, day -> today.plusDays(ARRIVES_IN)))
                        .ifPresent(
                                read -> ledger.insert(days == 0 ? read : promised(read, today.plusDays(days), days)));
            }
            ledger.insert(waiting(today));
        }
        return empty;
    }

    /** One whose saddle blank arrives today. */
    private static Job waiting(LocalDate today) {
        Part blank = Part.of("Saddle blank, bone").withOrdered(true, Optional.of(today.minusDays(6)));
        return JobReader.read(DemoJobs.bytes(WAITING))
                .job()
                .orElseThrow(Expect.present("readable job"))
                .with(Lines.NAME, "Small flat-top from the quarry choir")
                .with(Lines.OWNER, "Tamsin Holloway")
                .with(Sections.PARTS, List.of(blank.withArrives(Optional.of(today))))
                .with(Lines.PROMISED_ON, today.plusDays(PART_WAITS));
    }

    /**
     * Counts the promises of sample jobs from another day, so that a ledger made earlier is as good as new.
     *
     * @param today from which they are counted
     */
    public static void redate(Ledger ledger, LocalDate today) {
        List<LedgerJob> jobs = ledger.list(Query.ALL).stream()
                .flatMap(card -> ledger.read(card.id()).stream())
                .toList();
        Optional<LocalDate> first = jobs.stream()
                .filter(entry -> entry.job().name().equals(DemoJobs.firstName()))
                .flatMap(entry -> entry.job().get(Lines.PROMISED_ON).stream())
                .findFirst();
        long days = first.map(day -> ChronoUnit.DAYS.between(day, today.plusDays(PROMISED_IN.get(0))))
                .orElse(0L);
        if (days != 0) {
            ledger.together(() ->
                    jobs.forEach(entry -> ledger.save(entry.id(), entry.revision(), later(entry.job(), days))));
        }
    }

    private static Job later(Job job, long days) {
        Optional<LocalDate> promised = job.get(Lines.PROMISED_ON);
        Job next = arriving(job, day -> day.plusDays(days));
        return promised.isPresent()
                ? next.with(Lines.PROMISED_ON, promised.get().plusDays(days))
                : next;
    }

    private static Job arriving(Job job, UnaryOperator<LocalDate> on) {
        return job.with(
                Sections.PARTS,
                job.section(Sections.PARTS).stream()
                        .map(part -> part.withArrives(part.arrives().map(on)))
                        .toList());
    }

    private static Job promised(Job job, LocalDate on, int days) {
        Job promised = job.with(Lines.PROMISED_ON, on);
        return days < SOON ? promised.with(Lines.PROMISED_FIRM, true) : promised;
    }

    /** Adds archived jobs finished in earlier years, from which the shop's memory learns. */
    public static void addFinished(Ledger ledger, LocalDate today) {
        ledger.together(() -> {
            for (Job job : FinishedSamples.make(FinishedSamples.MANY, SEED, today.minusDays(60))) {
                ledger.archive(ledger.insert(job).id(), true);
            }
        });
    }
}
