package org.kestan.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.FileFinding;
import org.kestan.files.papers.PlanPapers;
import org.kestan.files.results.PlanJson;
import org.kestan.files.results.PrintedResult;
import org.kestan.job.Job;
import org.kestan.repair.template.Templates;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** {@code kestan templates FILE --way ID --out DIR}: writes bench card and templates. */
@Command(
        name = "templates",
        description = "${bundle:templates-command.write-the-bench}",
        mixinStandardHelpOptions = true)
final class TemplatesCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Mixin
    private WayOption way;

    @Option(
            names = "--out",
            paramLabel = "DIR",
            required = true,
            description = "${bundle:templates-command.the-folder-to}")
    private Path folder;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        return input.print(analysis -> write(analysis.job(), way.withLeaves(analysis.shop())));
    }

    /**
     * Writes the papers and prints the names of the files, one per line. What a template lacks goes to standard error.
     */
    private PrintedResult write(Job job, ShopStandards shop) {
        PlanJson.Planned planned = PlanJson.plan(job, way.ways(), shop);
        if (planned.plan().isEmpty()) {
            return PrintedResult.faulty(planned.faults());
        }
        Templates.missing(planned.plan().get())
                .forEach(missing -> spec.commandLine()
                        .getErr()
                        .println(CliText.text(
                                "templates-command.needs-a-reading",
                                Wording.label(missing),
                                missing.reading().pointer())));
        try {
            List<Path> written = PlanPapers.write(
                    planned.analysis(), planned.plan().get(), Wording.in(BenchUnit.SIXTY_FOURTHS), folder);
            return PrintedResult.of(written.stream().map(Path::toString).collect(Collectors.joining("\n", "", "\n")));
        } catch (IOException failed) {
            return PrintedResult.faulty(List.of(new Fault(
                    "",
                    FileFinding.PAPERS_NOT_WRITTEN.of(Quantity.text(String.valueOf(failed.getMessage()))),
                    FileFinding.A_FOLDER.of())));
        }
    }
}
