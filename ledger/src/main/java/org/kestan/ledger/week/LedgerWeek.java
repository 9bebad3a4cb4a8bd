package org.kestan.ledger.week;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.Query;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.StepBook;
import org.kestan.week.ShopCalendar;
import org.kestan.week.WeekJob;
import org.kestan.week.WeekJobs;
import org.kestan.week.WeekProblem;

/**
 * The remaining work of the jobs of a ledger. Results for a job are cached until the job or the shop's standards
 * change.
 */
public final class LedgerWeek {

    /** The inputs a job's result was worked out from. */
    private record Basis(Job job, ShopStandards shop, StepBook book) {}

    /** The remaining work of a job; nothing for one that has been proved. */
    private record Known(Basis basis, Optional<WorkPlan> plan) {}

    private final Map<String, Known> known = new LinkedHashMap<>();

    /** Makes an empty cache. */
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
            JobAnalysis analysis = JobAnalysis.of(basis.job, basis.shop);
            // A proved job is finished, even if nobody archived it.
            boolean proven = analysis.progress(Station.PROOF).stage() == Station.Stage.DONE;
            now = new Known(basis, proven ? Optional.empty() : Optional.of(analysis.plan()));
            known.put(id, now);
        }
        return now.plan.map(plan -> WeekJobs.of(id, takenIn, plan, basis.book, from.toInstant(), from.getZone()));
    }

    /** The kinds of jobs there are and were, the most frequent first: the keys of their ways, joined by {@code +}. */
    public synchronized List<String> kinds(Ledger ledger) {
        return Stream.concat(
                        known.values().stream()
                                .flatMap(each -> each.plan.stream())
                                .map(LedgerWeek::kind),
                        ledger.lessons().stream().map(Lesson::ways))
                .filter(kind -> !kind.isEmpty() && !kind.equals(WayCatalog.LEAVE.key()))
                .collect(Collectors.groupingBy(kind -> kind, TreeMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
    }

    /**
     * A job that has not been taken in yet, with the steps of the last one of its kind.
     *
     * @param kind one of {@link #kinds}
     */
    public synchronized Optional<WeekJob> another(
            Ledger ledger, ShopStandards shop, StepBook book, String kind, ZonedDateTime from) {
        return known.values().stream()
                .flatMap(each -> each.plan.stream())
                .filter(plan -> kind(plan).equals(kind))
                .findFirst()
                .or(() -> ledger.teaching(lesson -> lesson.ways().equals(kind), 1).stream()
                        .flatMap(each -> ledger.read(each.id()).stream())
                        .map(entry -> JobAnalysis.of(entry.job(), shop).plan())
                        .findFirst())
                .map(plan -> WeekJobs.like(plan, book, from.toInstant()));
    }

    private static String kind(WorkPlan plan) {
        return plan.ways().stream().map(Way::key).collect(Collectors.joining("+"));
    }
}
