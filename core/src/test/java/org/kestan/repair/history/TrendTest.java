package org.kestan.repair.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import org.testng.annotations.Test;

/**
 * Fits against certified values of the NIST Statistical Reference Datasets (Norris, Pontius, Longley), and against a
 * statistics library. The data are from memory; the agreement with the certified values in so many digits shows that
 * they are right.
 */
public class TrendTest {

    private static final double[] NORRIS = {
        0.1, 0.2, 338.8, 337.4, 118.1, 118.2, 888.0, 884.6, 9.2, 10.1, 228.1, 226.5, 668.5, 666.3, 998.5, 996.3, 449.1,
        448.6, 778.9, 777.0, 559.2, 558.2, 0.3, 0.4, 0.1, 0.6, 778.1, 775.5, 668.8, 666.9, 339.3, 338.0, 448.9, 447.5,
        10.8, 11.6, 557.7, 556.0, 228.3, 228.1, 998.0, 995.8, 888.8, 887.6, 119.6, 120.2, 0.3, 0.3, 0.6, 0.3, 557.6,
        556.8, 339.3, 339.1, 888.0, 887.2, 998.5, 999.0, 778.9, 779.0, 10.2, 11.1, 117.6, 118.3, 228.9, 229.2, 668.4,
        669.1, 449.2, 448.9, 0.2, 0.5
    };

    private static final double[] PONTIUS = {
        .11019, .21956, .32949, .43899, .54803, .65694, .76562, .87487, .98292, 1.09146, 1.20001, 1.30822, 1.41599,
        1.52399, 1.63194, 1.73947, 1.84646, 1.95392, 2.06128, 2.16844, .11052, .22018, .32939, .43886, .54798, .65739,
        .76596, .87474, .98300, 1.09150, 1.20004, 1.30818, 1.41613, 1.52408, 1.63159, 1.73965, 1.84696, 1.95445,
        2.06177, 2.16829
    };

    private static final double[][] LONGLEY = {
        {60323, 83.0, 234289, 2356, 1590, 107608, 1947},
        {61122, 88.5, 259426, 2325, 1456, 108632, 1948},
        {60171, 88.2, 258054, 3682, 1616, 109773, 1949},
        {61187, 89.5, 284599, 3351, 1650, 110929, 1950},
        {63221, 96.2, 328975, 2099, 3099, 112075, 1951},
        {63639, 98.1, 346999, 1932, 3594, 113270, 1952},
        {64989, 99.0, 365385, 1870, 3547, 115094, 1953},
        {63761, 100.0, 363112, 3578, 3350, 116219, 1954},
        {66019, 101.2, 397469, 2904, 3048, 117388, 1955},
        {67857, 104.6, 419180, 2822, 2857, 118734, 1956},
        {68169, 108.4, 442769, 2936, 2798, 120445, 1957},
        {66513, 110.8, 444546, 4681, 2637, 121950, 1958},
        {68655, 112.6, 482704, 3813, 2552, 123366, 1959},
        {69564, 114.2, 502601, 3931, 2514, 125368, 1960},
        {69331, 115.7, 518173, 4806, 2572, 127852, 1961},
        {70551, 116.9, 554894, 4007, 2827, 130081, 1962}
    };

    private static void close(double value, double certified, double digits) {
        assertThat(Math.abs(value / certified - 1)).isLessThan(Math.pow(10, -digits));
    }

    @Test
    public void norris() {
        double[][] design = new double[NORRIS.length / 2][];
        double[] values = new double[design.length];
        for (int i = 0; i < design.length; i++) {
            // Written as y and x in turn; x is the second column of the certified file.
            values[i] = NORRIS[2 * i];
            design[i] = new double[] {1, NORRIS[2 * i + 1]};
        }
        LeastSquares fit = LeastSquares.fit(design, values);
        close(fit.coefficients()[0], -0.262323073774029, 9);
        close(fit.coefficients()[1], 1.00211681802045, 11);
        close(fit.residual(), 0.884796396144373, 10);
        close(fit.error(0), 0.232818234301152, 9);
        close(fit.error(1), 0.429796848199937E-03, 9);
    }

