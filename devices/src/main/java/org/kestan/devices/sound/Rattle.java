package org.kestan.devices.sound;

import java.util.Optional;
import org.jtransforms.fft.DoubleFFT_1D;

/**
 * Tells rattling from ringing. A string that touches something is struck once a period, and each impact is a short burst over a broad band; what only
 * rings has its high partials gone soon, and they are stretched, so that they do not come together once a period.
 */
final class Rattle {

    /** The band in which impacts are looked for, Hz. */
    private static final double LOW = 2200;

    private static final double HIGH = 9000;

    /** When it is listened to after the attack, seconds. */
    private static final double FROM = 0.06;

    private static final double LENGTH = 0.32;
    private static final double SHORTEST = 0.08;
    private static final double QUIET = 0.16;
    private static final double SILENT = -140;

    /** Where as many rattle as do not, dB, and how sharply that is told: from trials with played strings. */
    private static final double RATTLES = -37.3;

    private static final double STEEPNESS = 0.8;

    /** What lies nearer to a partial than this share of the first belongs to it. */
    private static final double NEAR = 0.2;

    private Rattle() {}

    /**
     * How likely something rattles, 0 to 1.
     *
     * @param begin where the note's attack is over
     * @param limit where it ends
     * @param before where it has not begun
     */
    static double likely(double[] samples, double rate, int begin, int limit, int before, Partials partials) {
        double between = between(samples, rate, begin, limit, before, partials);
        return 1 / (1 + Math.exp(-STEEPNESS * (between - RATTLES)));
    }

    /**
     * What sounds between the partials, high up, against all of it, dB: what the room itself does there is taken off.
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
        // What has nothing before it is as quiet as its end, when little swings any more.
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

    /** The mean square of what sounds in the band, without what lies near the partials. */
    private static double power(
            double[] samples, int from, int to, double rate, double high, Optional<Partials> without) {
        int length = to - from;
        int size = Integer.highestOneBit(Math.max(2, length - 1)) * 2;
        double[] data = new double[size];
        // A smooth window keeps what is strong from spilling over: Hann's, whose mean square is 3/8.
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

    /** Marks what lies near a partial. */
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
