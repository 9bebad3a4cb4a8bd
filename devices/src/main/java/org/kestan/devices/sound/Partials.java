package org.kestan.devices.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Fundamental and inharmonicity from the partials of a stiff string, {@code f(n) = n·f0·√(1 + B·n²)}: squared and divided by n² that is a line in
 * n², which is fitted by least squares; partials that lie off it are left out. Source: H. Fletcher, <i>Normal vibration frequencies of a stiff piano
 * string</i>, J. Acoust. Soc. Am. 36, 1964.
 *
 * @param fundamental f0, Hz, of the string without stiffness
 * @param inharmonicity B
 * @param deviation how far the first partial may lie off, as a share
 */
record Partials(double fundamental, double inharmonicity, double deviation) {

    private static final int MOST = 24;
    private static final double HIGHEST = 6000;
    private static final double STIFFEST = 4e-3;

    /** How far a partial has to stand out of the noise. */
    private static final double CLEAR = 6;

    /** A partial farther off the line than this, as a share of its frequency, belongs to another string. */
    private static final double FAR = 0.0035;

    private static final double MEDIAN_TO_DEVIATION = 1.4826;

    /** How far decay, beats and the window move a single peak, as a share of the window's bin. */
    private static final double PEAK = 0.03;

    /**
     * How far the two directions of vibration, and whatever is fixed to the string's ends, move a partial, as a share:
     * from memory.
     */
    private static final double EVENLY = 1e-4;

    /** Partials weaker than this share of the strongest are ignored. */
    private static final double WEAKEST = 3e-3;

    /** With this many partials the stiffness is known. */
    private static final int KNOWN = 3;

    private static final double LIKELY_STIFF = 8e-4;

    /** The partials used for the pitch. */
    private static final int LOW = 8;

    private record Seen(int number, double frequency, double weight) {}

    /** The first partial, Hz. */
    double first() {
        return at(1);
    }

    double at(int number) {
        return number * fundamental * Math.sqrt(1 + inharmonicity * number * number);
    }

    /**
     * Fits the partials of a stretch of sound.
     *
     * @param about roughly the first partial, Hz
     */
    static Optional<Partials> of(double[] samples, int from, int to, double rate, double about) {
        Spectrum spectrum = Spectrum.of(samples, from, to, rate);
        double bin = rate / (to - from);
        Partials now = new Partials(about, 0, 1);
        List<Seen> seen = new ArrayList<>();
        double strongest = 0;
        for (int number = 1; number <= MOST; number++) {
            double expected = now.at(number);
            if (expected > Math.min(HIGHEST, 0.42 * rate)) {
                break;
            }
            // Stiffness only raises partials; once it is known, the next one is where it should be.
            double down = 0.0018 * expected + bin + (seen.isEmpty() ? 0.008 * expected : 0);
            double up = seen.size() < KNOWN ? down + 0.5 * LIKELY_STIFF * number * number * expected : down;
            Spectrum.Peak peak =
                    spectrum.peak(expected - Math.min(down, 0.2 * about), expected + Math.min(up, 0.3 * about));
            double floor = spectrum.floor(expected - 0.45 * about, expected + 0.45 * about);
            double clear = peak.magnitude() / Math.max(1e-12, floor);
            strongest = Math.max(strongest, peak.magnitude());
            if (clear > CLEAR && peak.magnitude() > WEAKEST * strongest) {
                double deviation = Math.hypot(Math.hypot(PEAK * bin, bin / clear), EVENLY * peak.frequency());
                seen.add(new Seen(number, peak.frequency(), Math.pow(number / deviation, 2)));
                now = fit(seen).orElse(now);
            }
        }
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        List<Seen> kept = onLine(seen);
        Optional<Partials> all = fit(kept);
        // A rattle has partials that are not stretched, higher up, so the pitch is taken from the low ones.
        List<Seen> low =
                onLine(kept.stream().filter(each -> each.number() <= LOW).toList());
        return low.size() < KNOWN
                ? all
                : fit(low).map(near -> new Partials(
                        near.first()
                                / Math.sqrt(1 + all.map(Partials::inharmonicity).orElse(near.inharmonicity())),
                        all.map(Partials::inharmonicity).orElse(near.inharmonicity()),
                        near.deviation()));
    }

    private static List<Seen> onLine(List<Seen> seen) {
        List<Seen> kept = seen;
        for (int round = 0; round < 4; round++) {
            Optional<Partials> fitted = fit(kept);
            if (fitted.isEmpty()) {
                break;
            }
            Partials line = fitted.get();
            double[] off = kept.stream()
                    .mapToDouble(each -> Math.abs(each.frequency() / line.at(each.number()) - 1))
                    .sorted()
                    .toArray();
            double limit = Math.min(FAR, Math.max(4e-4, 3 * MEDIAN_TO_DEVIATION * off[off.length / 2]));
            List<Seen> next = kept.stream()
                    .filter(each -> Math.abs(each.frequency() / line.at(each.number()) - 1) <= limit)
                    .toList();
            if (next.size() == kept.size() || next.isEmpty()) {
                break;
            }
            kept = next;
        }
        return kept;
    }

    private static Optional<Partials> fit(List<Seen> seen) {
        double w = 0;
        double x = 0;
        double y = 0;
        double xx = 0;
        double xy = 0;
        for (Seen each : seen) {
            double n2 = (double) each.number() * each.number();
            double value = each.frequency() * each.frequency() / n2;
            double weight = each.weight();
            w += weight;
            x += weight * n2;
            y += weight * value;
            xx += weight * n2 * n2;
            xy += weight * n2 * value;
        }
        if (w == 0) {
            return Optional.empty();
        }
        double spread = xx - x * x / w;
        double slope = seen.size() < 3 || spread <= 0 ? 0 : (xy - x * y / w) / spread;
        double start = (y - slope * x) / w;
        double stiff = slope / Math.max(1e-9, start);
        if (stiff < 0 || stiff > STIFFEST) {
            stiff = Math.max(0, Math.min(STIFFEST, stiff));
            slope = stiff * y / Math.max(1e-9, w + stiff * x);
            start = y / (w + stiff * x);
        }
        if (start <= 0) {
            return Optional.empty();
        }
        double fundamental = Math.sqrt(start);
        Partials line = new Partials(fundamental, stiff, 0);
        double squares = 0;
        for (Seen each : seen) {
            squares += each.weight()
                    / (each.number() * (double) each.number())
                    * Math.pow(each.frequency() - line.at(each.number()), 2);
        }
        int free = Math.max(1, seen.size() - 2);
        double scale = Math.max(1, Math.sqrt(squares / free));
        // Variance of the line at n² = 1, then from f² to f.
        double variance = 1 / w + (spread > 0 && seen.size() > 2 ? Math.pow(1 - x / w, 2) / spread : 0);
        double first = line.at(1);
        return Optional.of(new Partials(fundamental, stiff, scale * Math.sqrt(variance) / first));
    }
}
