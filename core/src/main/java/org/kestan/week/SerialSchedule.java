package org.kestan.week;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WorkPlace;

/**
 * Schedules steps one after another, each at the earliest time possible: the serial schedule generation scheme of
 * resource-constrained project scheduling (Kolisch and Hartmann, in: Project Scheduling, 1999, from memory). No order
 * breaks a hard rule: order within a job, hours, one pair of hands, room in places, waits.
 */
final class SerialSchedule {

    private static final int NEVER = Integer.MAX_VALUE / 4;
    private static final int DAY = 24 * 60;

    private final WeekProblem problem;
    private final ShopCalendar calendar;
    private final ShopWeek shop;
    private final Occupation[] hands;
    private final Map<WorkPlace, Occupation> places = new EnumMap<>(WorkPlace.class);
    /** What each person has set up, by the minute at which the work with it ends. */
    private final List<Map<Integer, WorkPlace>> setUp = new ArrayList<>();

    private final int[] free;
    private final int[] begun;
    private final int[] next;
    private final List<Placed> placed = new ArrayList<>();
    private int setUps;
    private int changed;
    private boolean unplaceable;

    /**
     * A step with its time.
     *
     * @param job index of the job
     * @param step index of the step
     * @param person index of the person; -1 where no hands are needed
     * @param segments pairs of first minute and minute after the last, one for each stretch of work
     * @param end when the hands are done
     * @param over when the wait after it is over
     */
    record Placed(int job, int step, int person, int[] segments, int end, int over) {

        int start() {
            return segments.length == 0 ? end : segments[0];
        }
    }

    /** A time for a step, found for a person. */
    private record Slot(int person, int[] segments, int end, boolean setsUp) {}

    private SerialSchedule(WeekProblem problem) {
        this.problem = problem;
        calendar = problem.calendar();
        shop = calendar.shop();
        hands = new Occupation[shop.people().size()];
        for (int i = 0; i < hands.length; i++) {
            hands[i] = new Occupation();
            setUp.add(new HashMap<>());
        }
        for (WorkPlace place : WorkPlace.values()) {
            places.put(place, new Occupation());
        }
        free = problem.jobs().stream().mapToInt(problem::ready).toArray();
        begun = new int[free.length];
        next = new int[free.length];
    }

    /** Schedules all steps in an order. */
    static SerialSchedule of(WeekProblem problem, WeekOrder order) {
        return of(problem, order, null);
    }

    /**
     * Schedules all steps in an order.
     *
     * @param factors how many times as long as planned the hands take, for each job and step; null for as planned
     */
    static SerialSchedule of(WeekProblem problem, WeekOrder order, double[][] factors) {
        SerialSchedule schedule = new SerialSchedule(problem);
        for (int job : order.jobs()) {
            schedule.place(job, factors);
        }
        return schedule;
    }

    /** Returns whether a person ever has a day long enough for a step that can't be interrupted. */
    static boolean fitsSomewhere(ShopCalendar calendar, int person, WeekStep step) {
        WeekProblem alone = new WeekProblem(calendar, List.of(), List.of(), Map.of());
        return new SerialSchedule(alone)
                .slot(person, step, step.hands(), 0, false)
                .isPresent();
    }

    private void place(int job, double[][] factors) {
        WeekJob of = problem.jobs().get(job);
        int at = next[job]++;
        WeekStep step = of.steps().get(at);
        int minutes = factors == null || step.hands() == 0
                ? step.hands()
                : Math.max(1, (int) Math.round(step.hands() * factors[job][at]));
        int from = Math.max(
                free[job],
                step.pinned().map(day -> Math.max(0, calendar.midnight(day))).orElse(0));
        Optional<Slot> best = Optional.empty();
        if (minutes == 0) {
            best = Optional.of(new Slot(-1, new int[0], roomFor(step, from), false));
        } else {
            best = best(step, minutes, from, step.splits());
            if (best.isEmpty() && minutes > step.hands()) {
                // It took longer than any day has room for, so somebody continued it the next day, as one has to.
                best = best(step, minutes, from, true);
            }
        }
        if (best.isEmpty()) {
            // Beyond the end of the calendar.
            unplaceable = true;
            best = Optional.of(new Slot(-1, new int[0], Math.min(NEVER, from + minutes), false));
        }
        take(job, at, step, best.get());
    }

