package org.kestan.benchmarks.soak;

import com.sun.management.ThreadMXBean;
import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.kestan.base.expect.Expect;
import org.kestan.files.disk.Disk;
import org.kestan.ledger.postgres.PostgresAddress;

/** Runs the attacks and keeps the table. */
public final class Soak {

    private static final int BENCHES = 10;
    private static final int PAUSE_MILLIS = 700;
    private static final double MILLI = 1e6;
    private static final double HOUR = 60;

    /** The application thread may not be blocked for longer. */
    private static final double LONGEST_MILLIS = 2000;

    /** No attack may take more processor time, or more memory in all. */
    private static final double MOST_MILLIS = 8000;

    private static final long MOST_MEGABYTES = 4096;

    /** Memory in use may not grow faster, MB an hour, from one hour on. */
    private static final double STEEPEST = 20;

    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

    /** Attacks on a target before the next one's turn. */
    private static final int TURN = 200;

    /** Slower targets get fewer turns. */
    static final Set<String> SLOW = Set.of("zips", "papers");

    private final Map<String, Row> rows = new LinkedHashMap<>();
    private final List<String> failures = new ArrayList<>();
    private final long seed;
    private final List<Long> heap = new ArrayList<>();
    private double longest;
    private String longestWork = "nothing";

    /** One row of the table. */
    private static final class Row {
        private long taken;
        private long refused;
        private long thrown;
        private double slowest;
        private long largest;
    }

    Soak(long seed) {
        this.seed = seed;
    }

    /**
     * Arguments: minutes (10), seed (20261125); or the name of a target and the seed that broke it, to see that again;
     * or {@code --benches}, how many (10), minutes (60), the address of a server (its own by default). Exits with 1 if
     * anything was thrown or lost.
     */
    public static void main(String[] arguments) throws Exception {
        if (arguments.length > 0 && arguments[0].equals("--benches")) {
            benches(List.of(arguments).subList(1, arguments.length));
            return;
        }
        if (arguments.length == 2 && !arguments[0].matches("[0-9.]+")) {
            replay(arguments[0], Long.parseLong(arguments[1]));
            return;
        }
        double minutes = arguments.length > 0 ? Double.parseDouble(arguments[0]) : 10;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 20261125;
        Path folder = Files.createTempDirectory("kestan-soak-");
        Soak soak = new Soak(seed);
        // If interrupted, it says how far it got.
        Thread table = new Thread(() -> soak.print(System.out));
        Runtime.getRuntime().addShutdownHook(table);
        try {
            soak.run(folder, minutes);
        } finally {
            Disk.deleteAll(folder);
        }
        System.exit(soak.failures.isEmpty() ? 0 : 1);
    }

    private static void benches(List<String> arguments) throws Exception {
        int count = arguments.isEmpty() ? BENCHES : Integer.parseInt(arguments.get(0));
        double minutes = arguments.size() > 1 ? Double.parseDouble(arguments.get(1)) : HOUR;
        Optional<PostgresAddress> server =
                arguments.size() > 2 ? PostgresAddress.of(arguments.get(2), System::getenv) : Optional.empty();
        Path folder = Files.createTempDirectory("kestan-soak-");
        Benches benches = new Benches(count, minutes, PAUSE_MILLIS);
        try {
            benches.run(server, folder);
        } finally {
            Disk.deleteAll(folder);
        }
        benches.print();
        if (benches.isSlow()) {
            System.out.println("Saves take too long.");
        }
        System.exit(benches.failures().isEmpty() && !benches.isSlow() ? 0 : 1);
    }

    /** Repeats an attack and lets its exception through. */
    private static void replay(String name, long seed) throws Exception {
        Path folder = Files.createTempDirectory("kestan-soak-");
        try (OddWindow window = new OddWindow(folder, LONGEST_MILLIS)) {
            System.out.println(again(folder, window, name, seed));
        } finally {
            Disk.deleteAll(folder);
        }
        System.exit(0);
    }

    /**
     * Repeats an attack.
     *
     * @throws Exception whatever made it fail
     */
    static Target.Outcome again(Path folder, OddWindow window, String name, long seed) throws Exception {
        List<Target> all = new ArrayList<>(new Inputs(folder).targets());
        Ledgers ledgers = new Ledgers(folder);
        all.addAll(ledgers.targets());
        all.addAll(ledgers.processes());
        all.add(window.target());
        return all.stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(Expect.present("target of that name"))
                .attack()
                .once(new Random(seed));
    }

