package org.kestan.benchmarks.soak;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Runs the attacks and keeps the table. */
public final class Soak {

    private static final double MILLI = 1e6;

    /** The application thread may not be held longer. */
    private static final double LONGEST_MILLIS = 2000;

    /** Attacks on a target before the next has its turn. */
    private static final int TURN = 200;

    private final Map<String, Row> rows = new LinkedHashMap<>();
    private final List<String> failures = new ArrayList<>();
    private final long seed;
    private final List<Long> heap = new ArrayList<>();
    private double longest;

    /** One row of the table. */
    private static final class Row {
        private long taken;
        private long refused;
        private long thrown;
        private double slowest;
    }

    Soak(long seed) {
        this.seed = seed;
    }

    /** Arguments: minutes (10), seed (20261125). Ends with 1 when anything was thrown or lost. */
    public static void main(String[] arguments) throws Exception {
        double minutes = arguments.length > 0 ? Double.parseDouble(arguments[0]) : 10;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 20261125;
        Path folder = Files.createTempDirectory("kestan-soak-");
        Soak soak = new Soak(seed);
        // Interrupted, it says how far it came.
        Thread table = new Thread(() -> soak.print(System.out));
        Runtime.getRuntime().addShutdownHook(table);
        try {
            soak.run(folder, minutes);
        } finally {
            clear(folder);
        }
        System.exit(soak.failures.isEmpty() ? 0 : 1);
    }

    private static void clear(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            for (Path each : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        }
    }

    private void run(Path folder, double minutes) throws Exception {
        long end = System.nanoTime() + (long) (minutes * 60e9);
        List<Target> inputs = new Inputs(folder).targets();
        Ledgers ledgers = new Ledgers(folder);
        long turn = 0;
        try (OddWindow window = new OddWindow(folder, LONGEST_MILLIS)) {
            while (System.nanoTime() < end) {
                for (Target target : inputs) {
                    attack(target, target.name().equals("zips") ? TURN / 20 : TURN, turn);
                }
                attack(window.target(), TURN / 20, turn);
                for (Target target : ledgers.targets()) {
                    attack(target, TURN / 20, turn);
                }
                for (Target target : ledgers.processes()) {
                    attack(target, 1, turn);
                }
                longest = window.slowest();
                heap.add(heapInUse());
                turn++;
            }
        }
    }

    /** What is still held after everything that can go has gone, MB. */
    private static long heapInUse() {
        System.gc();
        Runtime machine = Runtime.getRuntime();
        return (machine.totalMemory() - machine.freeMemory()) >> 20;
    }

    /** Attacks a target so many times; each attack has a seed of its own, printed with what it brought down. */
    void attack(Target target, int times, long turn) {
        Row row = rows.computeIfAbsent(target.name(), name -> new Row());
        for (int i = 0; i < times; i++) {
            long own = seed + turn * 1_000_003 + i * 31L + target.name().hashCode();
            long from = System.nanoTime();
            try {
                if (target.attack().once(new Random(own)) == Target.Outcome.TAKEN) {
                    row.taken++;
                } else {
                    row.refused++;
                }
            } catch (Exception | StackOverflowError | OutOfMemoryError failed) {
                row.thrown++;
                StackTraceElement[] frames = failed.getStackTrace();
                failures.add(target.name() + ", seed " + own + ": " + failed
                        + (frames.length > 0 ? " at " + frames[0] : ""));
            }
            row.slowest = Math.max(row.slowest, (System.nanoTime() - from) / MILLI);
        }
    }

    /** Returns what was thrown or lost, each with its seed. */
    List<String> failures() {
        return List.copyOf(failures);
    }

    void print(PrintStream out) {
        out.printf("%-20s %9s %9s %9s %7s %12s%n", "what", "inputs", "taken", "refused", "thrown", "slowest, ms");
        rows.forEach((name, row) -> out.printf(
                "%-20s %9d %9d %9d %7d %12.0f%n",
                name, row.taken + row.refused + row.thrown, row.taken, row.refused, row.thrown, row.slowest));
        if (longest > 0) {
            out.printf("The window's thread was held for %.0f ms at the longest.%n", longest);
        }
        if (!heap.isEmpty()) {
            out.printf(
                    "Heap in use after each of %d rounds: first %d MB, most %d MB, last %d MB.%n",
                    heap.size(), heap.get(0), Collections.max(heap), heap.get(heap.size() - 1));
        }
        failures.stream().distinct().limit(40).forEach(out::println);
    }
}
