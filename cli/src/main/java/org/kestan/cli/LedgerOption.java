package org.kestan.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import org.kestan.base.finding.Fault;
import org.kestan.ledger.Backups;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJson;
import org.kestan.ledger.OpenResult;
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
    private Path file;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    /**
     * Works on the ledger; one that can't be used is said and left alone.
     *
     * @param makes whether one that is not there is made
     */
    int with(boolean makes, ToIntFunction<Ledger> work) {
        if (!makes && !Files.exists(file)) {
            return faulty(CliText.text("ledger.not-there"));
        }
        OpenResult opening = SqliteLedger.open(file);
        if (!(opening instanceof OpenResult.Opened opened)) {
            return faulty(CliText.text("ledger.refused", JobArgument.WORDS.say(((OpenResult.Refused) opening).why())));
        }
        try (Ledger ledger = opened.ledger()) {
            return work.applyAsInt(ledger);
        } catch (LedgerException failed) {
            return faulty(CliText.text("ledger.failed", JobArgument.WORDS.say(failed.why())));
        }
    }

    /**
     * Puts a backup in the ledger's place, or into another folder, with its pictures and papers.
     *
     * @param from the copy; the newest whole one where none is named
     * @param to the folder of a drill; the ledger's own where none is named
     */
    int restore(Optional<Path> from, Optional<Path> to) {
        SqliteBackups backups = SqliteBackups.of(file.toAbsolutePath());
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

    /** Says a fault of the ledger on standard error, and returns the exit code for it. */
    int faulty(String said) {
        spec.commandLine().getErr().println("--ledger: " + said.replaceAll("\\p{Cntrl}+", " "));
        return KestanCommand.FAULTY;
    }

    /** Says faults of another file in a line each, and returns the exit code for them. */
    int faulty(List<Fault> faults) {
        faults.forEach(fault -> spec.commandLine().getErr().println(JobArgument.WORDS.line(fault)));
        return KestanCommand.FAULTY;
    }

    void print(String text) {
        spec.commandLine().getOut().print(text);
        spec.commandLine().getOut().flush();
    }
}
