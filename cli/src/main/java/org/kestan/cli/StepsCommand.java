package org.kestan.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.kestan.files.results.StepsJson;
import org.kestan.files.steps.StepLibrary;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code kestan steps FILE --way ID}: prints the steps at the bench, as JSON. */
@Command(
        name = "steps",
        description = "Print the steps at the bench for a job and its ways, as JSON.",
        mixinStandardHelpOptions = true)
final class StepsCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Mixin
    private WayOption way;

    @Option(
            names = "--steps",
            paramLabel = "FOLDER",
            description = "a folder with the shop's own step files; without it those that ship")
    private Path folder;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        if (folder != null && !Files.isDirectory(folder)) {
            throw new ParameterException(spec.commandLine(), "--steps: there is no such folder");
        }
        StepLibrary library = folder == null ? StepLibrary.shipped() : StepLibrary.of(folder);
        if (!library.faults().isEmpty()) {
            library.faults()
                    .forEach((name, faults) -> faults.forEach(fault ->
                            spec.commandLine().getErr().println(name + ".json" + JobArgument.WORDS.line(fault))));
            return KestanCommand.FAULTY;
        }
        return input.print(analysis ->
                StepsJson.compose(analysis.job(), way.ways(), way.withLeaves(analysis.shop()), library.book()));
    }
}
