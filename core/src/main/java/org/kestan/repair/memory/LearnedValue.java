package org.kestan.repair.memory;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * What was learned about a number.
 *
 * @param n from how many jobs
 * @param median of them
 * @param spread standard deviation, robust: 1.4826 times the median distance from the median (Rousseeuw and Croux,
 *     Alternatives to the median absolute deviation, 1993); 0 for one
 * @param offered the value offered as default: the mean without outliers, pulled toward the shop's default if there are
 *     few
 */
public record LearnedValue(int n, double median, double spread, double offered) {

    /** A value farther from the median than this many spreads is left out of the offer. Common practice, no source. */
    private static final double FAR = 6;

    private static final double NORMAL = 1.4826;

    /**
     * Learns from numbers. The offer is the mean of a normal quantity whose prior is the default and whose data are
     * the mean of the numbers, without outliers (Gelman and others, Bayesian Data Analysis, 3rd edition, 2.5). The
     * shop's own jobs show how far it may be from the default: the more they are off, by more than chance, the less
     * weight the default keeps (by moments, as in DerSimonian and Laird, Meta-analysis in clinical trials, 1986).
     *
     * @param values at least one
     * @param usual the default
     * @param doubt standard deviation between shops, about the default, above 0
     * @param least the least spread that jobs within one shop may have, above 0
     */
    public static LearnedValue of(List<Double> values, double usual, double doubt, double least) {
        double median = median(values);
        double spread = values.size() < 2
                ? 0
                : NORMAL
                        * median(values.stream()
                                .map(each -> Math.abs(each - median))
                                .toList());
        double far = FAR * Math.max(spread, least);
        double[] near = values.stream()
                .mapToDouble(Double::doubleValue)
                .filter(each -> Math.abs(each - median) <= far)
                .toArray();
        double mean = Arrays.stream(near).average().orElse(median);
        double squares =
                Arrays.stream(near).map(each -> (each - mean) * (each - mean)).sum();
        // Few jobs say little about their scatter, so the minimum spread counts as two more of them.
        double one = (squares + 2 * least * least) / (near.length + 1);
        double data = one / near.length;
        double shops = Math.max(doubt * doubt, (mean - usual) * (mean - usual) - data);
        double weight = shops / (shops + data);
        return new LearnedValue(values.size(), median, spread, usual + weight * (mean - usual));
    }

    /** The median of some numbers, at least one. */
    static double median(List<Double> values) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }
}
