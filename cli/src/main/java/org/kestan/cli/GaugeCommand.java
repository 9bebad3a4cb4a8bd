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
import java.util.concurrent.CountDownLatch;
import java.util.function.Function;
import java.util.stream.Stream;
import org.kestan.base.notation.LengthUnit;
import org.kestan.base.sheet.Reading;
import org.kestan.devices.serial.SerialForm;
import org.kestan.devices.serial.SerialGauge;
import org.kestan.files.job.JobFile;
import org.kestan.job.JobTree;
import org.kestan.job.gauge.GaugeLine;
import org.kestan.job.gauge.VirtualInstrument;
import org.kestan.practice.run.PracticeGauge;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/**
 * {@code kestan gauge --simulate JOB} or {@code --practice SEED}: sends the readings of a virtual instrument to the listening application; {@code --serial NAME}
 * those of a gauge on a serial port.
 */
@Command(name = "gauge", description = "${bundle:gauge-command.play-a-job}", mixinStandardHelpOptions = true)
final class GaugeCommand implements Callable<Integer> {

    @ArgGroup(multiplicity = "1")
    private Played played;

    @Mixin
    private PracticeOption kind;

    /** What to measure. */
    private static final class Played {

        @Option(names = "--simulate", paramLabel = "JOB", description = "${bundle:gauge-command.the-job-whose}")
        private Path job;

        @Option(names = "--practice", paramLabel = "SEED", description = "${bundle:gauge-command.the-practice}")
        private Long practice;

        @Option(names = "--serial", paramLabel = "NAME", description = "${bundle:gauge-command.serial}")
        private String serial;

        @Option(names = "--ports", description = "${bundle:gauge-command.ports}")
        private boolean ports;
    }

    @Option(names = "--form", paramLabel = "FORM", defaultValue = "plain", description = "${bundle:gauge-command.form}")
    private String form;

    @Option(names = "--baud", paramLabel = "N", defaultValue = "9600", description = "${bundle:gauge-command.baud}")
    private int baud;

    @Option(names = "--unit", paramLabel = "UNIT", defaultValue = "mm", description = "${bundle:gauge-command.unit}")
    private String unit;

    /** The readings that can be sent, and how to take one of them. */
    private record Instrument(List<Reading> readings, Function<Reading, String> play) {}

    @Option(names = "--port", paramLabel = "PORT", description = "${bundle:gauge-command.where-the-application}")
    private int port = GaugeLine.PORT;

    @Option(names = "--only", paramLabel = "KEY", description = "${bundle:gauge-command.play-only-this}")
    private String only;

    @Option(names = "--times", paramLabel = "N", description = "${bundle:gauge-command.how-often-each}")
    private int times = 5;

    @Option(names = "--every", paramLabel = "MS", description = "${bundle:gauge-command.milliseconds-between-two}")
    private int every = 400;

    @Option(names = "--seed", paramLabel = "N", description = "${bundle:gauge-command.makes-the-noise}")
    private long seed = 1;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws InterruptedException {
        PrintWriter err = spec.commandLine().getErr();
        if (played.ports) {
            SerialGauge.ports().forEach(spec.commandLine().getOut()::println);
            return 0;
        }
        if (played.serial != null) {
            return serial(err);
        }
        Optional<Instrument> found = instrument(err);
        if (found.isEmpty()) {
            return KestanCommand.FAULTY;
        }
        Instrument instrument = found.get();
        Optional<List<Reading>> wanted = wanted(instrument);
        if (wanted.isEmpty()) {
            err.println(CliText.text("gauge.no-such-reading", only));
            return KestanCommand.FAULTY;
        }
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                PrintWriter line = new PrintWriter(socket.getOutputStream(), true, StandardCharsets.UTF_8)) {
            for (Reading reading : wanted.get()) {
                line.println("# " + reading.key());
                for (int i = 0; i < times; i++) {
                    line.println(instrument.play().apply(reading));
                    Thread.sleep(every);
                }
            }
            return 0;
        } catch (IOException refused) {
            err.println(CliText.text("gauge.nothing-listens", port));
            return KestanCommand.FAULTY;
        }
    }

    /** Passes on what a gauge on a serial port sends, until it is gone. */
    private int serial(PrintWriter err) throws InterruptedException {
        SerialForm lines = SerialForm.of(form)
                .orElseThrow(() -> new ParameterException(spec.commandLine(), CliText.text("gauge.no-form", form)));
        LengthUnit bare = LengthUnit.ofSymbol(unit)
                .orElseThrow(() -> new ParameterException(spec.commandLine(), CliText.text("gauge.no-unit", unit)));
        CountDownLatch gone = new CountDownLatch(1);
        PrintWriter out = spec.commandLine().getOut();
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                PrintWriter line = new PrintWriter(socket.getOutputStream(), true, StandardCharsets.UTF_8)) {
            Optional<SerialGauge> opened =
                    SerialGauge.open(played.serial, new SerialGauge.Settings(baud, lines, bare), heard -> {
                        if (heard instanceof SerialGauge.Heard.Taken taken) {
                            line.println(taken.length().text());
                            out.println(taken.length().text());
                            out.flush();
                            if (line.checkError()) {
                                gone.countDown();
                            }
                        } else if (heard instanceof SerialGauge.Heard.Unread unread) {
                            err.println(CliText.text(
                                    "gauge.no-reading",
                                    unread.line().replaceAll("\\p{Cntrl}", "?"),
                                    JobArgument.WORDS.say(unread.why().accepted())));
                        } else {
                            gone.countDown();
                        }
                    });
            if (opened.isEmpty()) {
                err.println(CliText.text("gauge.no-port", played.serial));
                return KestanCommand.FAULTY;
            }
            try (SerialGauge gauge = opened.get()) {
                err.println(CliText.text("gauge.open", gauge.name()));
                gone.await();
                err.println(CliText.text("gauge.gone", gauge.name()));
                return 0;
            }
        } catch (IOException refused) {
            err.println(CliText.text("gauge.nothing-listens", port));
            return KestanCommand.FAULTY;
        }
    }

    private Optional<Instrument> instrument(PrintWriter err) {
        if (played.practice != null) {
            PracticeGauge gauge = new PracticeGauge(kind.given(spec, played.practice), seed);
            return Optional.of(new Instrument(gauge.readings(), gauge::play));
        }
        JobTree.Read read = JobFile.read(played.job);
        read.faults().forEach(fault -> err.println(JobArgument.WORDS.line(fault)));
        return read.job().map(job -> {
            VirtualInstrument instrument = new VirtualInstrument(job, seed);
            return new Instrument(instrument.readings(), instrument::play);
        });
    }

    private Optional<List<Reading>> wanted(Instrument instrument) {
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
