package org.kestan.week;

import java.time.Duration;
import java.util.OptionalInt;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Looks for better orders; the port for a solver. */
public interface Planner {

    /**
     * Searches for an order that costs less than the present one; never returns one that costs more.
     *
     * @param plans what orders come to
     * @param from where to begin
     * @param effort how long
     * @param better receives each better one, on the calling thread or another
     */
    WeekOrder improve(WeekPlans plans, WeekOrder from, Effort effort, Consumer<WeekOrder> better);

    /**
     * How long to search.
     *
     * @param time at most
     * @param steps steps of the search at most, so that a test comes to the same on every machine; empty for no such limit
     * @param seed the same seed looks in the same way
     * @param stopped asked now and then; true stops
     */
    record Effort(Duration time, OptionalInt steps, long seed, BooleanSupplier stopped) {

        /** For a certain time, unless it is stopped. */
        public static Effort of(Duration time, long seed) {
            return new Effort(time, OptionalInt.empty(), seed, () -> false);
        }
    }
}
