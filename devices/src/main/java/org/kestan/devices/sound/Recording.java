package org.kestan.devices.sound;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/**
 * A recorded sound.
 *
 * @param rate samples a second, above zero
 * @param samples from -1 to 1, the mean of all channels
 */
public record Recording(double rate, double[] samples) {

    /** Longer recordings are not read, seconds. */
    public static final int LONGEST = 600;

    private static final long MOST_BYTES = 600_000_000;

    /** Why a recording can't be read. */
    public enum Trouble {
        /** There is no such file, or it may not be read. */
        NOT_READ,
        /** It is not a recording, or a damaged one. */
        NO_RECORDING,
        /** It is longer than {@link #LONGEST}. */
        TOO_LONG
    }

    /** A recording that can't be read. */
    public static final class Failed extends Exception {
        private static final long serialVersionUID = 1;
        private final Trouble trouble;

        Failed(Trouble trouble, Throwable cause) {
            super(trouble.name(), cause);
            this.trouble = trouble;
        }

        /** Returns why. */
        public Trouble trouble() {
            return trouble;
        }
    }

    /**
     * Reads a file.
     *
     * @throws Failed if it can't be read, is no recording or is too long
     */
    public static Recording of(Path file) throws Failed {
        try {
            if (!Files.isRegularFile(file)) {
                throw new Failed(Trouble.NOT_READ, null);
            }
            if (Files.size(file) > MOST_BYTES) {
                throw new Failed(Trouble.TOO_LONG, null);
            }
            try (InputStream in = new BufferedInputStream(Files.newInputStream(file));
                    AudioInputStream sound = AudioSystem.getAudioInputStream(in)) {
                return of(sound);
            }
        } catch (UnsupportedAudioFileException | RuntimeException broken) {
            throw new Failed(Trouble.NO_RECORDING, broken);
        } catch (IOException unread) {
            throw new Failed(Files.isReadable(file) ? Trouble.NO_RECORDING : Trouble.NOT_READ, unread);
        }
    }

    private static Recording of(AudioInputStream sound) throws IOException, Failed {
        AudioFormat format = sound.getFormat();
        float rate = format.getSampleRate();
        int channels = format.getChannels();
        if (rate <= 0 || channels <= 0) {
            throw new Failed(Trouble.NO_RECORDING, null);
        }
        AudioFormat plain = new AudioFormat(rate, 16, channels, true, false);
        boolean floats = format.getEncoding() == AudioFormat.Encoding.PCM_FLOAT;
        try (AudioInputStream pcm = isPlain(format) || floats ? sound : AudioSystem.getAudioInputStream(plain, sound)) {
            byte[] bytes = pcm.readNBytes(
                    (int) Math.min(Integer.MAX_VALUE - 16, (long) LONGEST * (long) rate * channels * 8 + 1));
            int size = pcm.getFormat().getSampleSizeInBits() / 8;
            int frames = bytes.length / (size * channels);
            if (frames > LONGEST * (double) rate) {
                throw new Failed(Trouble.TOO_LONG, null);
            }
            double[] samples = new double[frames];
            for (int i = 0; i < frames; i++) {
                double sum = 0;
                for (int c = 0; c < channels; c++) {
                    sum += sample(bytes, (i * channels + c) * size, size, floats, pcm.getFormat());
                }
                samples[i] = sum / channels;
            }
            return new Recording(rate, samples);
        }
    }

    private static boolean isPlain(AudioFormat format) {
        return format.getEncoding() == AudioFormat.Encoding.PCM_SIGNED
                && format.getSampleSizeInBits() % 8 == 0
                && format.getSampleSizeInBits() <= 32;
    }

    private static double sample(byte[] bytes, int at, int size, boolean floats, AudioFormat format) {
        long bits = 0;
        for (int b = 0; b < size; b++) {
            int from = format.isBigEndian() ? at + b : at + size - 1 - b;
            bits = bits << 8 | bytes[from] & 0xFF;
        }
        if (floats) {
            double value = size == 8 ? Double.longBitsToDouble(bits) : Float.intBitsToFloat((int) bits);
            return Double.isFinite(value) ? Math.max(-1, Math.min(1, value)) : 0;
        }
        int unused = 64 - 8 * size;
        return (bits << unused >> unused) / Math.pow(2, 8 * size - 1);
    }

    /** Its length, seconds. */
    public double seconds() {
        return samples.length / rate;
    }

    /** The share of samples at the limit, which were too loud for the microphone. */
    public double clipped() {
        int limit = 0;
        for (int i = 1; i < samples.length; i++) {
            if (Math.abs(samples[i]) > 0.985 && Math.abs(samples[i] - samples[i - 1]) < 1e-4) {
                limit++;
            }
        }
        return samples.length == 0 ? 0 : limit / (double) samples.length;
    }
}
