package org.kestan.desktop.rooms.sound;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.kestan.base.strings.Note;
import org.kestan.devices.sound.GuidedListening;
import org.kestan.devices.sound.Microphone;
import org.kestan.devices.sound.PlayedAt;
import org.kestan.devices.standin.PlayedString;

/** A stand-in player for when nobody is there to play. */
final class StandInPlayer implements AutoCloseable {

    private static final double SECONDS = 2;
    private static final int TENTH = (int) Microphone.RATE / 10;

    /** How far this player's pressed notes are above the octave, cents. */
    private static final double SHARP = 7;

    private final Random random = new Random(7);
    private final Supplier<Optional<GuidedListening.Asked>> asked;
    private final Consumer<double[]> told;
    private final int down;
    private volatile boolean open = true;

    /**
     * @param asked the next thing to play; empty once everything was
     * @param told receives what is heard, a tenth of a second at a time
     * @param down how many half steps the instrument is tuned down by
     */
    StandInPlayer(Supplier<Optional<GuidedListening.Asked>> asked, Consumer<double[]> told, int down) {
        this.asked = asked;
        this.told = told;
        this.down = down;
        Thread thread = new Thread(this::play, "stand-in-player");
        thread.setDaemon(true);
        thread.start();
    }

    private void play() {
        while (open) {
            Optional<GuidedListening.Asked> next = asked.get();
            if (next.isEmpty()) {
                return;
            }
            double[] sound = string(next.get()).play(Microphone.RATE, SECONDS, random);
            for (int from = 0; open && from < sound.length; from += TENTH) {
                told.accept(Arrays.copyOfRange(sound, from, Math.min(sound.length, from + TENTH)));
            }
        }
    }

    private PlayedString string(GuidedListening.Asked note) {
        double off = 2 * note.string() - 7 + (note.at() == PlayedAt.PRESSED ? SHARP : 0);
        double frequency = Note.frequency(note.note()).orElse(110) * Math.pow(2, off / 1200 - down / 12.0);
        return new PlayedString(frequency, 5e-5, 1.2, 0.15, 1e-4, 30, 38, 28, new double[] {110}, 0);
    }

    @Override
    public void close() {
        open = false;
    }
}
