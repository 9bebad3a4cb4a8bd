package org.kestan.benchmarks.soak;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.WaitingSaves;
import org.kestan.ledger.postgres.PostgresAddress;
import org.kestan.ledger.postgres.PostgresLedger;

/**
 * Several benches that use one server at the pace of fast hands, each with its own ledger. They write jobs of their
 * own and a few that all of them use. In the end everything acknowledged must be there.
 */
final class Benches {

    private static final int SHARED = 3;
    private static final int SHOWN = 400;

    /** The longest that 95 % of the saves may take, ms. */
    private static final double SLOWEST = 100;

    private static final List<String> KEYS = List.of("light", "keeper 1", "bench 3", "qx", "steel");

    private final int count;
    private final double minutes;
    private final int pauseMillis;
    private final List<Double> saves = Collections.synchronizedList(new ArrayList<>());
    private final List<Double> keys = Collections.synchronizedList(new ArrayList<>());
    private final List<Long> heap = new ArrayList<>();
    private final Map<String, String> own = new ConcurrentHashMap<>();
    private final Set<String> notes = ConcurrentHashMap.newKeySet();
    private final AtomicInteger merged = new AtomicInteger();
    private final AtomicInteger told = new AtomicInteger();
    private final List<String> failures = Collections.synchronizedList(new ArrayList<>());

    /** @param pauseMillis between two things a bench does, on the average */
    Benches(int count, double minutes, int pauseMillis) {
        this.count = count;
        this.minutes = minutes;
        this.pauseMillis = pauseMillis;
    }

    /** Runs on its own server, or on the given one, whose database must have no jobs. */
    void run(Optional<PostgresAddress> given, Path folder) throws Exception {
        if (given.isPresent()) {
            at(given.get(), folder);
            return;
        }
        try (EmbeddedPostgres server = EmbeddedPostgres.builder().start()) {
            at(
                    new PostgresAddress("localhost", server.getPort(), "postgres", "postgres", Optional.of("postgres")),
                    folder);
        }
    }

