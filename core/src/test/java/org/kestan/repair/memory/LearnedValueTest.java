package org.kestan.repair.memory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LearnedValueTest {

    /** How far shops vary from the default, how far jobs vary from each other, how many jobs. */
    @DataProvider
    static Object[][] shops() {
        return new Object[][] {
            {0.0, 0.2, 1},
            {0.0, 0.2, 4},
            {0.1, 0.15, 3},
            {0.25, 0.2, 1},
            {0.25, 0.3, 2},
            {0.25, 0.2, 5},
            {0.25, 0.2, 20},
            {0.6, 0.2, 1},
            {0.6, 0.2, 4},
            {0.6, 0.3, 12},
            {1.0, 0.2, 3}
        };
    }

    /** On average the value offered is no farther from the truth than the plain mean, whatever shops are like. */
    @Test(dataProvider = "shops")
    public void neverWorseThanThePlainMean(double apart, double scatter, int jobs) {
        Random random = new Random(5);
        double plain = 0;
        double offered = 0;
        for (int run = 0; run < 6000; run++) {
            double truth = 0.8 + apart * random.nextGaussian();
            List<Double> values = DoubleStream.generate(() -> truth + scatter * random.nextGaussian())
                    .limit(jobs)
                    .boxed()
                    .toList();
            double mean = values.stream().mapToDouble(each -> each).average().orElseThrow();
            plain += (mean - truth) * (mean - truth);
            double said = LearnedValue.of(values, 0.8, 0.25, 0.15).offered();
            offered += (said - truth) * (said - truth);
        }
        System.out.printf(
                "shops %.2f apart, %d jobs of %.2f: %.4f plain, %.4f offered%n",
                apart, jobs, scatter, Math.sqrt(plain / 6000), Math.sqrt(offered / 6000));
        assertThat(offered).isLessThanOrEqualTo(1.02 * plain);
    }

    /** One job that went wrong does not decide. */
    @Test
    public void aStrayIsLeftOut() {
        assertThat(LearnedValue.of(List.of(1.0, 1.02, 0.98, 1.01, 0.99, 4.0), 0.8, 0.25, 0.05)
                        .offered())
                .isCloseTo(1.0, within(0.02));
    }
}
