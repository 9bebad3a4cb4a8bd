package org.kestan.devices.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jtransforms.fft.DoubleFFT_1D;

/**
 * The period of a sound, by the normalized squared difference. Source: P. McLeod, G. Wyvill, <i>A smarter way to find pitch</i>, Proc. ICMC 2005.
 */
final class PitchPeriod {

    /** The first of the key maxima that is at least this share of the highest. */
    private static final double FIRST = 0.88;

    private static final double LEAST_CLARITY = 0.45;

    private PitchPeriod() {}

    /**
     * Returns the frequency of a stretch of sound, Hz; empty if it has none.
     *
     * @param lowest frequency that is looked for, Hz
     * @param highest frequency that is looked for, Hz
     */
    static OptionalDouble of(double[] samples, int from, int to, double rate, double lowest, double highest) {
        int length = to - from;
        int most = Math.min(length / 2, (int) Math.ceil(rate / lowest) + 2);
        int least = Math.max(2, (int) Math.floor(rate / highest) - 1);
        if (most <= least + 2) {
            return OptionalDouble.empty();
        }
        double[] likeness = likeness(samples, from, length, most + 2);
        List<Integer> maxima = maxima(likeness, least, most);
        double highestMaximum =
                maxima.stream().mapToDouble(lag -> likeness[lag]).max().orElse(0);
        if (highestMaximum < LEAST_CLARITY) {
            return OptionalDouble.empty();
        }
        int lag = maxima.stream()
                .filter(each -> likeness[each] >= FIRST * highestMaximum)
                .findFirst()
                .orElseThrow(IllegalStateException::new);
        double bend = likeness[lag - 1] - 2 * likeness[lag] + likeness[lag + 1];
        double off = bend >= 0 ? 0 : (likeness[lag - 1] - likeness[lag + 1]) / (2 * bend);
        return OptionalDouble.of(rate / (lag + off));
    }

    /** The highest value between each two zero crossings. */
    private static List<Integer> maxima(double[] likeness, int least, int most) {
        List<Integer> maxima = new ArrayList<>();
        int at = 1;
        while (at < most && likeness[at] > 0) {
            at++;
        }
        int best = -1;
        for (; at < most; at++) {
            if (likeness[at] <= 0) {
                if (best > 0) {
                    maxima.add(best);
                }
                best = -1;
            } else if (at >= least
                    && likeness[at] >= likeness[at - 1]
                    && likeness[at] > likeness[at + 1]
                    && (best < 0 || likeness[at] > likeness[best])) {
                best = at;
            }
        }
        if (best > 0) {
            maxima.add(best);
        }
        return maxima;
    }

    private static double[] likeness(double[] samples, int from, int length, int lags) {
        int size = Integer.highestOneBit(2 * length - 1) * 2;
        double[] data = new double[size];
        System.arraycopy(samples, from, data, 0, length);
        DoubleFFT_1D transform = new DoubleFFT_1D(size);
        transform.realForward(data);
        data[0] *= data[0];
        data[1] *= data[1];
        for (int k = 1; k < size / 2; k++) {
            data[2 * k] = data[2 * k] * data[2 * k] + data[2 * k + 1] * data[2 * k + 1];
            data[2 * k + 1] = 0;
        }
        transform.realInverse(data, true);
        double[] likeness = new double[Math.min(lags, length) + 1];
        double both = 2 * data[0];
        for (int lag = 0; lag < likeness.length; lag++) {
            if (lag > 0) {
                double begin = samples[from + lag - 1];
                double end = samples[from + length - lag];
                both -= begin * begin + end * end;
            }
            likeness[lag] = both <= 1e-12 ? 0 : 2 * data[lag] / both;
        }
        return likeness;
    }
}