    @Test
    public void pontius() {
        double[][] design = new double[PONTIUS.length][];
        for (int i = 0; i < design.length; i++) {
            double x = 150_000.0 * (i % 20 + 1);
            design[i] = new double[] {1, x, x * x};
        }
        LeastSquares fit = LeastSquares.fit(design, PONTIUS);
        close(fit.coefficients()[0], 0.673565789473684E-03, 8);
        close(fit.coefficients()[1], 0.732059160401003E-06, 10);
        close(fit.coefficients()[2], -0.316081871345029E-14, 8);
        close(fit.residual(), 0.205177424076185E-03, 8);
    }

    @Test
    public void longley() {
        double[][] design = new double[LONGLEY.length][];
        double[] values = new double[design.length];
        for (int i = 0; i < design.length; i++) {
            values[i] = LONGLEY[i][0];
            design[i] = LONGLEY[i].clone();
            design[i][0] = 1;
        }
        LeastSquares fit = LeastSquares.fit(design, values);
        double[] certified = {
            -3482258.63459582,
            15.0618722713733,
            -0.358191792925910E-01,
            -2.02022980381683,
            -1.03322686717359,
            -0.511041056535807E-01,
            1829.15146461355
        };
        for (int i = 0; i < certified.length; i++) {
            close(fit.coefficients()[i], certified[i], 7);
        }
        close(fit.residual(), 304.854073561965, 8);
    }

    /** Any random fit, against a statistics library. */
    @Test
    public void anyFit() {
        Random random = new Random(5);
        for (int run = 0; run < 50; run++) {
            double[][] x = new double[12][2];
            double[][] design = new double[12][];
            double[] y = new double[12];
            for (int i = 0; i < y.length; i++) {
                x[i] = new double[] {random.nextDouble() * 10, random.nextGaussian()};
                design[i] = new double[] {1, x[i][0], x[i][1]};
                y[i] = random.nextGaussian();
            }
            OLSMultipleLinearRegression library = new OLSMultipleLinearRegression();
            library.newSampleData(y, x);
            LeastSquares fit = LeastSquares.fit(design, y);
            for (int i = 0; i < 3; i++) {
                assertThat(fit.coefficients()[i]).isCloseTo(library.estimateRegressionParameters()[i], within(1e-10));
                assertThat(fit.error(i))
                        .isCloseTo(library.estimateRegressionParametersStandardErrors()[i], within(1e-10));
            }
        }
    }

    private static List<Trend.Point> yearly(int years, DoubleUnaryOperator of, double spread) {
        Random random = new Random(11);
        List<Trend.Point> points = new ArrayList<>();
        for (int i = 0; i <= years; i++) {
            LocalDate day = LocalDate.of(2016, 4, 1).plusYears(i);
            points.add(
                    new Trend.Point(day, of.applyAsDouble(i) + spread * random.nextGaussian(), OptionalDouble.empty()));
        }
        return points;
    }

    /** A saddle that loses a tenth of a millimeter a year runs out when arithmetic says so, within the band. */
    @Test
    public void theSaddleRunsOut() {
        Trend trend = Trend.of(yearly(10, t -> 3.4 - 0.1 * t, 0.03)).orElseThrow();
        assertThat(trend.shape()).isEqualTo(Trend.Shape.STRAIGHT);
        assertThat(trend.moves()).isTrue();
        Trend.Crossing crossing = trend.crossing(1.6).orElseThrow();
        LocalDate arithmetic = LocalDate.of(2034, 4, 1);
        assertThat(crossing.earliest()).isBefore(arithmetic).isAfter(arithmetic.minusYears(3));
        assertThat(crossing.latest().orElseThrow()).isAfter(arithmetic).isBefore(arithmetic.plusYears(4));
        assertThat(trend.crossing(5)).isEmpty();
    }

