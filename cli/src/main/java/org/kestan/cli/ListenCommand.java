package org.kestan.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.kestan.base.strings.Note;
import org.kestan.devices.sound.HeardNote;
import org.kestan.devices.sound.Listener;
import org.kestan.devices.sound.PlayedAt;
import org.kestan.devices.sound.Recording;
import org.kestan.files.job.JobFile;
import org.kestan.files.json.Json;
import org.kestan.job.JobTree;
import org.kestan.job.strings.StringSpec;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * {@code kestan listen FILE.wav}: lists the notes played in a recording, their pitch, and whether something rattles.
 */
@Command(name = "listen", description = "${bundle:listen-command.listen}", mixinStandardHelpOptions = true)
final class ListenCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE.wav", description = "${bundle:listen-command.file}")
    private Path file;

    @Option(names = "--expect", paramLabel = "NOTE", description = "${bundle:listen-command.expect}")
    private String expect;

    @Option(names = "--job", paramLabel = "FILE", description = "${bundle:listen-command.job}")
    private Path job;

    @Option(names = "--string", paramLabel = "N", description = "${bundle:listen-command.string}")
    private Integer string;

    @Option(names = "--at", paramLabel = "PLACE", defaultValue = "open", description = "${bundle:listen-command.at}")
    private String at;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter err = spec.commandLine().getErr();
        PlayedAt place = PlayedAt.of(at)
                .orElseThrow(() -> new ParameterException(spec.commandLine(), CliText.text("listen.no-place", at)));
        if (expect != null && Note.frequency(expect).isEmpty()) {
            throw new ParameterException(spec.commandLine(), CliText.text("listen.no-note", expect));
        }
        if ((job == null) != (string == null)) {
            throw new ParameterException(spec.commandLine(), CliText.text("listen.job-and-string"));
        }
        Optional<String> open = Optional.ofNullable(expect);
        if (job != null) {
            JobTree.Read read = JobFile.read(job);
            if (read.job().isEmpty()) {
                read.faults().forEach(fault -> err.println(JobArgument.WORDS.line(fault)));
                return KestanCommand.FAULTY;
            }
            // Strings are listed from the bass and counted from the treble.
            List<StringSpec> strings = read.job().get().strings();
            open = string < 1 || string > strings.size()
                    ? Optional.empty()
                    : Optional.of(strings.get(strings.size() - string).pitch())
                            .filter(note -> Note.frequency(note).isPresent());
            if (open.isEmpty()) {
                err.println(CliText.text("listen.no-string", string));
                return KestanCommand.FAULTY;
            }
        }
        Optional<String> played = expect != null && job == null ? open : open.map(place::note);
        try {
            PrintWriter out = spec.commandLine().getOut();
            out.print(print(Listener.listen(Recording.of(file), played)));
            out.flush();
            return 0;
        } catch (Recording.Failed failed) {
            err.println(
                    switch (failed.trouble()) {
                        case NOT_READ -> CliText.text("listen.not-read", file);
                        case NO_RECORDING -> CliText.text("listen.no-recording", file);
                        case TOO_LONG -> CliText.text("listen.too-long", file, Recording.LONGEST / 60);
                    });
            return KestanCommand.FAULTY;
        }
    }

    private static String print(List<HeardNote> notes) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode all = root.putArray("notes");
        for (HeardNote each : notes) {
            all.addObject()
                    .put("at", each.at())
                    .put("frequency", each.frequency())
                    .put("note", each.note())
                    .put("cents", each.cents())
                    .put("halfWidth", each.halfWidth())
                    .put("inharmonicity", each.inharmonicity())
                    .put("buzz", each.buzz());
        }
        return Json.print(root);
    }
}
