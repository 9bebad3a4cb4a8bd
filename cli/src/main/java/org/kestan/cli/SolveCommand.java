package org.kestan.cli;

import java.util.concurrent.Callable;
import org.kestan.files.results.SolveJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code kestan solve FILE}: prints what has to change, as JSON. */
@Command(
        name = "solve",
        description = "Print neck angle correction, heel cut, saddle and projection for a job file, as JSON.",
        mixinStandardHelpOptions = true)
final class SolveCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Override
    public Integer call() {
        return input.print(SolveJson::solve);
    }
}
