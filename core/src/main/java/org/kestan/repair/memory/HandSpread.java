package org.kestan.repair.memory;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How far the time for a step varies from its usual time, by the bench diaries: the standard deviation of its
 * logarithm, within each step and pooled over all.
 *
 * @param spread pulled toward the starting value as long as there are few
 * @param steps how many were timed, of those that were done more than once
 */
public record HandSpread(double spread, int steps) {

    /** The default counts as much as this many timed steps. From memory. */
    private static final int STARTING_WEIGHT = 20;

    /** Below this, only the clock was read twice and no work done, minutes. Common practice, no source. */
    private static final double LEAST_MINUTES = 1;

    /**
     * Learns from what jobs have taught.
     *
     * @param usual the spread a shop starts with
     */
    public static HandSpread of(Collection<Lesson> lessons, double usual) {
        Map<String, List<Double>> logs = new HashMap<>();
        for (Lesson lesson : lessons) {
            lesson.hands().forEach((step, minutes) -> {
                if (minutes >= LEAST_MINUTES) {
                    logs.computeIfAbsent(step, each -> new ArrayList<>()).add(Math.log(minutes));
                }
            });
        }
        double squares = STARTING_WEIGHT * usual * usual;
        int free = STARTING_WEIGHT;
        int steps = 0;
        for (List<Double> each : logs.values()) {
            if (each.size() > 1) {
                double mean =
                        each.stream().mapToDouble(Double::doubleValue).average().orElse(0);
                squares += each.stream()
                        .mapToDouble(log -> (log - mean) * (log - mean))
                        .sum();
                free += each.size() - 1;
                steps += each.size();
            }
        }
        return new HandSpread(Math.sqrt(squares / free), steps);
    }
}
