package org.kestan.devices.serial;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortDataListener;
import com.fazecast.jSerialComm.SerialPortEvent;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.LengthUnit;
import org.kestan.base.notation.Parsed;
import org.kestan.job.gauge.GaugeLine;

/** A gauge on a serial port, while it is open. Its readings arrive on a thread of their own. */
public final class SerialGauge implements AutoCloseable {

    private static final int LONGEST = GaugeLine.LONGEST;

    private final SerialPort port;

    private SerialGauge(SerialPort port) {
        this.port = port;
    }

    /**
     * How to read a port.
     *
     * @param baud bits a second
     * @param form what a line is like
     * @param unit what a number without a unit is in
     */
    public record Settings(int baud, SerialForm form, LengthUnit unit) {

        /** The most common settings. */
        public static final Settings USUAL = new Settings(9600, SerialForm.PLAIN, LengthUnit.MILLIMETRE);
    }

    /** What comes from a gauge. */
    public sealed interface Heard {
        /** A reading. */
        record Taken(Length length) implements Heard {}

        /** A line that is not a reading. */
        record Unread(String line, Parsed.Bad<Length> why) implements Heard {}

        /** The port is gone: unplugged, or the converter was switched off. */
        record Gone() implements Heard {}
    }

    /** Lists the ports; none is opened. */
    public static List<String> ports() {
        return Arrays.stream(SerialPort.getCommPorts())
                .map(SerialPort::getSystemPortPath)
                .sorted()
                .toList();
    }

    /**
     * Opens a port.
     *
     * @param name as {@link #ports} names it, or the path of another
     * @param told receives everything that comes from it
     * @return empty if there is no such port, or another program has it
     */
    public static Optional<SerialGauge> open(String name, Settings settings, Consumer<Heard> told) {
        SerialPort port;
        try {
            port = SerialPort.getCommPort(name);
        } catch (SerialPortInvalidPortException none) {
            return Optional.empty();
        }
        port.setComPortParameters(settings.baud(), 8, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
        port.setComPortTimeouts(SerialPort.TIMEOUT_NONBLOCKING, 0, 0);
        if (!port.openPort()) {
            return Optional.empty();
        }
        port.addDataListener(new Lines(port, settings, told));
        return Optional.of(new SerialGauge(port));
    }

    /** Returns the name of the port. */
    public String name() {
        return port.getSystemPortPath();
    }

    /** Returns whether it is still open. */
    public boolean isOpen() {
        return port.isOpen();
    }

    @Override
    public void close() {
        port.removeDataListener();
        port.closePort();
    }

    /** Assembles bytes into lines; never holds more of one than a line may have. */
    private static final class Lines implements SerialPortDataListener {
        private final SerialPort port;
        private final Settings settings;
        private final Consumer<Heard> told;
        private final StringBuilder line = new StringBuilder();

        Lines(SerialPort port, Settings settings, Consumer<Heard> told) {
            this.port = port;
            this.settings = settings;
            this.told = told;
        }

        @Override
        public int getListeningEvents() {
            return SerialPort.LISTENING_EVENT_DATA_AVAILABLE | SerialPort.LISTENING_EVENT_PORT_DISCONNECTED;
        }

        @Override
        public void serialEvent(SerialPortEvent event) {
            if (event.getEventType() == SerialPort.LISTENING_EVENT_PORT_DISCONNECTED) {
                told.accept(new Heard.Gone());
                return;
            }
            int waiting = port.bytesAvailable();
            if (waiting <= 0) {
                return;
            }
            byte[] bytes = new byte[Math.min(waiting, 4096)];
            int read = port.readBytes(bytes, bytes.length);
            String text = new String(bytes, 0, Math.max(0, read), StandardCharsets.US_ASCII);
            for (char each : text.toCharArray()) {
                if (each == '\n' || each == '\r') {
                    end();
                } else if (line.length() <= LONGEST) {
                    line.append(each);
                }
            }
        }

        private void end() {
            String whole = line.toString();
            line.setLength(0);
            if (GaugeLine.isRemark(whole)) {
                return;
            }
            Parsed<Length> parsed = settings.form().parse(whole, settings.unit());
            if (parsed instanceof Parsed.Bad<Length> bad) {
                told.accept(new Heard.Unread(whole, bad));
            } else {
                parsed.optional().ifPresent(length -> told.accept(new Heard.Taken(length)));
            }
        }
    }
}
