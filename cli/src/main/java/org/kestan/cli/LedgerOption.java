package org.kestan.cli;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import org.kestan.base.finding.Fault;
import org.kestan.files.disk.Disk;
import org.kestan.ledger.Backups;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJson;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.postgres.PostgresAddress;
import org.kestan.ledger.postgres.PostgresLedger;
import org.kestan.ledger.sqlite.SqliteBackups;
import org.kestan.ledger.sqlite.SqliteLedger;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** The ledger a command works on. It may be open in a window at the same time. */
final class LedgerOption {

    @Option(
            names = "--ledger",
            paramLabel = "FILE",
            required = true,
            description = "${bundle:ledger-option.the-ledger-such}")
    private String place;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    /**
     * Works on the ledger; one that can't be used is reported and left alone.
     *
     * @param makes whether a missing one is created
     */
    int with(boolean makes, ToIntFunction<Ledger> work) {
        if (!makes && !PostgresAddress.isOne(place) && !Files.exists(Path.of(place))) {
            return faulty(CliText.text("ledger.not-there"));
        }
        return at(place, work);
    }

    /** Works on a ledger, which is created if there is none. */
    int at(String where, ToIntFunction<Ledger> work) {
        Optional<PostgresAddress> server = PostgresAddress.of(where, System::getenv);
        if (server.isEmpty() && PostgresAddress.isOne(where)) {
            return faulty(CliText.text("ledger.no-address"));
        }
        OpenResult opening =
                server.isPresent() ? PostgresLedger.open(server.get(), copies()) : SqliteLedger.open(Path.of(where));
        if (!(opening instanceof OpenResult.Opened opened)) {
            return faulty(CliText.text(
                    server.isPresent() ? "ledger.server-refused" : "ledger.refused",
                    JobArgument.WORDS.say(((OpenResult.Refused) opening).why())));
        }
        try (Ledger ledger = opened.ledger()) {
            return work.applyAsInt(ledger);
        } catch (LedgerException failed) {
            return faulty(CliText.text("ledger.failed", JobArgument.WORDS.say(failed.why())));
        }
    }

    /** Copies of a server's pictures and papers are for this run only. */
    private static Path copies() {
        try {
            Path folder = Files.createTempDirectory("kestan-");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                try {
                    Disk.deleteAll(folder);
                } catch (IOException stays) {
                    System.getLogger(LedgerOption.class.getName()).log(System.Logger.Level.DEBUG, "copies stay", stays);
                }
            }));
            return folder;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /**
     * Restores a backup in the ledger's place, or into another folder, with its pictures and papers.
     *
     * @param from the copy; the newest intact one if none is named
     * @param to the folder of a drill; the ledger's own where none is named
     */
    int restore(Optional<Path> from, Optional<Path> to) {
        if (PostgresAddress.isOne(place)) {
            return faulty(CliText.text("ledger.servers-own-means"));
        }
        SqliteBackups backups = SqliteBackups.of(Path.of(place).toAbsolutePath());
        Optional<Backups.Copy> copy = backups.whole().stream()
                .filter(each -> from.isEmpty()
                        || each.file().toAbsolutePath().equals(from.get().toAbsolutePath()))
                .findFirst();
        if (copy.isEmpty()) {
            return faulty(CliText.text("ledger.no-such-copy"));
        }
        try {
            Optional<Path> aside = to.isPresent()
                    ? backups.putInto(copy.get().file(), to.get())
                    : backups.putBack(copy.get().file());
            print(LedgerJson.restored(copy.get(), aside));
            return 0;
        } catch (IOException failed) {
            return faulty(CliText.text("ledger.not-restored", String.valueOf(failed.getMessage())));
        }
    }

    /** Reports an error of the ledger on standard error, and returns the exit code for it. */
    int faulty(String said) {
        spec.commandLine().getErr().println("--ledger: " + said.replaceAll("\\p{Cntrl}+", " "));
        return KestanCommand.FAULTY;
    }

    /** Reports errors of another file, one per line, and returns the exit code for them. */
    int faulty(List<Fault> faults) {
        faults.forEach(fault -> spec.commandLine().getErr().println(JobArgument.WORDS.line(fault)));
        return KestanCommand.FAULTY;
    }

    void print(String text) {
        spec.commandLine().getOut().print(text);
        spec.commandLine().getOut().flush();
    }
}
