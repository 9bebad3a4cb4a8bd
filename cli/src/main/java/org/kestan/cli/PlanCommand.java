package org.kestan.cli;

import java.util.concurrent.Callable;
import org.kestan.files.results.PlanJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code kestan plan FILE --way ID}: prints the work plan, as JSON. */
@Command(name = "plan", description = "${bundle:plan-command.print-the-numbers}", mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Mixin
    private WayOption way;

    @Override
    public Integer call() {
        return input.print(analysis ->
                PlanJson.print(analysis.job(), way.ways(), way.withLeaves(analysis.shop()), JobArgument.WORDS));
    }
}
