package org.kestan.repair.history;

import java.util.ArrayList;
import java.util.List;

/** The round values for the ticks of a scale. */
public final class Ticks {

    private static final double FEWEST = 2;

    private Ticks() {}

    /**
     * Returns the multiples of a step between two values, the smallest first. The step is the grain, doubled until
     * there are few enough, or halved until there are two.
     *
     * @param low where the scale begins
     * @param high where it ends, above {@code low}
     * @param grain the least step that reads as a round value, positive
     * @param most how many steps there may be at most, 2 or more
     */
    public static List<Double> between(double low, double high, double grain, double most) {
        double step = grain;
        while ((high - low) / step > most) {
            step *= 2;
        }
        while ((high - low) / step < FEWEST) {
            step /= 2;
        }
        return multiples(low, high, step);
    }

    /**
     * Returns multiples of a whole number from 0 on, for a scale of counts: steps of 1, 2, 5, 10 and so on.
     *
     * @param high where the scale ends, above 0
     * @param most how many steps there may be at most, 1 or more
     */
    public static List<Double> counting(double high, double most) {
        double ten = 1;
        while (true) {
            for (double step : new double[] {ten, 2 * ten, 5 * ten}) {
                if (high / step <= most) {
                    return multiples(0, high, step);
                }
            }
            ten *= 10;
        }
    }

    private static List<Double> multiples(double low, double high, double step) {
        List<Double> all = new ArrayList<>();
        for (long i = (long) Math.ceil(low / step); i * step <= high; i++) {
            all.add(i * step);
        }
        return all;
    }
}
