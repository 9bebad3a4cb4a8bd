package org.kestan.repair.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * The trend of a quantity of an instrument: a straight line over the years; from eight points on, the mean of a
 * straight line and one that slows down, weighted by the corrected Akaike criterion (Hurvich and Tsai, Regression and
 * time series model selection in small samples, 1989; Burnham and Anderson, Model Selection and Multimodel Inference,
 * 2002, 4.3). Fewer points can't distinguish the two. Humidity is removed if every visit has it and there are enough
 * points.
 *
 * @param points what was read, in the order of the days
 * @param shape straight or slowing
 * @param fit the fit
 * @param meanHumidity percent; empty if no correction for humidity is made
 * @param weight how much this shape counts, 0 to 1
 * @param other the shape with the remaining weight; empty if there is none
 */
public record Trend(
        List<Point> points,
        Shape shape,
        LeastSquares fit,
        OptionalDouble meanHumidity,
        double weight,
        Optional<Trend> other) {

    /** Fewer points give no trend with a spread. */
    private static final int LEAST = 3;

    /** Humidity is one more coefficient and needs more points. */
    private static final int LEAST_WITH_HUMIDITY = 6;

    /** Fewer points can't distinguish a line that slows down from a straight one. */
    private static final int LEAST_TO_CHOOSE = 8;

    private static final double DAYS = 365.25;
    private static final double HALF = 0.975;

    /** By the degrees of freedom: the search for a crossing needs them a thousand times. */
    private static final Map<Integer, Double> QUANTILES = new ConcurrentHashMap<>();

    private static final int FARTHEST_YEARS = 60;
    private static final double MONTH = 1 / 12.0;

    /** Takes an unmodifiable copy. */
    public Trend {
        points = List.copyOf(points);
    }

    /**
     * One reading.
     *
     * @param day when
     * @param value mm or degrees
     * @param humidity percent; empty if it was not read
     */
    public record Point(LocalDate day, double value, OptionalDouble humidity) {}

    /** The shape of the trend. */
    public enum Shape {
        /** The same amount each year. */
        STRAIGHT,
        /** Less each year, with the logarithm of the years. */
        SLOWING
    }

    /**
     * When a quantity passes a limit.
     *
     * @param earliest by the band of the line, 95 % (Fieller, Some problems in interval estimation, 1954)
     * @param latest by the same band; empty if it is beyond the horizon
     */
    public record Crossing(LocalDate earliest, Optional<LocalDate> latest) {}

    /** Fits the readings; empty with fewer than three days. */
    public static Optional<Trend> of(List<Point> read) {
        List<Point> points = new ArrayList<>(read);
        points.sort((one, other) -> one.day().compareTo(other.day()));
        long days = points.stream().map(Point::day).distinct().count();
        if (days < LEAST) {
            return Optional.empty();
        }
        boolean humid = points.size() >= LEAST_WITH_HUMIDITY
                && points.stream().allMatch(point -> point.humidity().isPresent())
                && points.stream()
                                .mapToDouble(point -> point.humidity().getAsDouble())
                                .distinct()
                                .count()
                        > 1;
        OptionalDouble mean = humid
                ? points.stream()
                        .mapToDouble(point -> point.humidity().getAsDouble())
                        .average()
                : OptionalDouble.empty();
        Trend straight = fitted(points, Shape.STRAIGHT, mean);
        if (points.size() < LEAST_TO_CHOOSE) {
            return Optional.of(straight);
        }
        Trend slowing = fitted(points, Shape.SLOWING, mean);
        double likelier = Math.exp((slowing.criterion() - straight.criterion()) / 2);
        double weight = likelier / (1 + likelier);
        return Optional.of(weight >= 0.5 ? straight.weighed(weight, slowing) : slowing.weighed(1 - weight, straight));
    }

    private Trend weighed(double own, Trend rest) {
        return new Trend(points, shape, fit, meanHumidity, own, Optional.of(rest));
    }

    private static Trend fitted(List<Point> points, Shape shape, OptionalDouble mean) {
        double[][] design = new double[points.size()][];
        double[] values = new double[points.size()];
        for (int i = 0; i < values.length; i++) {
            double years = years(points.get(0).day(), points.get(i).day());
            design[i] = row(shape, years, mean, points.get(i).humidity());
            values[i] = points.get(i).value();
        }
        return new Trend(points, shape, LeastSquares.fit(design, values), mean, 1, Optional.empty());
    }

    private static double[] row(Shape shape, double years, OptionalDouble mean, OptionalDouble humidity) {
        double along = shape == Shape.STRAIGHT ? years : Math.log1p(years);
        return mean.isPresent()
                ? new double[] {1, along, humidity.orElse(mean.getAsDouble()) - mean.getAsDouble()}
                : new double[] {1, along};
    }

    private static double years(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to) / DAYS;
    }

    /** The corrected Akaike criterion of a normal fit; the variance counts as a coefficient. */
    private double criterion() {
        int n = points.size();
        int k = fit.coefficients().length + 1;
        return n * Math.log(Math.max(fit.squares(), 1e-18) / n) + 2.0 * k + 2.0 * k * (k + 1) / (n - k - 1);
    }

    /** Returns the fitted value on a day, at the mean humidity. */
    public double at(LocalDate day) {
        return weight * alone(day)
                + other.map(rest -> (1 - weight) * rest.alone(day)).orElse(0.0);
    }

    private double alone(LocalDate day) {
        return fit.at(row(shape, years(points.get(0).day(), day), meanHumidity, meanHumidity));
    }

    /** Returns the half-width of the 95 % confidence band on a day: where the line itself is. */
    public double confidence(LocalDate day) {
        return half(day, 0);
    }

    /** Returns the half-width of the 95 % prediction band on a day: where a reading would be. */
    public double prediction(LocalDate day) {
        return half(day, 1);
    }

    /** Each shape's own spread and its distance from their mean (Burnham and Anderson, 4.3.2). */
    private double half(LocalDate day, double reading) {
        double mean = at(day);
        return weight * half(day, reading, mean)
                + other.map(rest -> (1 - weight) * rest.half(day, reading, mean))
                        .orElse(0.0);
    }

    private double half(LocalDate day, double reading, double mean) {
        double[] row = row(shape, years(points.get(0).day(), day), meanHumidity, meanHumidity);
        double own = quantile() * fit.residual() * Math.sqrt(reading + fit.leverage(row));
        return Math.hypot(own, quantile() * (alone(day) - mean));
    }

    private double quantile() {
        return fit.freedom() > 0
                ? QUANTILES.computeIfAbsent(
                        fit.freedom(), freedom -> new TDistribution(freedom).inverseCumulativeProbability(HALF))
                : 0;
    }

    /** Returns the half-width of the 95 % band for the change from the last reading to a later day. */
    public double slopeHalfWidth(LocalDate later) {
        LocalDate first = points.get(0).day();
        double from = along(years(first, points.get(points.size() - 1).day()));
        return quantile() * fit.error(1) * (along(years(first, later)) - from);
    }

    private double along(double years) {
        return shape == Shape.STRAIGHT ? years : Math.log1p(years);
    }

    /** Returns whether it changes at all: its slope differs from zero at 95 %. */
    public boolean moves() {
        double slope = Math.abs(fit.coefficients()[1]);
        return slope > quantile() * fit.error(1) + 1e-9;
    }

    /**
     * Returns when it passes a limit, starting from the last reading.
     *
     * @return empty if it does not move, moves away from it, or does not reach it within sixty years
     */
    public Optional<Crossing> crossing(double limit) {
        LocalDate last = points.get(points.size() - 1).day();
        double now = at(last);
        boolean down = fit.coefficients()[1] < 0;
        if (!moves() || down != limit < now) {
            return Optional.empty();
        }
        Optional<LocalDate> earliest = passes(limit, last, down, 1);
        return earliest.map(day -> new Crossing(day, passes(limit, last, down, -1)));
    }

    /** The first month in which the near edge of the band (ahead) or the far edge (behind) has passed the limit. */
    private Optional<LocalDate> passes(double limit, LocalDate last, boolean down, int ahead) {
        for (int month = 0; month <= FARTHEST_YEARS / MONTH; month++) {
            LocalDate day = last.plusMonths(month);
            double edge = at(day) + (down ? -1 : 1) * ahead * confidence(day);
            if (down ? edge <= limit : edge >= limit) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }
}
