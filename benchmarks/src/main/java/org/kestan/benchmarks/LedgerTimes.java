package org.kestan.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import org.kestan.base.expect.Expect;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.postgres.PostgresAddress;
import org.kestan.ledger.postgres.PostgresLedger;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.kestan.overview.JobAnalysis;

/**
 * Times a ledger of a hundred thousand jobs: opening with the list, each keystroke of a search, saves, an erasure, a
 * backup. With a file as argument, the ledger is left there so that the application can open it.
 */
public final class LedgerTimes {

    private static final int JOBS = Integer.getInteger("kestan.jobs", 100_000);
    private static final int ORIGINALS = 500;
    private static final int SAVES = 400;
    private static final int ROUNDS = 8;

    /** As many as the window shows at once. */
    private static final int SHOWN = 400;

    /** As many of them as it shows for a search. */
    private static final int FOUND = 100;

    /** How far it counts beyond what it shows. */
    private static final int COUNTED_BEYOND = 100;

    private static final String COLUMNS =
            "revision, versions, name, owner, station, waits_for, line, derived_by, waits, due, lesson,"
                    + " created_at, changed_at, archived, deleted_at";

    private LedgerTimes() {}

    /**
     * Argument: where to leave the ledger, a file or the address of a server; without one it is made in a scratch
     * folder and removed again.
     */
    public static void main(String[] arguments) throws IOException, SQLException {
        Path folder = Files.createTempDirectory("kestan-times-");
        Place place = arguments.length > 0 && PostgresAddress.isOne(arguments[0])
                ? new OnServer(
                        PostgresAddress.of(arguments[0], System::getenv).orElseThrow(Expect.present("address")), folder)
                : new InFile(
                        arguments.length > 0
                                ? Path.of(arguments[0]).toAbsolutePath()
                                : folder.resolve("ledger.sqlite"));
        fill(place);
        System.out.printf("%-34s %8.1f MiB%n", JOBS + " jobs", place.bytes() / 1048576.0);
        times("open and list", 5, i -> {
            try (Ledger ledger = place.open()) {
                ledger.find(Query.ALL, SHOWN, SHOWN + COUNTED_BEYOND);
            }
        });
        try (Ledger ledger = place.open()) {
            times("first key", 1, i -> key(ledger, "l"));
            List<Double> all = new ArrayList<>();
            for (String words : List.of("lighthouse 1234", "no. 77", "qx", "keeper steel", "zzz")) {
                List<Double> keys = new ArrayList<>();
                for (int round = 0; round < ROUNDS; round++) {
                    for (int i = 1; i <= words.length(); i++) {
                        String typed = words.substring(0, i);
                        keys.add(millis(() -> key(ledger, typed)));
                    }
                }
                print("a key of \"" + words + "\"", keys);
                all.addAll(keys);
            }
            print("a key", all);
            LedgerJob[] entry = {
                ledger.read(ledger.list(Query.ALL, 1).get(0).id()).orElseThrow()
            };
            List<Double> shown = new ArrayList<>();
            List<Double> unseen = new ArrayList<>();
            for (int i = 0; i < SAVES; i++) {
                Job next = entry[0].job().with(Lines.OWNER, "owner " + i);
                boolean isShown = i % 2 == 0;
                if (isShown) {
                    // Before it saves, the window shows a job's state and plan.
                    JobAnalysis analysis = JobAnalysis.of(next, ShopStandards.DEFAULT);
                    analysis.station();
                    analysis.plan();
                }
                (isShown ? shown : unseen).add(millis(() -> ledger.save(entry[0].id(), entry[0].revision(), next)));
                entry[0] = new LedgerJob(entry[0].id(), entry[0].revision() + 1, next);
            }
            print("save what is shown", shown);
            print("save what is not", unseen);
            times("backup", 1, i -> {
                try {
                    ledger.backups().make();
                } catch (IOException failed) {
                    throw new java.io.UncheckedIOException(failed);
                }
            });
            ledger.delete(entry[0].id());
            times("erase", 1, i -> ledger.erase(entry[0].id()));
            times("write anew what has traces", 1, i -> ledger.cleanse());
        }
        Disk.deleteAll(folder);
    }

    private static void key(Ledger ledger, String typed) {
        ledger.find(
                new Query(typed, Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED),
                FOUND,
                FOUND + COUNTED_BEYOND);
    }

    /** Where a ledger is, and how its rows are copied there. */
    private interface Place {

        Ledger open();

        Connection connection() throws SQLException;

        long bytes() throws IOException, SQLException;

        /** Copies the first jobs, each with its own number. */
        void copy(Statement statement, int from) throws SQLException;
    }

