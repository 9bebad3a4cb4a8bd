package org.kestan.desktop.gauge;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.devices.serial.SerialGauge;
import org.kestan.job.gauge.GaugeLine;
import org.kestan.job.source.Made;
import org.kestan.job.source.Provenance;
import org.kestan.job.source.ReadingSource;
import org.kestan.job.source.SourcedReading;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * Receives what gauges send over a local connection. Only the newest reading is kept, so that a flood costs one update
 * per frame; nothing is entered until the user takes it.
 */
public final class GaugeListener {

    /** Most gauges at once; a bench has fewer. */
    static final int MOST_GAUGES = 16;

    private static final long BREATH_MILLIS = 200;

    private final ReadOnlyBooleanWrapper listening = new ReadOnlyBooleanWrapper(this, "listening");
    private final ReadOnlyStringWrapper live = new ReadOnlyStringWrapper(this, "live", "");
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper(this, "trouble", "");
    private final AtomicReference<String> newest = new AtomicReference<>("");
    private final AtomicReference<String> newestTrouble = new AtomicReference<>("");
    private final AtomicBoolean announced = new AtomicBoolean();
    private final Set<Socket> gauges = ConcurrentHashMap.newKeySet();
    private ServerSocket server;
    private String port = "";
    private Optional<SerialGauge> serial = Optional.empty();

    /** Whether it listens. */
    public ReadOnlyBooleanProperty listeningProperty() {
        return listening.getReadOnlyProperty();
    }

    /** The newest reading as text with its unit; empty if there is none. */
    public ReadOnlyStringProperty liveProperty() {
        return live.getReadOnlyProperty();
    }

    /** Returns a source of the newest reading for a line. */
    public ReadingSource on(Line<Length> line) {
        return () -> live.get().isEmpty() || !(Length.parse(live.get()) instanceof Parsed.Ok<Length> length)
                ? List.of()
                : List.of(new SourcedReading<>(
                        line, length.value(), new Provenance(Made.GAUGE, port, OptionalDouble.empty())));
    }

    /** The last problem, in words; empty if there is none. */
    public ReadOnlyStringProperty troubleProperty() {
        return trouble.getReadOnlyProperty();
    }

    /**
     * Starts listening, on this machine only.
     *
     * @param port the port, 0 for any free one
     * @return the port it listens on, or 0 if it can't
     */
    public int start(int port) {
        stop();
        try {
            server = new ServerSocket(port, 8, InetAddress.getLoopbackAddress());
        } catch (IOException taken) {
            trouble.set(Messages.message("gauge-listener.no-gauge-input-port", port));
            return 0;
        }
        listening.set(true);
        newest.set("");
        live.set("");
        trouble.set("");
        this.port = "";
        ServerSocket open = server;
        daemon("gauge-input", () -> accept(open));
        return server.getLocalPort();
    }

    /**
     * Opens a gauge on a serial port; only one at a time.
     *
     * @return whether it is open
     */
    public boolean openSerial(String name, SerialGauge.Settings how) {
        stop();
        serial = SerialGauge.open(name, how, this::hear);
        if (serial.isEmpty()) {
            trouble.set("");
            trouble.set(Messages.message("gauge-listener.no-serial-port", name));
            return false;
        }
        port = name;
        newest.set("");
        live.set("");
        trouble.set("");
        listening.set(true);
        return true;
    }

    private void hear(SerialGauge.Heard heard) {
        if (heard instanceof SerialGauge.Heard.Taken taken) {
            tell(taken.length().text(), "");
        } else if (heard instanceof SerialGauge.Heard.Unread unread) {
            take(unread.why(), unread.line());
        } else {
            tell("", Messages.message("gauge-listener.the-gauge-has-gone"));
        }
    }

    /** Stops listening and disconnects all gauges. */
    public void stop() {
        listening.set(false);
        live.set("");
        serial.ifPresent(SerialGauge::close);
        serial = Optional.empty();
        if (server != null) {
            close(server);
            server = null;
        }
        gauges.forEach(GaugeListener::close);
        gauges.clear();
    }

    private void accept(ServerSocket open) {
        while (!open.isClosed()) {
            try {
                Socket gauge = open.accept();
                if (gauges.size() >= MOST_GAUGES) {
                    close(gauge);
                    tell("", Messages.message("gauge-listener.there-are-gauges-already", MOST_GAUGES));
                    continue;
                }
                gauges.add(gauge);
                daemon("gauge", () -> read(gauge));
            } catch (IOException | OutOfMemoryError failed) {
                if (!open.isClosed()) {
                    // Out of handles or threads: this passes, and gauges can connect again.
                    tell("", Messages.message("gauge-listener.a-gauge-could-not", failed.getMessage()));
                    breathe();
                }
            }
        }
    }

    private static void breathe() {
        try {
            Thread.sleep(BREATH_MILLIS);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    private void read(Socket gauge) {
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(gauge.getInputStream(), StandardCharsets.UTF_8))) {
            String line;
            boolean known = false;
            while ((line = line(in)) != null) {
                if (GaugeLine.isRemark(line)) {
                    continue;
                }
                Parsed<Length> reading = GaugeLine.parse(line);
                take(reading, line);
                if (!known && reading.optional().isEmpty()) {
                    // A connection that starts with anything else is not a gauge, and nothing that follows is a
                    // reading.
                    return;
                }
                known = true;
            }
            tell("", Messages.message("gauge-listener.the-gauge-has-gone"));
        } catch (IOException lost) {
            if (gauges.contains(gauge)) {
                tell("", Messages.message("gauge-listener.the-connection-to-the"));
            }
        } finally {
            gauges.remove(gauge);
            close(gauge);
        }
    }

    private void take(Parsed<Length> parsed, String line) {
        if (parsed instanceof Parsed.Bad<Length> bad) {
            String shown = line.length() > 30 ? line.substring(0, 30) + "\u2026" : line;
            tell(
                    "",
                    Messages.message(
                            "gauge-listener.not-a-reading-from",
                            shown.replaceAll("\\p{Cntrl}", "?"),
                            Wording.in(BenchUnit.MILLIMETERS).say(bad.problem())));
        } else {
            parsed.optional().ifPresent(length -> tell(length.text(), ""));
        }
    }

    /** Reads a line, but never holds more of it than a line may have. */
    private static String line(Reader in) throws IOException {
        StringBuilder line = new StringBuilder();
        int next;
        while ((next = in.read()) >= 0 && next != '\n') {
            if (line.length() <= GaugeLine.LONGEST) {
                line.append((char) next);
            }
        }
        return next < 0 && line.isEmpty() ? null : line.toString();
    }

    /** Passes the newest reading to the window, at most once per frame. */
    private void tell(String reading, String problem) {
        if (!reading.isEmpty()) {
            newest.set(reading);
        }
        newestTrouble.set(problem);
        if (announced.compareAndSet(false, true)) {
            Platform.runLater(() -> {
                announced.set(false);
                if (listening.get()) {
                    live.set(newest.get());
                    trouble.set(newestTrouble.get());
                }
            });
        }
    }

    private static void close(AutoCloseable what) {
        try {
            what.close();
        } catch (Exception alreadyGone) {
            System.getLogger(GaugeListener.class.getName()).log(System.Logger.Level.DEBUG, "gauge", alreadyGone);
        }
    }

    private static void daemon(String name, Runnable work) {
        Thread thread = new Thread(work, name);
        thread.setDaemon(true);
        thread.start();
    }
}