    private Optional<Slot> best(WeekStep step, int minutes, int from, boolean splits) {
        Optional<Slot> best = Optional.empty();
        for (int person = 0; person < hands.length; person++) {
            if (WeekProblem.takes(shop.people().get(person), step)) {
                Optional<Slot> slot = slot(person, step, minutes, from, splits);
                if (slot.isPresent() && (best.isEmpty() || slot.get().end < best.get().end)) {
                    best = slot;
                }
            }
        }
        return best;
    }

    private void take(int job, int at, WeekStep step, Slot slot) {
        for (int i = 0; i < slot.segments.length; i += 2) {
            hands[slot.person].takeAlone(slot.segments[i], slot.segments[i + 1]);
            take(WorkPlace.BENCH, slot.segments[i], slot.segments[i + 1]);
        }
        if (slot.person >= 0) {
            step.setUp().ifPresent(kind -> setUp.get(slot.person).put(slot.end, kind));
        }
        int over = slot.end + step.waiting();
        step.place().ifPresent(place -> take(place, slot.end, over));
        Placed made = new Placed(job, at, slot.person, slot.segments, slot.end, over);
        placed.add(made);
        setUps += slot.setsUp ? 1 : 0;
        WeekJob of = problem.jobs().get(job);
        if (at == 0) {
            begun[job] = made.start();
        }
        if (!problem.before().isEmpty()) {
            changed += Optional.ofNullable(problem.before().get(WeekProblem.key(of, step)))
                            .filter(day -> calendar.midnight(day) + DAY <= made.start()
                                    || calendar.midnight(day) > made.start())
                            .isPresent()
                    ? 1
                    : 0;
        }
        free[job] = over;
    }

    private void take(WorkPlace place, int start, int end) {
        if (WeekProblem.room(calendar, place) != Integer.MAX_VALUE) {
            places.get(place).take(start, end);
        }
    }

    /** The first minute from which the place a step waits in has room for it. */
    private int roomFor(WeekStep step, int from) {
        if (step.place().isEmpty()) {
            return from;
        }
        int at = from;
        while (true) {
            int until = full(step.place().get(), at, at + step.waiting());
            if (until < 0) {
                return at;
            }
            at = until;
        }
    }

    private int full(WorkPlace place, int start, int end) {
        int room = WeekProblem.room(calendar, place);
        return room == Integer.MAX_VALUE ? -1 : places.get(place).fullUntil(start, end, room);
    }

    /** The earliest time a person has for a step. */
    private Optional<Slot> slot(int person, WeekStep step, int minutes, int from, boolean splits) {
        ShopCalendar.Windows windows = calendar.windows(person);
        WorkPlace kind = step.setUp().orElse(null);
        int start = from;
        for (int window = windows.after(start); window < windows.count(); window = windows.after(start)) {
            start = Math.max(start, windows.starts()[window]);
            boolean setsUp = kind != null && setUp.get(person).get(start) != kind;
            int whole = minutes + (setsUp ? shop.settingUp() : 0);
            int[] segments = segments(windows, window, start, whole, splits);
            if (segments == null || !calendar.mayBeOn(step, windows.days()[window])) {
                start = windows.ends()[window];
                continue;
            }
            int later = taken(person, segments);
            if (later >= 0) {
                start = later;
                continue;
            }
            int end = segments[segments.length - 1];
            int last = windows.after(end - 1);
            if (!calendar.mayEnd(step, end, windows.dayEnds()[last])) {
                start = windows.ends()[window];
                continue;
            }
            if (step.place().isPresent()) {
                int until = full(step.place().get(), end, end + step.waiting());
                if (until >= 0) {
                    start = Math.max(start + 1, until - (end - start));
                    continue;
                }
            }
            return Optional.of(new Slot(person, segments, end, setsUp));
        }
        return Optional.empty();
    }

