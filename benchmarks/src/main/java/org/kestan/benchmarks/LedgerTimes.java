package org.kestan.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import org.kestan.base.expect.Expect;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.sqlite.SqliteLedger;

/**
 * Times a ledger of twenty thousand jobs: filling, opening with the list, each keystroke of a search. With a file as
 * argument the ledger is left there, for opening the application on it.
 */
public final class LedgerTimes {

    private static final int JOBS = 20_000;

    /** As many as the window shows at once. */
    private static final int SHOWN = 400;

    private LedgerTimes() {}

    /** Argument: where to leave the ledger; without one it is made in a scratch folder and taken away again. */
    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createTempDirectory("kestan-times-");
        Path file = arguments.length > 0 ? Path.of(arguments[0]).toAbsolutePath() : folder.resolve("ledger.sqlite");
        time("fill with " + JOBS + " jobs", () -> fill(file));
        for (int i = 0; i < 3; i++) {
            time("open and list", () -> {
                try (Ledger ledger = open(file)) {
                    ledger.list(Query.ALL, SHOWN);
                }
            });
        }
        try (Ledger ledger = open(file)) {
            String words = "lighthouse 1234";
            for (int i = 1; i <= words.length(); i++) {
                Query query =
                        new Query(words.substring(0, i), Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED);
                time("search \"" + query.words() + "\"", () -> {
                    ledger.list(query, SHOWN);
                    ledger.count(query);
                });
            }
            time("backup", () -> {
                try {
                    ledger.backups().make();
                } catch (IOException failed) {
                    throw new java.io.UncheckedIOException(failed);
                }
            });
        }
        System.out.printf("%-28s %8.1f MiB%n", "file", Files.size(file) / 1048576.0);
        try (var files = Files.walk(folder)) {
            for (Path each : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        }
    }

    private static Ledger open(Path file) {
        if (SqliteLedger.open(file) instanceof OpenResult.Opened opened) {
            return opened.ledger();
        }
        throw new IllegalStateException("the ledger was refused");
    }

    private static void fill(Path file) {
        try (Ledger ledger = open(file)) {
            ledger.together(() -> {
                for (int i = ledger.count(); i < JOBS; i++) {
                    byte[] bytes = DemoJobs.bytes(DemoJobs.NAMES.get(i % DemoJobs.NAMES.size()));
                    Job job = JobReader.read(bytes).job().orElseThrow(Expect.present("readable job"));
                    ledger.insert(job.with(Lines.NAME, job.name() + ", no. " + i));
                }
            });
        }
    }

    private static void time(String what, Runnable work) {
        long start = System.nanoTime();
        work.run();
        System.out.printf(Locale.ROOT, "%-28s %8.1f ms%n", what, (System.nanoTime() - start) / 1e6);
    }
}