    private static void copy(Statement statement, String into, String columns, String id, String values, int from)
            throws SQLException {
        String all = COLUMNS + columns;
        String copied = " FROM jobs j WHERE j.n <= " + ORIGINALS;
        statement.execute("INSERT INTO jobs (n, id, " + all + ")" + into + " SELECT j.n + " + from + ", " + id + ", "
                + COLUMNS + values + copied);
        statement.execute("INSERT INTO job_files (job_id, body) SELECT " + id
                + ", f.body FROM jobs j JOIN job_files f ON f.job_id = j.id WHERE j.n <= " + ORIGINALS);
    }

    private record InFile(Path file) implements Place {

        @Override
        public Ledger open() {
            return opened(SqliteLedger.open(file));
        }

        @Override
        public Connection connection() throws SQLException {
            return DriverManager.getConnection("jdbc:sqlite:" + file);
        }

        @Override
        public long bytes() throws IOException {
            return Files.size(file);
        }

        @Override
        public void copy(Statement statement, int from) throws SQLException {
            LedgerTimes.copy(statement, "", "", "substr(j.id, 1, 24) || printf('%012x', " + from + " + j.n)", "", from);
            statement.execute("INSERT INTO job_search (rowid, search) SELECT s.rowid + " + from
                    + ", s.search || ' ' || (s.rowid + " + from + ") FROM job_search s WHERE s.rowid <= " + ORIGINALS);
        }
    }

    private record OnServer(PostgresAddress address, Path copies) implements Place {

        @Override
        public Ledger open() {
            return opened(PostgresLedger.open(address, copies));
        }

        @Override
        public Connection connection() throws SQLException {
            Properties who = new Properties();
            who.setProperty("user", address.user());
            address.password().ifPresent(password -> who.setProperty("password", password));
            who.setProperty("currentSchema", "kestan,public");
            return DriverManager.getConnection(
                    "jdbc:postgresql://" + address.host() + ":" + address.port() + "/" + address.database(), who);
        }

        @Override
        public long bytes() throws SQLException {
            try (Connection connection = connection();
                    Statement statement = connection.createStatement();
                    ResultSet size = statement.executeQuery("SELECT pg_database_size(current_database())")) {
                size.next();
                return size.getLong(1);
            }
        }

        @Override
        public void copy(Statement statement, int from) throws SQLException {
            LedgerTimes.copy(
                    statement,
                    " OVERRIDING SYSTEM VALUE",
                    ", search",
                    "substr(j.id, 1, 24) || lpad(to_hex(" + from + " + j.n), 12, '0')",
                    ", j.search || ' ' || (j.n + " + from + ")",
                    from);
        }
    }

    private static Ledger opened(OpenResult opening) {
        if (opening instanceof OpenResult.Opened opened) {
            return opened.ledger();
        }
        throw new IllegalStateException("the ledger was refused");
    }

    /** Some are saved one by one; copies of their rows, each with its own number, make up the rest. */
    private static void fill(Place place) throws SQLException {
        try (Ledger ledger = place.open()) {
            ledger.together(() -> {
                for (int i = ledger.count(); i < ORIGINALS; i++) {
                    byte[] bytes = DemoJobs.bytes(DemoJobs.NAMES.get(i % DemoJobs.NAMES.size()));
                    Job job = JobReader.read(bytes).job().orElseThrow(Expect.present("readable job"));
                    ledger.insert(job.with(Lines.NAME, job.name() + ", no. " + i));
                }
            });
            if (ledger.count() >= JOBS) {
                return;
            }
        }
        try (Connection connection = place.connection();
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            for (int i = 1; i * ORIGINALS < JOBS; i++) {
                place.copy(statement, i * ORIGINALS);
            }
            connection.commit();
            if (place instanceof OnServer) {
                // As a server does by itself over time.
                connection.setAutoCommit(true);
                statement.execute("VACUUM ANALYZE");
            }
        }
    }

    private interface Turn {

        void take(int which);
    }

    private static void times(String what, int turns, Turn turn) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < turns; i++) {
            int which = i;
            all.add(millis(() -> turn.take(which)));
        }
        print(what, all);
    }

    private static double millis(Runnable work) {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e6;
    }

    private static void print(String what, List<Double> all) {
        List<Double> sorted = new ArrayList<>(all);
        Collections.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "%-34s median %8.1f ms, 95 %% %8.1f ms%n",
                what,
                sorted.get(sorted.size() / 2),
                sorted.get(Math.min(sorted.size() - 1, sorted.size() * 95 / 100)));
    }
}
