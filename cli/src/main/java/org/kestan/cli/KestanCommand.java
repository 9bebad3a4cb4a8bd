package org.kestan.cli;

import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.kestan.base.release.Release;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.IVersionProvider;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The command {@code kestan} with its subcommands. */
@Command(
        name = "kestan",
        description = "${bundle:kestan-command.works-out-neck}",
        mixinStandardHelpOptions = true,
        versionProvider = KestanCommand.Version.class,
        resourceBundle = CliText.BUNDLE_NAME,
        subcommands = {
            SolveCommand.class,
            VerdictCommand.class,
            PlanCommand.class,
            SwingCommand.class,
            HeelLogCommand.class,
            StepsCommand.class,
            LedgerCommand.class,
            MemoryCommand.class,
            OwnerCommand.Estimate.class,
            OwnerCommand.Report.class,
            TemplatesCommand.class,
            SchemaCommand.class,
            GaugeCommand.class,
            PracticeCommand.class,
            WeekCommand.class,
            PictureCommand.class,
            ListenCommand.class
        })
public final class KestanCommand implements Runnable {

    /** Exit code of a command that failed. */
    static final int FAULTY = 2;

    /** Prints the release. */
    static final class Version implements IVersionProvider {

        Version() {}

        @Override
        public String[] getVersion() {
            return new String[] {"Kestan " + Release.VERSION};
        }
    }

    /** Held in a field so that their levels are kept. */
    private static final List<Logger> CHATTY =
            List.of(Logger.getLogger("org.flywaydb"), Logger.getLogger("com.zaxxer.hikari"));

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(spec.commandLine(), CliText.text("say-what-to-do"));
    }

    /** Runs the command line and ends the process with its exit code. */
    public static void main(String[] arguments) {
        // Their messages are for their own developers; the command reports what went wrong, once.
        CHATTY.forEach(each -> each.setLevel(Level.OFF));
        System.exit(run(
                new PrintWriter(new PrintStream(System.out, true, StandardCharsets.UTF_8), true),
                new PrintWriter(new PrintStream(System.err, true, StandardCharsets.UTF_8), true),
                arguments));
    }

    /**
     * Runs the command line.
     *
     * @param out where results go
     * @param err where faults go
     * @return the exit code: 0 for success, 2 for a fault
     */
    public static int run(PrintWriter out, PrintWriter err, String... arguments) {
        return new CommandLine(new KestanCommand())
                .setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler((failure, command, parsed) -> {
                    command.getErr().println("/: " + failure.getMessage());
                    return FAULTY;
                })
                .execute(arguments);
    }
}
