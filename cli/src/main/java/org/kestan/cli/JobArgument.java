package org.kestan.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BiFunction;
import org.kestan.files.JobFile;
import org.kestan.files.JobReader;
import org.kestan.files.Solve;
import org.kestan.files.StandardsFile;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.standards.ShopStandards;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The job file a command works on, and the shop standards it goes by. */
final class JobArgument {

    @Parameters(paramLabel = "FILE", description = "a job file (.kestan.json)")
    private Path file;

    @Option(
            names = "--standards",
            paramLabel = "FILE",
            description =
                    "shop standards exported from the application; without it those of the job file, or those a shop starts with")
    private Path standards;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    /** Reads job and standards, prints what comes of them, and returns the exit code; faults go to standard error. */
    int print(BiFunction<Job, ShopStandards, Solve.Outcome> work) {
        JobReader.Outcome read = JobFile.read(file);
        if (read.job().isEmpty()) {
            return faulty(read.faults());
        }
        StandardsFile.Outcome shop =
                standards == null ? StandardsFile.inJob(read.job().get().origin()) : StandardsFile.read(standards);
        if (!shop.faults().isEmpty()) {
            return faulty(shop.faults());
        }
        Solve.Outcome outcome = work.apply(read.job().get(), shop.standards());
        if (outcome.json().isEmpty()) {
            return faulty(outcome.faults());
        }
        PrintWriter out = spec.commandLine().getOut();
        out.print(outcome.json().get());
        out.flush();
        return 0;
    }

    /** Says each fault in a line on standard error, and returns the exit code for it. */
    int faulty(List<Fault> faults) {
        PrintWriter err = spec.commandLine().getErr();
        faults.forEach(fault -> err.println(fault.line()));
        return KestanCommand.FAULTY;
    }
}