    /** What has not moved is left alone; fast movement that slows down is distinguished from a straight line. */
    @Test
    public void whatStaysAndWhatSlows() {
        Trend still = Trend.of(yearly(8, t -> 0.4, 0.03)).orElseThrow();
        assertThat(still.moves()).isFalse();
        assertThat(still.crossing(0)).isEmpty();
        Trend slows = Trend.of(yearly(15, t -> 1 - 0.4 * Math.log1p(t), 0.02)).orElseThrow();
        assertThat(slows.shape()).isEqualTo(Trend.Shape.SLOWING);
        assertThat(Trend.of(yearly(1, t -> t, 0))).isEmpty();
    }

    /**
     * With three to eight visits the prediction band covers about 95 of a hundred next readings, the band of the line
     * covers the true line, and the interval for the saddle covers the year it runs out; runs that show nothing yet
     * are counted, too.
     */
    @Test
    public void theBandsHoldFromThreeVisitsToEight() {
        Random random = new Random(2);
        int runs = Integer.getInteger("kestan.runs", 1000);
        for (int visits = 3; visits <= 8; visits++) {
            int held = 0;
            int inside = 0;
            int runOut = 0;
            LocalDate truly = LocalDate.of(2020, 1, 1).plusYears(14);
            LocalDate next = LocalDate.of(2020, 1, 1).plusYears(visits);
            for (int run = 0; run < runs; run++) {
                List<Trend.Point> points = new ArrayList<>();
                for (int i = 0; i < visits; i++) {
                    points.add(new Trend.Point(
                            LocalDate.of(2020, 1, 1).plusYears(i),
                            3 - 0.1 * i + 0.05 * random.nextGaussian(),
                            OptionalDouble.empty()));
                }
                Trend trend = Trend.of(points).orElseThrow();
                double truth = 3 - 0.1 * visits;
                inside += Math.abs(trend.at(next) - truth) <= trend.confidence(next) ? 1 : 0;
                held += Math.abs(trend.at(next) - truth - 0.05 * random.nextGaussian()) <= trend.prediction(next)
                        ? 1
                        : 0;
                Optional<Trend.Crossing> out = trend.crossing(3 - 0.1 * 14);
                runOut += out.map(each -> !each.earliest().isAfter(truly)
                                        && each.latest()
                                                .filter(latest -> latest.isBefore(truly))
                                                .isEmpty())
                                .orElse(true)
                        ? 1
                        : 0;
            }
            System.out.printf(
                    "%d visits: reading %.3f, line %.3f, run-out %.3f%n",
                    visits, (double) held / runs, (double) inside / runs, (double) runOut / runs);
            assertThat((double) held / runs).as(visits + " visits, reading").isBetween(0.93, 0.97);
            assertThat((double) inside / runs).as(visits + " visits, line").isBetween(0.93, 0.97);
            assertThat((double) runOut / runs).as(visits + " visits, run-out").isBetween(0.93, 0.98);
        }
    }

    /** Humidity is corrected for if every visit has it. */
    @Test
    public void humidityIsTakenOut() {
        List<Trend.Point> points = new ArrayList<>();
        double[] humidity = {40, 60, 35, 55, 45, 65, 38, 58};
        for (int i = 0; i < humidity.length; i++) {
            points.add(new Trend.Point(
                    LocalDate.of(2016, 1, 1).plusYears(i),
                    3 - 0.05 * i + 0.02 * (humidity[i] - 50),
                    OptionalDouble.of(humidity[i])));
        }
        Trend trend = Trend.of(points).orElseThrow();
        assertThat(trend.meanHumidity()).isPresent();
        assertThat(trend.fit().coefficients()[2]).isCloseTo(0.02, within(1e-3));
    }
}
