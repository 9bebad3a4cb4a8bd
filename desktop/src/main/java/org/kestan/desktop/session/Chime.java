package org.kestan.desktop.session;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** A tone of two notes, generated here. On a machine without sound, nothing happens. */
public final class Chime {

    private static final int RATE = 22_050;
    private static final int NOTE = RATE * 3 / 10;
    private static final double LOW = 660;
    private static final double HIGH = 880;
    private static final double LOUD = 90;

    private Chime() {}

    /** Plays it, off the application thread. */
    public static void sound() {
        Thread thread = new Thread(Chime::play, "tone");
        thread.setDaemon(true);
        thread.start();
    }

    private static void play() {
        AudioFormat format = new AudioFormat(RATE, Byte.SIZE, 1, true, false);
        try (SourceDataLine line = AudioSystem.getSourceDataLine(format)) {
            line.open(format);
            line.start();
            byte[] wave = wave();
            line.write(wave, 0, wave.length);
            line.drain();
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException silent) {
            System.getLogger(Chime.class.getName()).log(System.Logger.Level.DEBUG, "no sound", silent);
        }
    }

    /** Each note fades out, to avoid a click. */
    private static byte[] wave() {
        byte[] wave = new byte[2 * NOTE];
        for (int i = 0; i < wave.length; i++) {
            int at = i % NOTE;
            double pitch = i < NOTE ? LOW : HIGH;
            double fade = Math.min(1, at / 200.0) * (1 - (double) at / NOTE);
            wave[i] = (byte) (LOUD * fade * Math.sin(2 * Math.PI * pitch * at / RATE));
        }
        return wave;
    }
}
