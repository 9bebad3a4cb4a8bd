package org.kestan.cli;

import java.util.concurrent.Callable;
import org.kestan.files.results.HeelLogJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code kestan heel-log FILE --way ID}: prints what to do next at the heel, as JSON. */
@Command(name = "heel-log", description = "${bundle:heel-log-command.print-what-is}", mixinStandardHelpOptions = true)
final class HeelLogCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Mixin
    private WayOption way;

    @Override
    public Integer call() {
        return input.print(analysis -> HeelLogJson.advise(analysis.job(), way.ways(), way.withLeaves(analysis.shop())));
    }
}
