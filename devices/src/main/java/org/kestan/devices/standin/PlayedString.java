package org.kestan.devices.standin;

import java.util.Random;

/**
 * A synthesized plucked string: decaying partials of a stiff string in two directions of vibration, other strings that
 * ring along, mains hum, room noise, and on request a rattle: an impact once per period as long as the string vibrates
 * widely enough.
 *
 * @param first the first partial, Hz
 * @param inharmonicity B
 * @param decay seconds in which the first partial falls to a third
 * @param pluck where it is plucked, as a share of its length
 * @param detune how far the second direction of swing lies off, as a share
 * @param noise level below the string's, dB, 0 or more
 * @param hum level of the mains below the string's, dB
 * @param along level of the other strings below it, dB
 * @param others frequencies of those, Hz
 * @param buzz height of the impacts against the string, 0 for none
 */
public record PlayedString(
        double first,
        double inharmonicity,
        double decay,
        double pluck,
        double detune,
        double noise,
        double hum,
        double along,
        double[] others,
        double buzz) {

    private static final double[] OPEN = {82.407, 110, 146.832, 195.998, 246.942, 329.628};
    private static final double BEFORE = 0.25;
    private static final double HIGHEST = 10_000;

    /** Below this share of its vibration it no longer touches. */
    private static final double TOUCHES = 0.12;

    /** A random string; every second one rattles, if wanted. */
    public static PlayedString drawn(Random random, boolean rattles) {
        double open = OPEN[random.nextInt(OPEN.length)];
        double first = open * Math.pow(2, (random.nextInt(3) * 6 + 0.6 * random.nextGaussian()) / 12);
        double stiff = Math.exp(Math.log(2e-5) + random.nextDouble() * Math.log(15)) * Math.pow(first / open, 2);
        double[] others = new double[3];
        for (int i = 0; i < others.length; i++) {
            others[i] = OPEN[random.nextInt(OPEN.length)] * Math.pow(2, 0.1 * random.nextGaussian() / 12);
            if (Math.abs(12 * Math.log(others[i] / first) / Math.log(2)) < 1) {
                others[i] *= Math.pow(2, 5.0 / 12);
            }
        }
        return new PlayedString(
                first,
                stiff,
                0.7 + 1.6 * random.nextDouble(),
                0.08 + 0.22 * random.nextDouble(),
                0.0003 * random.nextGaussian(),
                20 + 25 * random.nextDouble(),
                26 + 20 * random.nextDouble(),
                18 + 15 * random.nextDouble(),
                others,
                rattles ? 0.08 + 0.3 * random.nextDouble() : 0);
    }

    /**
     * Plays it.
     *
     * @param rate samples a second
     * @param seconds how long, a little silence before it included
     * @return samples from -1 to 1
     */
    public double[] play(double rate, double seconds, Random random) {
        int length = (int) Math.round(seconds * rate);
        double[] sound = new double[length];
        int start = (int) Math.round(BEFORE * rate);
        swing(sound, start, rate, first, inharmonicity, 0.25, pluck, random);
        swing(sound, start, rate, first * (1 + detune), inharmonicity, 0.08, pluck, random);
        double level = 0.25;
        for (double other : others) {
            swing(sound, start, rate, other, 5e-5, level * Math.pow(10, -along / 20), 0.2, random);
        }
        if (buzz > 0) {
            rattle(sound, start, rate, random);
        }
        double room = level * 0.5 * Math.pow(10, -noise / 20);
        double mains = level * Math.pow(10, -hum / 20);
        double mainsFrequency = random.nextBoolean() ? 50 : 60;
        double low = 0;
        for (int i = 0; i < length; i++) {
            // Rooms are louder at low frequencies.
            low = 0.9 * low + random.nextGaussian();
            double t = i / rate;
            sound[i] += room * 0.6 * low
                    + mains
                            * (Math.sin(2 * Math.PI * mainsFrequency * t)
                                    + 0.4 * Math.sin(6 * Math.PI * mainsFrequency * t));
            sound[i] = Math.max(-1, Math.min(1, sound[i]));
        }
        return sound;
    }

    private void swing(
            double[] sound,
            int start,
            double rate,
            double frequency,
            double stiff,
            double level,
            double where,
            Random random) {
        double f0 = frequency / Math.sqrt(1 + stiff);
        for (int n = 1; ; n++) {
            double f = n * f0 * Math.sqrt(1 + stiff * n * n);
            if (f > Math.min(HIGHEST, 0.45 * rate)) {
                return;
            }
            double height = level * Math.sin(n * Math.PI * where) / (n * (0.6 + 0.4 * n)) / Math.sin(Math.PI * where);
            double falls = decay / (1 + 0.12 * n + 0.004 * n * n + f / 4000);
            double phase = 2 * Math.PI * random.nextDouble();
            double step = 2 * Math.PI * f / rate;
            for (int i = start; i < sound.length; i++) {
                double t = (i - start) / rate;
                double rise = Math.min(1, t / 0.004);
                double now = height * rise * Math.exp(-t / falls);
                if (Math.abs(now) < 1e-6 && t > 0.01) {
                    break;
                }
                sound[i] += now * Math.sin(phase + step * (i - start));
            }
        }
    }

    private void rattle(double[] sound, int start, double rate, Random random) {
        double period = rate / first;
        double place = random.nextDouble() * period;
        double tone = 2500 + 2500 * random.nextDouble();
        double other = tone * 1.63;
        for (double at = start + place; at < sound.length; at += period) {
            double t = (at - start) / rate;
            double swings = Math.exp(-t / decay);
            if (swings < TOUCHES + 0.25) {
                return;
            }
            double height = 0.25 * buzz * swings * (0.7 + 0.6 * random.nextDouble());
            double late = at + 0.01 * period * random.nextGaussian();
            int from = (int) Math.ceil(late);
            for (int i = Math.max(0, from); i < Math.min(sound.length, from + (int) (0.004 * rate)); i++) {
                double s = (i - late) / rate;
                sound[i] += height
                        * Math.exp(-s / 0.0008)
                        * (Math.sin(2 * Math.PI * tone * s) + 0.6 * Math.sin(2 * Math.PI * other * s));
            }
        }
    }
}
