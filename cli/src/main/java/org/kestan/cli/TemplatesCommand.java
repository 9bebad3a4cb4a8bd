package org.kestan.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.kestan.files.PlanJson;
import org.kestan.files.PlanPapers;
import org.kestan.files.Solve;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.standards.ShopStandards;
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
        return input.print((job, shop) -> write(job, way.withLeaves(shop)));
    }

    /** Writes the papers; what is printed are the names of the files, one a line. */
    private Solve.Outcome write(Job job, ShopStandards shop) {
        PlanJson.Planned planned = PlanJson.plan(job, way.ways(), shop);
        if (planned.plan().isEmpty()) {
            return new Solve.Outcome(Optional.empty(), planned.faults());
        }
        try {
            List<Path> written = PlanPapers.write(planned.plan().get(), BenchUnit.SIXTY_FOURTHS, folder);
            return new Solve.Outcome(
                    Optional.of(written.stream().map(Path::toString).collect(Collectors.joining("\n", "", "\n"))),
                    List.of());
        } catch (IOException failed) {
            return new Solve.Outcome(
                    Optional.empty(),
                    List.of(new Fault(
                            "", "the papers can't be written: " + failed.getMessage(), "a folder for --out")));
        }
    }
}
