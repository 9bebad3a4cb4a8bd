package org.kestan.devices.sound;

import java.util.Optional;
import org.jtransforms.fft.DoubleFFT_1D;

/**
 * Tells rattling from ringing. A string that touches something is struck once per period, and each impact is a short
 * broadband burst. In a ringing string, high partials die away soon, and they are stretched, so that they do not
 * coincide once per period.
 */
final class Rattle {

    /** The band in which impacts are looked for, Hz. */
    private static final double LOW = 2200;

    private static final double HIGH = 9000;

    /** When to listen after the attack, seconds. */
    private static final double FROM = 0.06;

    private static final double LENGTH = 0.32;
    private static final double SHORTEST = 0.08;
    private static final double QUIET = 0.16;
    private static final double SILENT = -140;

    /**
     * The level at which as many rattle as not, dB, and how sharp the transition is: from trials with synthesized
     * strings.
     */
    private static final double RATTLES = -37.3;

    private static final double STEEPNESS = 0.8;

    /** Sound closer to a partial than this share of the first one belongs to it. */
    private static final double NEAR = 0.2;

    private Rattle() {}

    /**
     * How likely it is that something rattles, 0 to 1.
     *
     * @param begin where the note's attack is over
     * @param limit where it ends
     * @param before where it had not begun
     */
    static double likely(double[] samples, double rate, int begin, int limit, int before, Partials partials) {
        double between = between(samples, rate, begin, limit, before, partials);
        return 1 / (1 + Math.exp(-STEEPNESS * (between - RATTLES)));
    }

    /**
     * The sound between the partials, high up, compared with all of it, dB, minus what the room itself contributes.
     *
     * <p>An impact a period long comes at every multiple of the first partial, and wanders: what is stiff rings elsewhere.
     */
    private static double between(double[] samples, double rate, int begin, int limit, int before, Partials partials) {
        int from = (int) Math.min(limit - 1, begin + FROM * rate);
        int to = (int) Math.min(limit, from + LENGTH * rate);
        double high = Math.min(HIGH, 0.45 * rate);
        if (to - from < SHORTEST * rate || high < LOW * 1.3) {
            return SILENT;
        }
        double rest = power(samples, from, to, rate, high, Optional.of(partials));
        double room = before > SHORTEST * rate
                ? power(samples, (int) Math.max(0, before - 0.2 * rate), before, rate, high, Optional.empty())
                        * (1 - 2 * NEAR)
                : Double.POSITIVE_INFINITY;
        // If there is nothing before it, it is taken to be as quiet as its end, when little vibrates any more.
        int stretch = (int) (QUIET * rate);
        for (int start = to; start + stretch <= limit; start += stretch) {
            room = Math.min(room, power(samples, start, start + stretch, rate, high, Optional.of(partials)));
        }
        room = room == Double.POSITIVE_INFINITY ? 0 : room;
        double all = 0;
        for (int i = from; i < to; i++) {
            all += samples[i] * samples[i] / (to - from);
        }
        double between = Math.max(1e-14, rest - room);
        return 10 * Math.log10(between / Math.max(1e-12, all));
    }

    /** The mean square of the sound in the band, without what is near the partials. */
    private static double power(
            double[] samples, int from, int to, double rate, double high, Optional<Partials> without) {
        int length = to - from;
        int size = Integer.highestOneBit(Math.max(2, length - 1)) * 2;
        double[] data = new double[size];
        // A smooth window (Hann's, with a mean square of 3/8) keeps strong partials from spilling over.
        for (int i = 0; i < length; i++) {
            data[i] = samples[from + i] * (0.5 - 0.5 * Math.cos(2 * Math.PI * (i + 0.5) / length));
        }
        new DoubleFFT_1D(size).realForward(data);
        boolean[] partial = new boolean[size / 2];
        without.ifPresent(string -> mark(string, partial, rate / size, high));
        double sum = 0;
        for (int k = 1; k < size / 2; k++) {
            double frequency = k * rate / size;
            if (frequency >= LOW && frequency <= high && !partial[k]) {
                sum += data[2 * k] * data[2 * k] + data[2 * k + 1] * data[2 * k + 1];
            }
        }
        return 2 * sum / size / length / 0.375;
    }

    /** Marks what is near a partial. */
    private static void mark(Partials string, boolean[] partial, double bin, double high) {
        double near = NEAR * string.first();
        for (int number = 1; string.at(number) < high + near; number++) {
            int from = (int) Math.max(0, Math.ceil((string.at(number) - near) / bin));
            int to = (int) Math.min(partial.length - 1, Math.floor((string.at(number) + near) / bin));
            for (int k = from; k <= to; k++) {
                partial[k] = true;
            }
        }
    }
}
