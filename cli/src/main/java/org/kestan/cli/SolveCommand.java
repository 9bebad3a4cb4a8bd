package org.kestan.cli;

import java.util.concurrent.Callable;
import org.kestan.files.results.SolveJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code kestan solve FILE}: prints what has to change, as JSON. */
@Command(name = "solve", description = "${bundle:solve-command.print-neck-angle}", mixinStandardHelpOptions = true)
final class SolveCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Override
    public Integer call() {
        return input.print(SolveJson::solve);
    }
}
