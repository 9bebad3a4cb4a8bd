package org.kestan.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.kestan.base.sheet.Reading;
import org.kestan.files.job.JobFile;
import org.kestan.job.JobTree;
import org.kestan.job.gauge.GaugeLine;
import org.kestan.job.gauge.VirtualInstrument;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** {@code kestan gauge --simulate JOB}: sends the readings of a virtual instrument to the listening application. */
@Command(
        name = "gauge",
        description = "Play the readings of a job, with noise, as a gauge would send them to the application.",
        mixinStandardHelpOptions = true)
final class GaugeCommand implements Callable<Integer> {

    @Option(
            names = "--simulate",
            required = true,
            paramLabel = "JOB",
            description = "the job whose readings are played")
    private Path job;

    @Option(
            names = "--port",
            paramLabel = "PORT",
            description = "where the application listens (default ${DEFAULT-VALUE})")
    private int port = GaugeLine.PORT;

    @Option(
            names = "--only",
            paramLabel = "KEY",
            description = "play one reading only, such as action.bass; otherwise all in working order")
    private String only;

    @Option(
            names = "--times",
            paramLabel = "N",
            description = "how often each reading is sent (default ${DEFAULT-VALUE})")
    private int times = 5;

    @Option(names = "--every", paramLabel = "MS", description = "milliseconds between two (default ${DEFAULT-VALUE})")
    private int every = 400;

    @Option(names = "--seed", paramLabel = "N", description = "makes the noise repeatable (default ${DEFAULT-VALUE})")
    private long seed = 1;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws InterruptedException {
        PrintWriter err = spec.commandLine().getErr();
        JobTree.Read read = JobFile.read(job);
        if (read.job().isEmpty()) {
            read.faults().forEach(fault -> err.println(JobArgument.WORDS.line(fault)));
            return KestanCommand.FAULTY;
        }
        VirtualInstrument instrument = new VirtualInstrument(read.job().get(), seed);
        Optional<List<Reading>> wanted = wanted(instrument);
        if (wanted.isEmpty()) {
            err.println("/: --only " + only + " is no reading of this job; accepted: a key such as action.bass");
            return KestanCommand.FAULTY;
        }
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                PrintWriter line = new PrintWriter(socket.getOutputStream(), true, StandardCharsets.UTF_8)) {
            for (Reading reading : wanted.get()) {
                line.println("# " + reading.key());
                for (int i = 0; i < times; i++) {
                    line.println(instrument.play(reading));
                    Thread.sleep(every);
                }
            }
            return 0;
        } catch (IOException refused) {
            err.println("/: nothing listens on port " + port + "; accepted: the application with its gauge input on");
            return KestanCommand.FAULTY;
        }
    }

    private Optional<List<Reading>> wanted(VirtualInstrument instrument) {
        if (only == null) {
            return Optional.of(instrument.readings());
        }
        return Stream.of(Reading.values())
                .filter(reading ->
                        reading.key().equals(only) && instrument.readings().contains(reading))
                .findFirst()
                .map(List::of);
    }
}
