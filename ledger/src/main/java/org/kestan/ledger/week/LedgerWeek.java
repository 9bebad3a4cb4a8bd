package org.kestan.ledger.week;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.Query;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.steps.StepBook;
import org.kestan.week.ShopCalendar;
import org.kestan.week.WeekJob;
import org.kestan.week.WeekJobs;
import org.kestan.week.WeekProblem;

/** What is left of the jobs of a ledger. What was worked out of a job is kept until the job, or what the shop goes by, changes. */
public final class LedgerWeek {

    /** What a job was worked out from. */
    private record Basis(Job job, ShopStandards shop, StepBook book) {}

    private record Known(Basis basis, JobAnalysis analysis) {}

    private final Map<String, Known> known = new HashMap<>();

    /** Knows nothing yet. */
    public LedgerWeek() {}

    /**
     * Returns what has to be planned.
     *
     * @param from the moment planning begins, by the clock of the shop
     * @param before the days steps were planned for before
     */
    public synchronized WeekProblem problem(
            Ledger ledger, ShopStandards shop, StepBook book, ZonedDateTime from, Map<String, LocalDate> before) {
        List<WeekJob> jobs = new ArrayList<>();
        Set<String> there = new HashSet<>();
        for (JobCard card : ledger.list(Query.ALL)) {
            there.add(card.id());
            ledger.read(card.id())
                    .flatMap(entry -> job(card.id(), card.createdAt(), new Basis(entry.job(), shop, book), from))
                    .ifPresent(jobs::add);
        }
        known.keySet().retainAll(there);
        return WeekProblem.of(new ShopCalendar(shop.week(), from), jobs, before);
    }

    private Optional<WeekJob> job(String id, Instant takenIn, Basis basis, ZonedDateTime from) {
        Known now = known.get(id);
        if (now == null || !now.basis.equals(basis)) {
            now = new Known(basis, JobAnalysis.of(basis.job, basis.shop));
            known.put(id, now);
        }
        JobAnalysis analysis = now.analysis;
        // What was proven is behind the shop, though nobody put it away.
        return analysis.progress(Station.PROOF).stage() == Station.Stage.DONE
                ? Optional.empty()
                : Optional.of(WeekJobs.of(id, takenIn, analysis.plan(), basis.book, from.toInstant(), from.getZone()));
    }
}
