package org.kestan.devices.sound;

import org.jtransforms.fft.DoubleFFT_1D;

/**
 * The magnitudes of a stretch of sound, weighted by a Blackman-Harris window and padded with zeros so that peaks cover
 * several bins.
 *
 * <p>Source: F. J. Harris, <i>On the use of windows for harmonic analysis with the discrete Fourier transform</i>, Proc. IEEE 66, 1978.
 */
final class Spectrum {

    private static final double[] WINDOW = {0.35875, -0.48829, 0.14128, -0.01168};
    private static final int PADDING = 4;

    private final double bin;
    private final double[] magnitudes;

    private Spectrum(double bin, double[] magnitudes) {
        this.bin = bin;
        this.magnitudes = magnitudes;
    }

    /** A peak: its frequency, Hz, and its height. */
    record Peak(double frequency, double magnitude) {}

    /** Transforms a stretch of samples. */
    static Spectrum of(double[] samples, int from, int to, double rate) {
        int length = to - from;
        int size = Integer.highestOneBit(Math.max(2, length - 1)) * 2 * PADDING;
        double[] data = new double[size];
        double sum = 0;
        for (int i = 0; i < length; i++) {
            double phase = 2 * Math.PI * (i + 0.5) / length;
            double weight = WINDOW[0]
                    + WINDOW[1] * Math.cos(phase)
                    + WINDOW[2] * Math.cos(2 * phase)
                    + WINDOW[3] * Math.cos(3 * phase);
            data[i] = weight * samples[from + i];
            sum += weight;
        }
        new DoubleFFT_1D(size).realForward(data);
        double[] magnitudes = new double[size / 2];
        for (int k = 1; k < size / 2; k++) {
            magnitudes[k] = 2 * Math.hypot(data[2 * k], data[2 * k + 1]) / sum;
        }
        return new Spectrum(rate / size, magnitudes);
    }

    /**
     * The highest peak between two frequencies, to a fraction of a bin by a parabola through the logarithms; height 0
     * if there is none.
     */
    Peak peak(double from, double to) {
        int low = Math.max(1, (int) Math.ceil(from / bin));
        int high = Math.min(magnitudes.length - 2, (int) Math.floor(to / bin));
        int best = -1;
        for (int k = low; k <= high; k++) {
            if (magnitudes[k] >= magnitudes[k - 1]
                    && magnitudes[k] > magnitudes[k + 1]
                    && (best < 0 || magnitudes[k] > magnitudes[best])) {
                best = k;
            }
        }
        if (best < 0) {
            return new Peak((from + to) / 2, 0);
        }
        double left = Math.log(magnitudes[best - 1] + 1e-15);
        double middle = Math.log(magnitudes[best] + 1e-15);
        double right = Math.log(magnitudes[best + 1] + 1e-15);
        double bend = left - 2 * middle + right;
        double off = bend >= 0 ? 0 : (left - right) / (2 * bend);
        return new Peak((best + off) * bin, Math.exp(middle - (left - right) * off / 4));
    }

    /** The median of the magnitudes between two frequencies: the noise between the peaks. */
    double floor(double from, double to) {
        int low = Math.max(1, (int) Math.floor(from / bin));
        int high = Math.min(magnitudes.length - 1, (int) Math.ceil(to / bin));
        if (high <= low) {
            return 0;
        }
        double[] part = java.util.Arrays.copyOfRange(magnitudes, low, high);
        java.util.Arrays.sort(part);
        return part[part.length / 2];
    }

    /** The sum of squares between two frequencies. */
    double power(double from, double to) {
        int low = Math.max(1, (int) Math.floor(from / bin));
        int high = Math.min(magnitudes.length - 1, (int) Math.ceil(to / bin));
        double sum = 0;
        for (int k = low; k <= high; k++) {
            sum += magnitudes[k] * magnitudes[k];
        }
        return sum;
    }
}
