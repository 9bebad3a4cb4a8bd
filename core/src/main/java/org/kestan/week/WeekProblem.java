package org.kestan.week;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.kestan.base.week.Person;
import org.kestan.base.week.WorkPlace;

/**
 * The planning problem: the jobs, and the shop that does them.
 *
 * @param calendar the shop's days
 * @param jobs those that can be planned
 * @param blocked those that can't be
 * @param before the day each step was planned for before, by job and step; moving a step has a cost
 */
public record WeekProblem(
        ShopCalendar calendar, List<WeekJob> jobs, List<Unplanned> blocked, Map<String, LocalDate> before) {

    /** Takes unmodifiable copies. */
    public WeekProblem {
        jobs = List.copyOf(jobs);
        blocked = List.copyOf(blocked);
        before = Map.copyOf(before);
    }

    /**
     * Separates the jobs that can't be planned at all.
     *
     * @param all every open job
     * @param before the day each step was planned for before, by {@link #key}
     */
    public static WeekProblem of(ShopCalendar calendar, List<WeekJob> all, Map<String, LocalDate> before) {
        List<WeekJob> jobs = new ArrayList<>();
        List<Unplanned> blocked = new ArrayList<>();
        for (WeekJob job : all) {
            Optional<Unplanned> why = why(calendar, job);
            why.ifPresentOrElse(blocked::add, () -> {
                if (!job.steps().isEmpty()) {
                    jobs.add(job);
                }
            });
        }
        return new WeekProblem(calendar, jobs, blocked, before);
    }

    /** The key of a step among those of all jobs. */
    public static String key(WeekJob job, WeekStep step) {
        return job.id() + " " + step.id();
    }

    private static Optional<Unplanned> why(ShopCalendar calendar, WeekJob job) {
        if (job.blocked().isPresent()) {
            return Optional.of(
                    new Unplanned(job.id(), job.name(), "", job.blocked().get(), job.needs()));
        }
        for (WeekStep step : job.steps()) {
            Optional<Unplanned.Why> why = why(calendar, step);
            if (why.isPresent()) {
                return Optional.of(new Unplanned(job.id(), job.name(), step.id(), why.get(), job.needs()));
            }
        }
        return Optional.empty();
    }

    private static Optional<Unplanned.Why> why(ShopCalendar calendar, WeekStep step) {
        List<Person> people = calendar.shop().people();
        int[] able = IntStream.range(0, people.size())
                .filter(person -> takes(people.get(person), step))
                .toArray();
        if (able.length == 0) {
            return Optional.of(Unplanned.Why.NOBODY);
        }
        if (step.place().filter(place -> room(calendar, place) < 1).isPresent()) {
            return Optional.of(Unplanned.Why.NO_PLACE);
        }
        if (room(calendar, WorkPlace.BENCH) < 1) {
            return Optional.of(Unplanned.Why.NO_PLACE);
        }
        if (IntStream.of(able).allMatch(person -> calendar.windows(person).count() == 0)) {
            return Optional.of(Unplanned.Why.CLOSED);
        }
        boolean fits = step.splits()
                || IntStream.of(able).anyMatch(person -> SerialSchedule.fitsSomewhere(calendar, person, step));
        return fits ? Optional.empty() : Optional.of(Unplanned.Why.LONGER_THAN_A_DAY);
    }

    /** Returns whether a person takes a step. */
    static boolean takes(Person person, WeekStep step) {
        return step.way().filter(person.notWays()::contains).isEmpty();
    }

    /** How many fit in a place. */
    static int room(ShopCalendar calendar, WorkPlace place) {
        return calendar.shop().places().getOrDefault(place, Integer.MAX_VALUE);
    }

    /** How many steps there are. */
    public int size() {
        return jobs.stream().mapToInt(job -> job.steps().size()).sum();
    }

    /** The minute by which a promise has to be kept: the end of its day; empty if there is none. */
    public Optional<Integer> due(WeekJob job) {
        return job.promised().map(day -> calendar.midnight(day.plusDays(1)));
    }

    /** The first minute at which a job can be continued. */
    public int ready(WeekJob job) {
        Optional<Instant> notBefore = job.notBefore();
        return notBefore.map(calendar::minute).orElse(0);
    }

    /**
     * Jobs in the order they came in, each finished before the next is looked at: what a shop does without planning.
     */
    public WeekOrder firstCome() {
        return inTurn(Comparator.comparing((Integer job) -> jobs.get(job).takenIn()));
    }

    /** Jobs by earliest promise, then by priority. */
    public WeekOrder earliestPromise() {
        return inTurn(Comparator.comparing((Integer job) -> due(jobs.get(job)).orElse(Integer.MAX_VALUE))
                .thenComparing(job -> -jobs.get(job).priority())
                .thenComparing(job -> jobs.get(job).takenIn()));
    }

    private WeekOrder inTurn(Comparator<Integer> by) {
        List<Integer> order = new ArrayList<>();
        IntStream.range(0, jobs.size())
                .boxed()
                .sorted(by)
                .forEach(job -> jobs.get(job).steps().forEach(step -> order.add(job)));
        return new WeekOrder(order);
    }

    /**
     * A previous order, for the current jobs: finished ones are left out, new ones come last.
     *
     * @param ids the ids of the jobs whose steps came one after another
     */
    public WeekOrder like(List<String> ids) {
        Map<String, Integer> index = new HashMap<>();
        IntStream.range(0, jobs.size()).forEach(job -> index.put(jobs.get(job).id(), job));
        int[] left = jobs.stream().mapToInt(job -> job.steps().size()).toArray();
        int[] had = new int[jobs.size()];
        ids.stream().filter(index::containsKey).forEach(id -> had[index.get(id)]++);
        List<Integer> order = new ArrayList<>();
        for (String id : ids) {
            Integer job = index.get(id);
            // What was done since then was the first of it.
            if (job != null && had[job]-- <= left[job]) {
                left[job]--;
                order.add(job);
            }
        }
        for (int job : earliestPromise().jobs()) {
            if (left[job] > 0) {
                left[job]--;
                order.add(job);
            }
        }
        return new WeekOrder(order);
    }
}
