package org.kestan.repair.heel;

/** A quantile of weighted values, found by selection (Hoare, 1961) instead of sorting them all. */
final class WeightedQuantile {

    private WeightedQuantile() {}

    /**
     * The smallest value up to which the values have at least a share of the weight; the largest if all together have
     * less.
     *
     * @param values at least one, none of them NaN; their order is lost
     * @param weights of each, not negative; reordered along with the values
     * @param share 0 to 1
     */
    static double of(double[] values, double[] weights, double share) {
        int from = 0;
        int to = values.length;
        double below = 0;
        while (to - from > 1) {
            double pivot = middle(values[from], values[(from + to) >>> 1], values[to - 1]);
            int less = from;
            int next = from;
            int more = to;
            double lessWeight = 0;
            double equalWeight = 0;
            while (next < more) {
                if (values[next] < pivot) {
                    lessWeight += weights[next];
                    swap(values, weights, less++, next++);
                } else if (values[next] > pivot) {
                    swap(values, weights, next, --more);
                } else {
                    equalWeight += weights[next++];
                }
            }
            if (less > from && below + lessWeight >= share) {
                to = less;
            } else if (below + lessWeight + equalWeight >= share || more == to) {
                return pivot;
            } else {
                below += lessWeight + equalWeight;
                from = more;
            }
        }
        return values[from];
    }

    private static double middle(double one, double two, double three) {
        return Math.max(Math.min(one, two), Math.min(Math.max(one, two), three));
    }

    private static void swap(double[] values, double[] weights, int one, int other) {
        double value = values[one];
        values[one] = values[other];
        values[other] = value;
        double weight = weights[one];
        weights[one] = weights[other];
        weights[other] = weight;
    }
}
