package org.kestan.cli;

import java.util.concurrent.Callable;
import org.kestan.files.results.VerdictJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code kestan verdict FILE}: prints what is wrong and the ways to fix it, as JSON. */
@Command(name = "verdict", description = "${bundle:verdict-command.print-gates-ways}", mixinStandardHelpOptions = true)
final class VerdictCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Mixin
    private AudienceOption audience;

    @Override
    public Integer call() {
        return input.print(analysis -> VerdictJson.judge(analysis, audience.words()));
    }
}
