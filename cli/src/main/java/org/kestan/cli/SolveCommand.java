package org.kestan.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.kestan.files.JobFile;
import org.kestan.files.JobReader;
import org.kestan.files.Solve;
import org.kestan.job.Fault;
import org.kestan.standards.ShopStandards;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code kestan solve FILE}: prints what has to change, as JSON. */
@Command(
        name = "solve",
        description = "Print neck angle correction, heel cut, saddle and projection for a job file, as JSON.",
        mixinStandardHelpOptions = true)
final class SolveCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", description = "a job file (.kestan.json)")
    private Path file;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        JobReader.Outcome read = JobFile.read(file);
        if (read.job().isEmpty()) {
            return faulty(read.faults());
        }
        Solve.Outcome solved = Solve.solve(read.job().get(), ShopStandards.DEFAULT);
        if (solved.json().isEmpty()) {
            return faulty(solved.faults());
        }
        PrintWriter out = spec.commandLine().getOut();
        out.print(solved.json().get());
        out.flush();
        return 0;
    }

    private int faulty(List<Fault> faults) {
        PrintWriter err = spec.commandLine().getErr();
        faults.forEach(fault -> err.println(fault.line()));
        return KestanCommand.FAULTY;
    }
}
