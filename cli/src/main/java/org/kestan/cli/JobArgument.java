package org.kestan.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import org.kestan.base.finding.Fault;
import org.kestan.files.job.JobFile;
import org.kestan.files.results.PrintedResult;
import org.kestan.files.standards.StandardsFile;
import org.kestan.job.JobTree;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The job file a command works on, and the shop standards it uses. */
final class JobArgument {

    /** Figures are printed in millimeters, and so are the sentences beside them. */
    static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);

    @Parameters(paramLabel = "FILE", description = "${bundle:job-argument.a-job-file}")
    private Path file;

    @Option(names = "--standards", paramLabel = "FILE", description = "${bundle:job-argument.standards}")
    private Path standards;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    /** Reads job and standards, prints the result, and returns the exit code; errors go to standard error. */
    int print(Function<JobAnalysis, PrintedResult> work) {
        JobTree.Read read = JobFile.read(file);
        if (read.job().isEmpty()) {
            return faulty(read.faults());
        }
        StandardsFile.Outcome shop =
                standards == null ? StandardsFile.inJob(read.job().get()) : StandardsFile.read(standards);
        if (!shop.faults().isEmpty()) {
            return faulty(shop.faults());
        }
        PrintedResult printed = work.apply(JobAnalysis.of(read.job().get(), shop.standards()));
        if (printed.text().isEmpty()) {
            return faulty(printed.faults());
        }
        PrintWriter out = spec.commandLine().getOut();
        out.print(printed.text().get());
        out.flush();
        return 0;
    }

    /** Prints each error on its own line on standard error, and returns the exit code for it. */
    int faulty(List<Fault> faults) {
        PrintWriter err = spec.commandLine().getErr();
        faults.forEach(fault -> err.println(WORDS.line(fault)));
        return KestanCommand.FAULTY;
    }
}
