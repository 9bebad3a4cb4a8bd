package org.kestan.benchmarks.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.function.Supplier;

/**
 * A target of attacks.
 *
 * @param name its name in the table
 * @param attack a single attack
 */
record Target(String name, Attack attack) {

    /** The result of an attack that did no harm. */
    enum Outcome {
        TAKEN,
        REFUSED
    }

    /** One attack. */
    @FunctionalInterface
    interface Attack {

        /**
         * @throws Exception whatever should not have been thrown, or a loss
         */
        Outcome once(Random random) throws Exception;
    }

    /** Checks that this program left nothing unfinished in a folder. */
    static void nothingLeft(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            demand(
                    files.noneMatch(file -> file.getFileName().toString().startsWith(".kestan-")),
                    "something unfinished is left");
        }
    }

    /** Reports that something acknowledged was lost, or a rule broken. */
    static void demand(boolean kept, String what) {
        if (!kept) {
            throw new IllegalStateException(what);
        }
    }

    /** The same, with a message that is made only if needed. */
    static void demand(boolean kept, Supplier<String> what) {
        if (!kept) {
            throw new IllegalStateException(what.get());
        }
    }
}
