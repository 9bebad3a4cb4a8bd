package org.kestan.cli;

import java.util.stream.Stream;
import org.kestan.files.job.JobWriter;
import org.kestan.files.json.Json;
import org.kestan.job.PracticeMark;
import org.kestan.job.terms.Lines;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.practice.text.PracticeText;
import org.kestan.simulator.cases.Chance;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.tools.SheetReader;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code kestan practice --seed N}: prints a case to practice on, a sheet read on it, or its true shape. */
@Command(name = "practice", description = "${bundle:practice-command.print-a-case}", mixinStandardHelpOptions = true)
final class PracticeCommand implements Runnable {

    @Option(names = "--seed", paramLabel = "N", required = true, description = "${bundle:practice-command.the-seed}")
    private long seed;

    @Mixin
    private PracticeOption kind;

    @Option(names = "--case", description = "${bundle:practice-command.what-one-is-told}")
    private boolean told;

    @Option(names = "--survey", description = "${bundle:practice-command.a-job-file}")
    private boolean survey;

    @Option(names = "--truth", description = "${bundle:practice-command.its-true-shape}")
    private boolean truth;

    @Option(names = "--solve", description = "${bundle:practice-command.played-to-the-end}")
    private boolean solve;

    @Option(names = "--slips", paramLabel = "RATE", description = "${bundle:practice-command.the-share-of}")
    private double slips;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        if (Stream.of(told, survey, truth, solve).filter(each -> each).count() != 1) {
            throw new ParameterException(spec.commandLine(), CliText.text("practice.one-of"));
        }
        if (!(slips >= 0 && slips <= 1)) {
            throw new ParameterException(spec.commandLine(), CliText.text("practice.slips"));
        }
        PracticeCase given = kind.given(spec, seed);
        String text;
        if (survey) {
            PracticeMark mark =
                    new PracticeMark(seed, given.level().key(), given.kind().key());
            text = JobWriter.write(mark.on(SheetReader.read(
                            given,
                            Chance.of(
                                    seed, given.kind().ordinal(), given.level().ordinal()),
                            slips)
                    .with(Lines.NAME, PracticeText.name(given))));
        } else {
            text = Json.print(
                    told
                            ? PracticeJson.told(given)
                            : truth
                                    ? PracticeJson.truth(given)
                                    : PracticeJson.solved(given, PracticeSolver.solve(given)));
        }
        spec.commandLine().getOut().print(text);
        spec.commandLine().getOut().flush();
    }
}
