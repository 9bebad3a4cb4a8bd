package org.kestan.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.kestan.files.papers.OwnerPaper;
import org.kestan.files.papers.OwnerPapers;
import org.kestan.files.papers.SheetPdf;
import org.kestan.files.results.PrintedResult;
import org.kestan.files.steps.StepLibrary;
import org.kestan.overview.JobAnalysis;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code kestan estimate|report FILE --out DIR}: writes the papers for an owner, and prints the names of the files. */
abstract class OwnerCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Option(
            names = "--out",
            paramLabel = "DIR",
            required = true,
            description = "${bundle:owner-command.the-folder-for}")
    private Path out;

    @Option(
            names = "--paper",
            paramLabel = "SIZE",
            defaultValue = "A4",
            description = "${bundle:owner-command.a4-or-letter}")
    private Paper paper;

    /** A paper size, as people write it. */
    enum Paper {
        A4,
        LETTER,
        Letter,
        a4;

        SheetPdf.Paper size() {
            return SheetPdf.Paper.valueOf(name().toUpperCase(Locale.ROOT));
        }
    }

    /** Makes the paper of an analysis. */
    abstract OwnerPaper.Made make(JobAnalysis analysis) throws IOException;

    @Override
    public Integer call() {
        return input.print(analysis -> {
            try {
                return OwnerPapers.write(make(analysis), paper.size(), out);
            } catch (IOException failed) {
                return PrintedResult.faulty(List.of(OwnerPapers.notWritten(failed)));
            }
        });
    }

    /** The estimate before the work. */
    @Command(
            name = "estimate",
            description = "${bundle:owner-command.write-an-estimate}",
            mixinStandardHelpOptions = true)
    static final class Estimate extends OwnerCommand {

        @Override
        OwnerPaper.Made make(JobAnalysis analysis) throws IOException {
            return OwnerPapers.estimate(
                    analysis, JobArgument.WORDS, StepLibrary.shipped().book(), LocalDate.now());
        }
    }

    /** The report after the work. */
    @Command(name = "report", description = "${bundle:owner-command.write-a-report}", mixinStandardHelpOptions = true)
    static final class Report extends OwnerCommand {

        @Override
        OwnerPaper.Made make(JobAnalysis analysis) throws IOException {
            return OwnerPapers.report(analysis, JobArgument.WORDS, List.of(), LocalDate.now());
        }
    }
}
