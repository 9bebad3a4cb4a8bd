package org.kestan.repair.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.testng.annotations.Test;

/** The places of readings and their trend in a picture. */
public class PlotTest {

    private static final Plot.Frame FRAME = new Plot.Frame(60, 20, 500, 200);

    private static List<Trend.Point> points(Random random, int many) {
        List<Trend.Point> all = new ArrayList<>();
        LocalDate day = LocalDate.of(2015, 1, 1).plusDays(random.nextInt(365));
        double value = 10 * random.nextDouble();
        for (int i = 0; i < many; i++) {
            all.add(new Trend.Point(day, value, OptionalDouble.empty()));
            day = day.plusDays(30 + random.nextInt(900));
            value += 0.4 * random.nextGaussian();
        }
        return all;
    }

    /**
     * Everything is within the frame, readings in order, the line within its band, and that band within the wider one.
     */
    @Test
    public void allLiesWithinTheFrame() {
        Random random = new Random(11);
        for (int round = 0; round < 200; round++) {
            List<Trend.Point> points = points(random, 1 + random.nextInt(9));
            Optional<Trend> trend = points.size() < 3 ? Optional.empty() : Trend.of(points);
            Plot plot = Plot.of(points, trend, FRAME, 0.05);
            assertThat(plot.points()).hasSize(points.size());
            for (int i = 0; i < points.size(); i++) {
                inside(plot.points().get(i)[0], plot.points().get(i)[1]);
                if (i > 0) {
                    assertThat(plot.points().get(i)[0])
                            .isGreaterThan(plot.points().get(i - 1)[0]);
                    boolean lower = points.get(i).value() < points.get(i - 1).value();
                    assertThat(plot.points().get(i)[1] > plot.points().get(i - 1)[1])
                            .as("less lies lower")
                            .isEqualTo(lower);
                }
            }
            assertThat(plot.middle().length > 0).isEqualTo(trend.isPresent());
            for (int i = 0; i < plot.middle().length / 2; i++) {
                inside(plot.middle()[2 * i], plot.middle()[2 * i + 1]);
                int back = plot.wide().length - 2 * (i + 1);
                double line = plot.middle()[2 * i + 1];
                assertThat(plot.narrow()[2 * i + 1]).isLessThanOrEqualTo(line + 1e-9);
                assertThat(plot.wide()[2 * i + 1]).isLessThanOrEqualTo(plot.narrow()[2 * i + 1] + 1e-9);
                assertThat(plot.wide()[back + 1]).isGreaterThanOrEqualTo(plot.narrow()[back + 1] - 1e-9);
                assertThat(plot.wide()[back]).isCloseTo(plot.wide()[2 * i], within(1e-9));
            }
            for (Plot.Mark year : plot.years()) {
                assertThat(year.at()).isBetween(60.0, 560.0);
                assertThat(year.value()).isBetween(2015.0, 2100.0);
            }
            assertThat(plot.years()).hasSizeLessThanOrEqualTo(8);
            assertThat(plot.values().get(0).value())
                    .isLessThan(plot.values().get(1).value() + 1e-9);
        }
    }

    private static void inside(double x, double y) {
        assertThat(x).isBetween(60 - 1e-6, 560 + 1e-6);
        assertThat(y).isBetween(20 - 1e-6, 220 + 1e-6);
    }

    /** A straight line is drawn straight, and its readings lie on it. */
    @Test
    public void aStraightLineIsDrawnStraight() {
        List<Trend.Point> points = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            points.add(new Trend.Point(LocalDate.of(2016 + i, 6, 1), 5 - 0.2 * i, OptionalDouble.empty()));
        }
        Plot plot = Plot.of(points, Trend.of(points), FRAME, 0.05);
        double slope = (plot.points().get(5)[1] - plot.points().get(0)[1])
                / (plot.points().get(5)[0] - plot.points().get(0)[0]);
        for (int i = 1; i < plot.middle().length / 2; i++) {
            double step = (plot.middle()[2 * i + 1] - plot.middle()[2 * i - 1])
                    / (plot.middle()[2 * i] - plot.middle()[2 * i - 2]);
            assertThat(step).isCloseTo(slope, within(Math.abs(slope) * 0.02));
        }
    }
}
