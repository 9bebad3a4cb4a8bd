package org.kestan.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.kestan.base.standards.ShopStandards;
import org.kestan.desktop.practice.DemoPractice;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.Stylesheets;
import org.kestan.files.demo.DemoJobs;
import org.kestan.ledger.DemoLedger;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.postgres.PostgresAddress;
import org.kestan.ledger.postgres.PostgresLedger;
import org.kestan.ledger.sqlite.NativeLibrary;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.kestan.overview.JobAnalysis;

/**
 * Everything a start reads from disk. It is read while the toolkit starts, which takes a while.
 *
 * @param demo whether it works on sample jobs
 * @param folder where settings, log and ledger lie
 * @param file the ledger's file
 * @param server where the ledger lies on a server; empty for one in the file
 * @param opening the ledger, or why it can't be used
 * @param samples the sample jobs as files
 * @param filled whether the ledger was empty, and has the sample jobs from this start
 * @param first the sample job that is opened first, read while the window is being built; empty outside the demo
 */
record StartupData(
        boolean demo,
        Path folder,
        Path file,
        Optional<String> server,
        OpenResult opening,
        List<Path> samples,
        boolean filled,
        CompletableFuture<Optional<LedgerJob>> first) {

    /** The system property for a folder with a ledger of the sample jobs, made when the application was built. */
    private static final String PREPARED = "kestan.prepared";

    private static final String PREPARED_FILE = "demo.sqlite";

    private static CompletableFuture<StartupData> begun;

    /** Opens the ledger once more after it was refused. */
    OpenResult openAgain() {
        return server.isPresent() ? onServer(server.get(), folder) : SqliteLedger.open(file);
    }

    /** Opens a ledger on a server with a password the user typed; it is written nowhere. */
    OpenResult openWith(String password) {
        return server.flatMap(place -> PostgresAddress.of(place, System::getenv))
                .map(address -> onServer(address.withPassword(password), folder))
                .orElseGet(this::openAgain);
    }

    /** Where the ledger is, as the user named it. */
    String place() {
        return server.orElse(file.toString());
    }

    /** The ledger of practice jobs, separate from the shop's. */
    Path practiceFile() {
        return practiceIn(folder);
    }

    private static Path practiceIn(Path folder) {
        return folder.resolve("practice").resolve("practice.sqlite");
    }

    /** Starts reading on another thread. */
    static synchronized void begin(List<String> arguments) {
        begun = new CompletableFuture<>();
        CompletableFuture<StartupData> mine = begun;
        Thread thread = new Thread(
                () -> {
                    try {
                        StartupData found = look(arguments);
                        mine.complete(found);
                        found.readFirst();
                        found.addFinished();
                    } catch (IOException | RuntimeException failed) {
                        mine.completeExceptionally(failed);
                    }
                },
                "start");
        thread.setDaemon(true);
        thread.start();
    }

    /** Returns what was read; reads it now if nobody has started before. */
    static synchronized StartupData of(List<String> arguments) throws IOException {
        if (begun == null) {
            StartupData found = look(arguments);
            found.readFirst();
            return found;
        }
        try {
            return begun.join();
        } catch (CompletionException failed) {
            if (failed.getCause() instanceof IOException cause) {
                throw cause;
            }
            throw failed;
        } finally {
            begun = null;
        }
    }

    private static StartupData look(List<String> arguments) throws IOException {
        TemporaryFolders.sweep(Path.of(System.getProperty("java.io.tmpdir")), Instant.now());
        boolean demo = arguments.contains("--demo");
        Path folder = demo ? TemporaryFolders.folder() : Settings.usualFolder();
        boolean practice = arguments.contains("--practice");
        Optional<Path> named = named(arguments)
                .filter(place -> !PostgresAddress.isOne(place))
                .map(place -> Path.of(place).toAbsolutePath());
        Path file = practice ? practiceIn(folder) : named.isPresent() ? named.get() : ofShop(folder, demo);
        Optional<String> server = named(arguments).filter(PostgresAddress::isOne);
        OpenResult opening = server.isPresent()
                ? onServer(server.get(), folder)
                : practice ? SqliteLedger.openForPractice(file) : SqliteLedger.open(file);
        boolean filled = false;
        if (demo && opening instanceof OpenResult.Opened opened) {
            if (practice) {
                DemoPractice.fill(opened.ledger(), file.getParent(), LocalDate.now());
            } else {
                filled = DemoLedger.fill(opened.ledger(), LocalDate.now());
                if (!filled) {
                    DemoLedger.redate(opened.ledger(), LocalDate.now());
                }
            }
        }
        List<Path> samples = demo ? DemoJobs.copyInto(folder.resolve("jobs")) : List.of();
        return new StartupData(demo, folder, file, server, opening, samples, filled, new CompletableFuture<>());
    }

    /** A ledger on a server. Copies of its pictures and papers are kept in the data folder. */
    private static OpenResult onServer(String place, Path folder) {
        return PostgresAddress.of(place, System::getenv)
                .map(address -> onServer(address, folder))
                .orElseGet(() -> new OpenResult.Refused(LedgerFinding.NO_ADDRESS.of(), List.of()));
    }

    private static OpenResult onServer(PostgresAddress address, Path folder) {
        return PostgresLedger.open(address, folder.resolve("server").resolve(address.folderName()));
    }

    /** The ledger named on the command line. */
    private static Optional<String> named(List<String> arguments) {
        int at = arguments.indexOf("--ledger");
        return at >= 0 && at + 1 < arguments.size() ? Optional.of(arguments.get(at + 1)) : Optional.empty();
    }

    /** The shop's ledger; for the demo, a copy of the one made when the application was built. */
    private static Path ofShop(Path folder, boolean demo) throws IOException {
        Path file = folder.resolve("ledger.sqlite");
        Path prepared = Path.of(System.getProperty(PREPARED, "")).resolve(PREPARED_FILE);
        if (demo && System.getProperty(PREPARED) != null && Files.isRegularFile(prepared)) {
            Files.copy(prepared, file);
        }
        return file;
    }

    /** Reads the first sample job ahead, so that its classes are loaded by the time the window needs it. */
    private void readFirst() {
        Optional<LedgerJob> found = Optional.empty();
        try {
            if (demo && opening instanceof OpenResult.Opened opened) {
                Ledger ledger = opened.ledger();
                found = ledger.list(Query.ALL).stream()
                        .filter(card -> card.name().equals(DemoJobs.firstName()))
                        .findFirst()
                        .flatMap(card -> ledger.read(card.id()));
            }
        } finally {
            first.complete(found);
        }
        found.map(entry -> JobAnalysis.of(entry.job(), ShopStandards.DEFAULT)).ifPresent(JobAnalysis::recommendation);
    }

    /**
     * If no ledger was prepared, the finished jobs are added later, since making them takes some seconds. A ledger
     * that already exists is not changed.
     */
    private void addFinished() {
        if (filled && opening instanceof OpenResult.Opened opened) {
            DemoLedger.addFinished(opened.ledger(), LocalDate.now());
        }
    }

    /**
     * Prepares what every start would otherwise make again, and the ledger of the demo. Argument: the folder to put it
     * in.
     */
    public static void main(String[] arguments) {
        try {
            Path folder = Files.createDirectories(Path.of(arguments[0]));
            Path file = folder.resolve(PREPARED_FILE);
            Files.deleteIfExists(file);
            NativeLibrary.unpackInto(folder);
            Stylesheets.prepare(folder);
            try (Ledger ledger = ((OpenResult.Opened) SqliteLedger.openAnew(file)).ledger()) {
                DemoLedger.fill(ledger, LocalDate.now());
                DemoLedger.addFinished(ledger, LocalDate.now());
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
