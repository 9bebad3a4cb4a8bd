package org.kestan.repair.memory;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.kestan.base.expect.Expect;

/**
 * The numbers of a shop at a glance, from what its jobs teach.
 *
 * @param finished how many jobs are finished
 * @param ways finished jobs by their ways, most first
 * @param misses how far the action came from what was predicted, by the year the work was finished, earliest first
 * @param hours hours estimated and taken, by ways, most first; only where a diary tells
 * @param returns the jobs that came back within a year, of those finished longer ago than that
 * @param promises promises made and kept
 */
public record ShopStatistics(
        int finished, List<Count> ways, List<Miss> misses, List<Hours> hours, Returns returns, Promises promises) {

    /** Takes unmodifiable copies. */
    public ShopStatistics {
        ways = List.copyOf(ways);
        misses = List.copyOf(misses);
        hours = List.copyOf(hours);
    }

    /**
     * Jobs by their ways.
     *
     * @param ways keys of the ways, joined by {@code +}
     * @param jobs how many
     */
    public record Count(String ways, int jobs) {}

    /**
     * A year's misses of the action.
     *
     * @param year when the work was finished
     * @param jobs how many kept a prediction and were measured after
     * @param median of the distances, mm
     */
    public record Miss(int year, int jobs, double median) {}

    /**
     * Hours of some ways.
     *
     * @param ways keys of the ways, joined by {@code +}
     * @param jobs how many
     * @param estimated by the shop's standards, median
     * @param taken by the diary of the bench, median
     */
    public record Hours(String ways, int jobs, double estimated, double taken) {}

    /**
     * Jobs that came back.
     *
     * @param watched jobs finished more than a year ago
     * @param back those of them that were measured again within a year
     */
    public record Returns(int watched, int back) {}

    /**
     * The promises of the finished jobs.
     *
     * @param made how many were promised for a day
     * @param kept how many of them were finished by that day
     * @param lateDays days by which the others were late, in all
     */
    public record Promises(int made, int kept, long lateDays) {}

    /** Summarizes what jobs teach, as of a day. */
    public static ShopStatistics of(Collection<Lesson> lessons, LocalDate today) {
        int finished = 0;
        int watched = 0;
        int back = 0;
        int made = 0;
        int kept = 0;
        long late = 0;
        Map<String, Integer> ways = new TreeMap<>();
        Map<Integer, List<Double>> misses = new TreeMap<>();
        Map<String, List<Lesson>> timed = new TreeMap<>();
        for (Lesson lesson : lessons) {
            if (lesson.finished().isEmpty()) {
                continue;
            }
            LocalDate day = lesson.finished().get();
            finished++;
            ways.merge(lesson.ways(), 1, Integer::sum);
            lesson.miss()
                    .ifPresent(mm -> misses.computeIfAbsent(day.getYear(), each -> new ArrayList<>())
                            .add(Math.abs(mm)));
            if (lesson.hours().isPresent() && lesson.estimated().isPresent()) {
                timed.computeIfAbsent(lesson.ways(), each -> new ArrayList<>()).add(lesson);
            }
            if (lesson.promised().isPresent()) {
                long days =
                        Math.max(0, ChronoUnit.DAYS.between(lesson.promised().get(), day));
                made++;
                kept += days == 0 ? 1 : 0;
                late += days;
            }
            LocalDate year = day.plusYears(1);
            if (!year.isAfter(today)) {
                watched++;
                back += lesson.back().filter(again -> !again.isAfter(year)).isPresent() ? 1 : 0;
            }
        }
        return new ShopStatistics(
                finished,
                ways.entrySet().stream()
                        .filter(each -> !each.getKey().isEmpty())
                        .map(each -> new Count(each.getKey(), each.getValue()))
                        .sorted(Comparator.comparingInt(Count::jobs).reversed())
                        .toList(),
                misses.entrySet().stream()
                        .map(each ->
                                new Miss(each.getKey(), each.getValue().size(), LearnedValue.median(each.getValue())))
                        .toList(),
                timed.entrySet().stream()
                        .map(each -> hours(each.getKey(), each.getValue()))
                        .sorted(Comparator.comparingInt(Hours::jobs).reversed())
                        .toList(),
                new Returns(watched, back),
                new Promises(made, kept, late));
    }

    private static Hours hours(String ways, List<Lesson> lessons) {
        return new Hours(
                ways,
                lessons.size(),
                LearnedValue.median(lessons.stream()
                        .map(each -> each.estimated().orElseThrow(Expect.present("estimated hours")))
                        .toList()),
                LearnedValue.median(lessons.stream()
                        .map(each -> each.hours().orElseThrow(Expect.present("estimated hours")))
                        .toList()));
    }
}
