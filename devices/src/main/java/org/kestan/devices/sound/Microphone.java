package org.kestan.devices.sound;

import java.util.Optional;
import java.util.function.Consumer;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;

/**
 * The machine's microphone, while it is open. Sound arrives on a thread of its own, a tenth of a second at a time.
 */
public final class Microphone implements AutoCloseable {

    /** Samples per second. */
    public static final float RATE = 44_100;

    private static final int TENTH = (int) RATE / 10;

    private final TargetDataLine line;
    private volatile boolean open = true;

    private Microphone(TargetDataLine line) {
        this.line = line;
    }

    /**
     * Opens it.
     *
     * @param told samples from -1 to 1, one after the other
     * @return empty if the machine has none, or another program has it
     */
    public static Optional<Microphone> open(Consumer<double[]> told) {
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        DataLine.Info wanted = new DataLine.Info(TargetDataLine.class, format);
        if (!AudioSystem.isLineSupported(wanted)) {
            return Optional.empty();
        }
        try {
            TargetDataLine line = (TargetDataLine) AudioSystem.getLine(wanted);
            line.open(format, TENTH * 8);
            line.start();
            Microphone microphone = new Microphone(line);
            Thread thread = new Thread(() -> microphone.listen(told), "microphone");
            thread.setDaemon(true);
            thread.start();
            return Optional.of(microphone);
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException taken) {
            return Optional.empty();
        }
    }

    private void listen(Consumer<double[]> told) {
        byte[] bytes = new byte[TENTH * 2];
        while (open) {
            int read = line.read(bytes, 0, bytes.length);
            if (read <= 0) {
                return;
            }
            double[] samples = new double[read / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 0xFF | bytes[2 * i + 1] << 8) / 32768.0;
            }
            told.accept(samples);
        }
    }

    @Override
    public void close() {
        open = false;
        line.stop();
        line.close();
    }
}
