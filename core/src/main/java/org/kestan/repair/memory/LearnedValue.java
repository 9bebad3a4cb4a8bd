package org.kestan.repair.memory;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * What was learned of a number.
 *
 * @param n from how many jobs
 * @param median of them
 * @param spread standard deviation, robust: 1.4826 times the median distance from the median (Rousseeuw and Croux,
 *     Alternatives to the median absolute deviation, 1993); 0 for one
 * @param offered what is offered as default: the median, shrunk toward the shop's default where it rests on few
 */
public record LearnedValue(int n, double median, double spread, double offered) {

    /** A median's variance against that of a mean, for normal numbers. */
    private static final double OF_A_MEDIAN = Math.PI / 2;

    private static final double NORMAL = 1.4826;

    /**
     * Learns from numbers. What is offered is the mean of a normal number whose prior is the default and whose data are the
     * median (Gelman and others, Bayesian Data Analysis, 3rd edition, 2.5): few jobs, or jobs that differ, leave it near the
     * default.
     *
     * @param values at least one
     * @param usual the default
     * @param doubt standard deviation of what shops have instead of the default, above 0
     * @param least the least spread one job may have about the shop's own, above 0
     */
    public static LearnedValue of(List<Double> values, double usual, double doubt, double least) {
        double median = median(values);
        double spread = values.size() < 2
                ? 0
                : NORMAL
                        * median(values.stream()
                                .map(each -> Math.abs(each - median))
                                .toList());
        double one = Math.max(spread, least);
        double data = OF_A_MEDIAN * one * one / values.size();
        double weight = doubt * doubt / (doubt * doubt + data);
        return new LearnedValue(values.size(), median, spread, usual + weight * (median - usual));
    }

    /** The median of some numbers, at least one. */
    static double median(List<Double> values) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }
}
