package org.kestan.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.ToIntFunction;
import org.kestan.base.finding.Fault;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.OpenResult;
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
