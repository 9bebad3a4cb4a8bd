package org.kestan.repair.heel;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** Against sorting everything. */
public class WeightedQuantileTest {

    private static double sorted(double[] values, double[] weights, double share) {
        List<Integer> order = IntStream.range(0, values.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> values[i]))
                .toList();
        double sum = 0;
        for (int each : order) {
            sum += weights[each];
            if (sum >= share) {
                return values[each];
            }
        }
        return values[order.get(order.size() - 1)];
    }

    @Test
    public void asSortingSays() {
        Random random = new Random(7);
        for (int round = 0; round < 2000; round++) {
            int count = 1 + random.nextInt(40);
            int different = 1 + random.nextInt(20);
            double[] values = random.ints(count, 0, different).asDoubleStream().toArray();
            // Eighths add up exactly in any order.
            double[] weights =
                    random.ints(count, 0, 4).mapToDouble(i -> i / 8.0).toArray();
            double share = random.nextInt(1 + count) / 8.0;
            double expected = sorted(values, weights, share);
            assertThat(WeightedQuantile.of(values.clone(), weights.clone(), share))
                    .as("round " + round)
                    .isEqualTo(expected);
        }
    }

    @Test
    public void theGreatestWhereAllWeighLess() {
        assertThat(WeightedQuantile.of(new double[] {3, 1, 2}, new double[] {0.1, 0.1, 0.1}, 0.9))
                .isEqualTo(3);
    }
}
