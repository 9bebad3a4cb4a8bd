package org.kestan.benchmarks.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.function.Supplier;

/**
 * Something that is attacked.
 *
 * @param name what the table calls it
 * @param attack one attack
 */
record Target(String name, Attack attack) {

    /** What came of an attack that harmed nothing. */
    enum Outcome {
        TAKEN,
        REFUSED
    }

    /** One attack. */
    @FunctionalInterface
    interface Attack {

        /**
         * @throws Exception what should not have been thrown, or what was lost
         */
        Outcome once(Random random) throws Exception;
    }

    /** Says that nothing unfinished is left in a folder by this program. */
    static void nothingLeft(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            demand(
                    files.noneMatch(file -> file.getFileName().toString().startsWith(".kestan-")),
                    "something unfinished is left");
        }
    }

    /** Says that something was lost that was acknowledged, or a rule broken. */
    static void demand(boolean kept, String what) {
        if (!kept) {
            throw new IllegalStateException(what);
        }
    }

    /** The same, with what is told made only where it is needed. */
    static void demand(boolean kept, Supplier<String> what) {
        if (!kept) {
            throw new IllegalStateException(what.get());
        }
    }
}