    private void at(PostgresAddress address, Path folder) throws Exception {
        Job job =
                JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow(Expect.present("readable job"));
        try (Ledger ledger = open(address, folder.resolve("first"))) {
            if (ledger.count() > 0) {
                throw new IllegalStateException("there are jobs in this ledger");
            }
            List<String> shared =
                    Stream.generate(() -> ledger.insert(job).id()).limit(SHARED).toList();
            ExecutorService benches = Executors.newFixedThreadPool(count);
            long end = System.nanoTime() + (long) (minutes * 60e9);
            List<Future<?>> all = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                int which = i;
                all.add(benches.submit(() -> work(which, address, folder.resolve("bench-" + which), job, shared, end)));
            }
            while (System.nanoTime() < end) {
                Thread.sleep(Math.max(1, Math.min(60_000, (end - System.nanoTime()) / 1_000_000)));
                System.gc();
                heap.add((Runtime.getRuntime().totalMemory()
                                - Runtime.getRuntime().freeMemory())
                        >> 20);
            }
            for (Future<?> each : all) {
                each.get();
            }
            benches.shutdown();
            check(ledger);
        }
    }

    private static Ledger open(PostgresAddress address, Path folder) {
        if (PostgresLedger.open(address, folder) instanceof OpenResult.Opened opened) {
            return opened.ledger();
        }
        throw new IllegalStateException("the ledger was refused");
    }

    private Void work(int which, PostgresAddress address, Path folder, Job job, List<String> shared, long end)
            throws IOException, InterruptedException {
        Random random = new Random(which);
        try (Ledger ledger = open(address, folder)) {
            WaitingSaves waiting = new WaitingSaves(Files.createDirectories(folder.resolve("waiting")));
            ledger.listen(told::incrementAndGet);
            LedgerJob mine = ledger.insert(job.with(Lines.NAME, "bench " + which));
            for (int i = 0; System.nanoTime() < end; i++) {
                switch (random.nextInt(8)) {
                    case 0 -> mine = ledger.insert(job.with(Lines.NAME, "bench " + which + ", no. " + i));
                    case 1 -> key(ledger, KEYS.get(random.nextInt(KEYS.size())));
                    case 2, 3 -> note(ledger, waiting, shared.get(random.nextInt(SHARED)), "bench " + which + ", " + i);
                    default -> mine = save(ledger, mine, "owner " + i);
                }
                ledger.showing(Optional.of(mine.id()));
                Thread.sleep(1 + random.nextInt(2 * pauseMillis));
            }
        }
        return null;
    }

    private void key(Ledger ledger, String words) {
        long start = System.nanoTime();
        ledger.list(new Query(words, Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED), SHOWN);
        keys.add((System.nanoTime() - start) / 1e6);
    }

    private LedgerJob save(Ledger ledger, LedgerJob mine, String owner) {
        Job next = mine.job().with(Lines.OWNER, owner);
        long start = System.nanoTime();
        SaveResult saved = ledger.save(mine.id(), mine.revision(), next);
        saves.add((System.nanoTime() - start) / 1e6);
        if (saved instanceof SaveResult.Done done) {
            own.put(mine.id(), owner);
            return new LedgerJob(mine.id(), done.revision(), next);
        }
        failures.add("a job no one else has is in conflict: " + saved);
        return ledger.read(mine.id()).orElseThrow(Expect.present("job"));
    }

    /** A line in the diary of a job that others write in, too; merged if somebody was faster. */
    private void note(Ledger ledger, WaitingSaves waiting, String id, String text) throws IOException {
        LedgerJob before = ledger.read(id).orElseThrow(Expect.present("shared job"));
        List<DiaryEntry> diary = new ArrayList<>(before.job().section(Sections.DIARY));
        diary.add(new DiaryEntry(Instant.now(), "", DiaryEntry.What.NOTE, "", text));
        Job next = before.job().with(Sections.DIARY, diary);
        long start = System.nanoTime();
        SaveResult saved = ledger.save(id, before.revision(), next);
        saves.add((System.nanoTime() - start) / 1e6);
        if (!(saved instanceof SaveResult.Done)) {
            merged.incrementAndGet();
            waiting.keep(id, Optional.of(before.job()), next);
            waiting.deliver(ledger, id);
        }
        notes.add(text);
    }

    private void check(Ledger ledger) {
        Set<String> found = new HashSet<>();
        for (JobCard card : ledger.list(Query.ALL)) {
            Job job = ledger.read(card.id())
                    .orElseThrow(Expect.present("listed job"))
                    .job();
            job.section(Sections.DIARY).forEach(entry -> found.add(entry.text()));
            String owner = own.remove(card.id());
            if (owner != null && !owner.equals(job.text(Lines.OWNER))) {
                failures.add("a save that was acknowledged is lost: " + owner + " of " + card.name());
            }
        }
        own.forEach((id, owner) -> failures.add("a job is lost: " + UUID.fromString(id)));
        notes.stream().filter(note -> !found.contains(note)).forEach(note -> failures.add("a note is lost: " + note));
    }

    List<String> failures() {
        return List.copyOf(failures);
    }

    /** Returns whether saves took longer than fast hands tolerate. */
    boolean isSlow() {
        return at(saves, 95) > SLOWEST;
    }

    /** How many saves were acknowledged. */
    int saves() {
        return saves.size();
    }

    /** How many of them were of a job that another bench had written in the meantime. */
    int merged() {
        return merged.get();
    }

    void print() {
        System.out.printf(
                Locale.ROOT,
                "%d benches, %.1f minutes: %d saves, %d merged, %d notes, told %d times%n",
                count,
                minutes,
                saves.size(),
                merged.get(),
                notes.size(),
                told.get());
        print("save", saves);
        print("key of a search", keys);
        System.out.printf(Locale.ROOT, "Memory in use grows by %.1f MB an hour.%n", Soak.slope(heap, minutes));
        failures.stream().limit(40).forEach(System.out::println);
    }

    private static void print(String what, List<Double> all) {
        if (!all.isEmpty()) {
            System.out.printf(
                    Locale.ROOT,
                    "%-16s median %.1f ms, 95 %% %.1f ms, slowest %.1f ms%n",
                    what,
                    at(all, 50),
                    at(all, 95),
                    at(all, 100));
        }
    }

    private static double at(List<Double> all, int percent) {
        List<Double> sorted = all.stream().sorted().toList();
        return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
    }
}
