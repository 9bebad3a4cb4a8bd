package org.kestan.cli;

import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.kestan.files.SwingJson;
import org.kestan.following.swing.Room;
import org.kestan.job.terms.Touch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code kestan swing FILE}: prints what the strings meet, the lowest clean action and the levelling, as JSON. */
@Command(
        name = "swing",
        description = "Print where the strings meet the frets, the lowest clean action and what levelling takes off.",
        mixinStandardHelpOptions = true)
final class SwingCommand implements Callable<Integer> {

    @Mixin
    private JobArgument input;

    @Option(
            names = "--hand",
            paramLabel = "HAND",
            description = "light, medium or hard; the player's when the file says so, else medium.")
    private String hand;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Touch said = hand == null
                ? null
                : Stream.of(Touch.values())
                        .filter(touch -> touch.key().equals(hand))
                        .findFirst()
                        .orElseThrow(() -> new ParameterException(
                                spec.commandLine(), "--hand takes light, medium or hard, not “" + hand + "”"));
        return input.print(dossier -> SwingJson.swing(dossier, said == null ? Room.hand(dossier.job()) : said));
    }
}