    /**
     * The minute until which a person, or the last free bench, is occupied within some stretches; -1 if all are free.
     */
    private int taken(int person, int[] segments) {
        for (int i = 0; i < segments.length; i += 2) {
            int until = hands[person].takenUntil(segments[i], segments[i + 1]);
            if (until < 0) {
                until = full(WorkPlace.BENCH, segments[i], segments[i + 1]);
            }
            if (until >= 0) {
                return until;
            }
        }
        return -1;
    }

    /** The stretches of work from a start on; null if they do not fit. */
    private static int[] segments(ShopCalendar.Windows windows, int first, int start, int minutes, boolean splits) {
        int rest = windows.ends()[first] - start;
        if (minutes <= rest) {
            return new int[] {start, start + minutes};
        }
        if (!splits) {
            return null;
        }
        List<Integer> all = new ArrayList<>(List.of(start, windows.ends()[first]));
        int left = minutes - rest;
        for (int window = first + 1; window < windows.count(); window++) {
            int length = Math.min(left, windows.ends()[window] - windows.starts()[window]);
            all.add(windows.starts()[window]);
            all.add(windows.starts()[window] + length);
            left -= length;
            if (left == 0) {
                return all.stream().mapToInt(Integer::intValue).toArray();
            }
        }
        return null;
    }

    /** The steps with their times, in the order they were scheduled. */
    List<Placed> placed() {
        return placed;
    }

    /** When each job is ready. */
    int[] ready() {
        return free;
    }

    /**
     * The cost of a plan by the shop's weights; less is better.
     *
     * @param margins minutes a job should be ready earlier than promised
     */
    long cost(int[] margins) {
        ShopWeek.Weights weights = shop.weights();
        long cost = DAY * ((long) (setUps + turns()) * weights.settingUp() + (long) changed * weights.changed());
        for (int job = 0; job < free.length; job++) {
            WeekJob of = problem.jobs().get(job);
            Optional<Integer> due = problem.due(of);
            // Jobs without a promise are still done sooner the more urgent they are.
            cost += (long) free[job] * (3 + of.priority()) / 3;
            cost += (long) weights.open() * (free[job] - begun[job]);
            if (due.isPresent()) {
                long late = Math.max(0, free[job] - due.get());
                long near = Math.max(0, free[job] + margins[job] - due.get());
                // A day started late counts as a day late.
                long days = (late + DAY - 1) / DAY;
                cost += of.firm() ? weights.firm() * (near + days * DAY) : weights.late() * (late + days * DAY);
            }
        }
        return unplaceable ? Long.MAX_VALUE / 2 : cost;
    }

    /** How often somebody changes from one instrument to another. */
    private int turns() {
        int[] last = new int[hands.length];
        Arrays.fill(last, -1);
        int turns = 0;
        for (Placed each : placed.stream()
                .filter(one -> one.person >= 0)
                .sorted(Comparator.comparingInt(Placed::start))
                .toList()) {
            if (last[each.person] != each.job) {
                turns++;
                last[each.person] = each.job;
            }
        }
        return turns;
    }

    /** The total number of days late. */
    int lateDays() {
        int days = 0;
        for (int job = 0; job < free.length; job++) {
            days += lateDays(job);
        }
        return days;
    }

    /** How many days late a job is: from the promised day to the day it is ready. */
    int lateDays(int job) {
        Optional<Integer> due = problem.due(problem.jobs().get(job));
        return due.map(by -> Math.max(0, (Math.max(0, free[job] - by) + DAY - 1) / DAY))
                .orElse(0);
    }
}