    private void run(Path folder, double minutes) throws Exception {
        long end = System.nanoTime() + (long) (minutes * 60e9);
        List<Target> inputs = new Inputs(folder).targets();
        Ledgers ledgers = new Ledgers(folder);
        long turn = 0;
        try (OddWindow window = new OddWindow(folder, LONGEST_MILLIS)) {
            while (System.nanoTime() < end) {
                for (Target target : inputs) {
                    attack(target, SLOW.contains(target.name()) ? TURN / 20 : TURN, turn);
                }
                attack(window.target(), TURN / 20, turn);
                for (Target target : ledgers.targets()) {
                    attack(target, TURN / 20, turn);
                }
                for (Target target : ledgers.processes()) {
                    attack(target, 1, turn);
                }
                longest = window.slowest();
                longestWork = window.slowestWork();
                heap.add(heapInUse());
                turn++;
            }
        }
        double slope = slope(heap, minutes);
        System.out.printf("Memory in use grows by %.1f MB an hour.%n", slope);
        if (minutes >= HOUR && slope > STEEPEST) {
            failures.add("memory grows by " + Math.round(slope) + " MB an hour");
        }
    }

    /** By least squares over the later half, when everything loaded once is loaded; MB an hour. */
    static double slope(List<Long> heap, double minutes) {
        List<Long> later = heap.subList(heap.size() / 2, heap.size());
        double round = minutes / HOUR / Math.max(1, heap.size());
        double middle = (later.size() - 1) / 2.0;
        double mean = later.stream().mapToLong(each -> each).average().orElse(0);
        double along = 0;
        double across = 0;
        for (int i = 0; i < later.size(); i++) {
            along += (i - middle) * (later.get(i) - mean);
            across += (i - middle) * (i - middle);
        }
        return later.size() < 3 ? 0 : along / across / round;
    }

    /** The memory still in use after everything softly held has been cleared, MB. */
    private static long heapInUse() {
        System.gc();
        Runtime machine = Runtime.getRuntime();
        return (machine.totalMemory() - machine.freeMemory()) >> 20;
    }

    /** Attacks a target a number of times; each attack has its own seed, printed with what it broke. */
    void attack(Target target, int times, long turn) {
        Row row = rows.computeIfAbsent(target.name(), name -> new Row());
        for (int i = 0; i < times; i++) {
            long own = seed + turn * 1_000_003 + i * 31L + target.name().hashCode();
            long from = THREADS.getCurrentThreadCpuTime();
            long allocated = THREADS.getCurrentThreadAllocatedBytes();
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
            double millis = (THREADS.getCurrentThreadCpuTime() - from) / MILLI;
            long megabytes = (THREADS.getCurrentThreadAllocatedBytes() - allocated) >> 20;
            row.slowest = Math.max(row.slowest, millis);
            row.largest = Math.max(row.largest, megabytes);
            if (millis > MOST_MILLIS || megabytes > MOST_MEGABYTES) {
                failures.add(target.name() + ", seed " + own + ": " + Math.round(millis) + " ms of the processor, "
                        + megabytes + " MB");
            }
        }
    }

    /** Returns what was thrown or lost, each with its seed. */
    List<String> failures() {
        return List.copyOf(failures);
    }

    void print(PrintStream out) {
        out.printf("%-20s %9s %9s %9s %7s %8s %8s%n", "what", "inputs", "taken", "refused", "thrown", "CPU, ms", "MB");
        rows.forEach((name, row) -> out.printf(
                "%-20s %9d %9d %9d %7d %8.0f %8d%n",
                name,
                row.taken + row.refused + row.thrown,
                row.taken,
                row.refused,
                row.thrown,
                row.slowest,
                row.largest));
        if (longest > 0) {
            out.printf("The window's thread was held for %.0f ms at the longest, by %s.%n", longest, longestWork);
        }
        if (!heap.isEmpty()) {
            out.printf(
                    "Heap in use after each of %d rounds: first %d MB, most %d MB, last %d MB.%n",
                    heap.size(), heap.get(0), Collections.max(heap), heap.get(heap.size() - 1));
        }
        failures.stream().distinct().limit(40).forEach(out::println);
    }
}
