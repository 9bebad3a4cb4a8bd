package org.kestan.simulator.cases;

import java.util.Random;
import java.util.SplittableRandom;

/** Random numbers from seeds: neighboring seeds are unrelated, unlike with a plain {@link Random}. */
public final class Chance {

    private static final long ODD = 0x9E3779B97F4A7C15L;

    private Chance() {}

    /** Returns the random source for some numbers; the same for the same numbers, on every machine. */
    public static Random of(long... numbers) {
        long seed = 0;
        for (long number : numbers) {
            seed = new SplittableRandom(seed * ODD + number).nextLong();
        }
        return new Random(seed);
    }
}
