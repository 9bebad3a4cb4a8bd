package org.kestan.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.kestan.base.finding.Fault;
import org.kestan.files.results.StepsJson;
import org.kestan.files.steps.StepLibrary;
import org.kestan.judgment.way.Way;
import org.kestan.repair.steps.StepFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code kestan steps FILE --way ID}: prints the steps at the bench, as JSON. */
@Command(name = "steps", description = "${bundle:steps-command.print-the-steps}", mixinStandardHelpOptions = true)
final class StepsCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Mixin
    private WayOption way;

    @Option(names = "--steps", paramLabel = "FOLDER", description = "${bundle:steps-command.a-folder-with}")
    private Path folder;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        if (folder != null && !Files.isDirectory(folder)) {
            throw new ParameterException(spec.commandLine(), CliText.text("steps.no-such-folder"));
        }
        StepLibrary library = folder == null ? StepLibrary.shipped() : StepLibrary.of(folder);
        Set<String> asked = way.ways().stream().map(Way::key).collect(Collectors.toCollection(TreeSet::new));
        asked.addAll(List.of(StepFile.OPENING, StepFile.CLOSING));
        boolean faulty = false;
        for (Map.Entry<String, List<Fault>> file : library.faults().entrySet()) {
            // Errors in the steps of other ways do not matter here.
            if (asked.contains(file.getKey())) {
                faulty = true;
                file.getValue()
                        .forEach(fault -> spec.commandLine()
                                .getErr()
                                .println(file.getKey() + ".json" + JobArgument.WORDS.line(fault)));
            }
        }
        if (faulty) {
            return KestanCommand.FAULTY;
        }
        return input.print(analysis ->
                StepsJson.compose(analysis.job(), way.ways(), way.withLeaves(analysis.shop()), library.book()));
    }
}
