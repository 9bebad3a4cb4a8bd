package org.kestan.cli;

import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.files.results.SwingJson;
import org.kestan.job.terms.PlayingTouch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code kestan swing FILE}: prints where the strings touch, the lowest clean action and the leveling, as JSON. */
@Command(name = "swing", description = "${bundle:swing-command.print-where-the}", mixinStandardHelpOptions = true)
final class SwingCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Option(names = "--hand", paramLabel = "HAND", description = "${bundle:swing-command.light-medium-or}")
    private String hand;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PlayingTouch said = hand == null
                ? null
                : Stream.of(PlayingTouch.values())
                        .filter(touch -> touch.key().equals(hand))
                        .findFirst()
                        .orElseThrow(
                                () -> new ParameterException(spec.commandLine(), CliText.text("swing.hand", hand)));
        return input.print(
                analysis -> SwingJson.swing(analysis, said == null ? StringClearance.hand(analysis.job()) : said));
    }
}
