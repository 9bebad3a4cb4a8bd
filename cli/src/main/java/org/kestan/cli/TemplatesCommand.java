package org.kestan.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.kestan.files.FileFinding;
import org.kestan.files.PlanJson;
import org.kestan.files.PlanPapers;
import org.kestan.files.Printed;
import org.kestan.ground.finding.Fault;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.words.BenchUnit;
import org.kestan.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code kestan templates FILE --way ID --out DIR}: writes bench card and templates. */
@Command(
        name = "templates",
        description = "Write the bench card and the true-size templates of a plan as PDF and SVG.",
        mixinStandardHelpOptions = true)
final class TemplatesCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Mixin
    private WayOption way;

    @Option(names = "--out", paramLabel = "DIR", required = true, description = "the folder to write into")
    private Path folder;

    @Override
    public Integer call() {
        return input.print(dossier -> write(dossier.job(), way.withLeaves(dossier.shop())));
    }

    /** Writes the papers; what is printed are the names of the files, one a line. */
    private Printed write(Job job, ShopStandards shop) {
        PlanJson.Planned planned = PlanJson.plan(job, way.ways(), shop);
        if (planned.plan().isEmpty()) {
            return Printed.faulty(planned.faults());
        }
        try {
            List<Path> written = PlanPapers.write(
                    planned.dossier(), planned.plan().get(), Words.in(BenchUnit.SIXTY_FOURTHS), folder);
            return Printed.of(written.stream().map(Path::toString).collect(Collectors.joining("\n", "", "\n")));
        } catch (IOException failed) {
            return Printed.faulty(List.of(new Fault(
                    "",
                    FileFinding.PAPERS_NOT_WRITTEN.of(Quantity.text(String.valueOf(failed.getMessage()))),
                    FileFinding.A_FOLDER.of())));
        }
    }
}
