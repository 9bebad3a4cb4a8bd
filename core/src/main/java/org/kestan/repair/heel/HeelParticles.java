package org.kestan.repair.heel;

import java.util.Arrays;
import java.util.Random;
import org.kestan.base.sheet.Side;

/**
 * The possible states of a heel: many histories of its fitting, each with its own rates, dulling, sticking middle and
 * start, followed set by set and weighted reading by reading (sequential importance resampling: Gordon, Salmond and
 * Smith, 1993). Seeded, so that the same log gives the same result.
 */
final class HeelParticles {

    static final int COUNT = 4000;

    private static final double COMMON = 0.72;
    private static final double CHEEK = 0.2;
    private static final double GRIT = 0.2;
    private static final double SET = 0.18;
    private static final double DULLING_MOST = 0.03;
    private static final double STALLS = 0.03;
    private static final double FREED = 0.35;
    private static final double EASED = 0.9;

    /** The least wood that may have been removed uncounted, mm at the cap, and how much beyond what was left. */
    private static final double UNCOUNTED_LEAST = 0.2;

    private static final double SOME_OVER = 1.25;
    private static final double JITTER = 0.06;

    /** The share of readings that are grossly wrong, and by how much, mm. */
    private static final double GROSS = 0.03;

    private static final double GROSS_SPREAD = 2;

    private final HeelGoal goal;
    private final HeelRates rates;
    private final Random random = new Random(20);
    private final double[] turn = new double[COUNT];
    private final double[] drift = new double[COUNT];
    private final double[][] off = new double[2][COUNT];
    private final double[] common = new double[COUNT];
    private final double[][] cheek = new double[2][COUNT];
    private final double[][] grit = new double[HeelRates.GRITS.size()][COUNT];
    private final double[] dulling = new double[COUNT];
    private final double[] stall = new double[COUNT];
    private final double[] weight = new double[COUNT];
    private final boolean[][] wrong;
    private int readings;

    /** How many pulls the present sheet has made on each cheek, and its grit: it is the sheet that dulls. */
    private final int[] worn = new int[2];

    private final int[] sheet = new int[2];

    /**
     * @param startSpread how well the projection before is known, standard uncertainty, mm
     * @param most the most readings that will be used
     */
    HeelParticles(HeelGoal goal, HeelRates rates, double startSpread, double driftSpread, int most) {
        this.goal = goal;
        this.rates = rates;
        wrong = new boolean[most][COUNT];
        for (int i = 0; i < COUNT; i++) {
            turn[i] = goal.turn().radians() + random.nextGaussian() * startSpread / goal.jointToSaddle();
            drift[i] = goal.drift() + random.nextGaussian() * driftSpread;
            common[i] = random.nextGaussian() * COMMON;
            cheek[0][i] = random.nextGaussian() * CHEEK;
            cheek[1][i] = random.nextGaussian() * CHEEK;
            for (double[] each : grit) {
                each[i] = random.nextGaussian() * GRIT;
            }
            dulling[i] = random.nextDouble() * DULLING_MOST;
            stall[i] = 1;
            weight[i] = 1.0 / COUNT;
        }
    }

    private static int index(Side side) {
        return side == Side.BASS ? 0 : 1;
    }

    /** What the first pull with a fresh sheet takes off a cheek in one history, mm. */
    double rate(int i, Side side, int paper) {
        return rates.usual(paper) * Math.exp(common[i] + cheek[index(side)][i] + grit[rates.nearest(paper)][i]);
    }

    /** How many pulls the sheet for the next set has made. */
    private int worn(Side side, int paper) {
        return sheet[index(side)] == paper ? worn[index(side)] : 0;
    }

    /** What a set takes off in one history if nothing sticks, mm. */
    double set(int i, Side side, int paper, int pulls) {
        double k = dulling[i];
        double worth = k * pulls < 1e-6 ? pulls : (1 - Math.exp(-k * pulls)) / k;
        return rate(i, side, paper) * Math.exp(-k * worn(side, paper)) * worth;
    }

    /** How many pulls take a given amount off in one history; a large number if the paper is dead before. */
    double pullsFor(int i, Side side, int paper, double wood) {
        double rate = rate(i, side, paper) * Math.exp(-dulling[i] * worn(side, paper));
        double share = wood / rate * dulling[i];
        if (wood <= 0) {
            return 0;
        }
        return dulling[i] < 1e-9 ? wood / rate : share >= 0.95 ? 3 / dulling[i] : -Math.log(1 - share) / dulling[i];
    }

    /** A fresh sheet was taken for a cheek. */
    void paper(Side side) {
        worn[index(side)] = 0;
    }

    /** A set was pulled. */
    void pull(Side side, int paper, int pulls) {
        for (int i = 0; i < COUNT; i++) {
            if (stall[i] >= 1) {
                stall[i] = random.nextDouble() < STALLS ? 0.1 + 0.4 * random.nextDouble() : 1;
            } else if (random.nextDouble() < FREED) {
                stall[i] = 1;
            }
            off[index(side)][i] += set(i, side, paper, pulls) * stall[i] * Math.exp(random.nextGaussian() * SET);
        }
        worn[index(side)] = worn(side, paper) + pulls;
        sheet[index(side)] = paper;
    }

    /** The turn still to go in one history, radians. */
    double left(int i) {
        return turn[i] - goal.turnBy(off[0][i], off[1][i]);
    }

    /** The remaining drift in one history, mm, positive toward the treble. */
    double driftLeft(int i) {
        return drift[i] - goal.driftBy(off[1][i] - off[0][i]);
    }

    /** What still has to come off a cheek in one history, mm. */
    double capLeft(int i, Side side) {
        return goal.cap(side, turn[i], drift[i]) - off[index(side)][i];
    }

    double weight(int i) {
        return weight[i];
    }

    /** The share of histories in which the heel sticks in its middle. */
    double stalled() {
        double share = 0;
        for (int i = 0; i < COUNT; i++) {
            share += stall[i] < 1 ? weight[i] : 0;
        }
        return share;
    }

    /** A slack projection was read, mm at the saddle. */
    void projection(double read, double spread) {
        double[] expected = new double[COUNT];
        Arrays.setAll(expected, i -> goal.projection(left(i)));
        weigh(read, spread, expected);
    }

    /** A drift was read, mm, positive toward the treble. */
    void drift(double read, double spread) {
        double[] expected = new double[COUNT];
        Arrays.setAll(expected, this::driftLeft);
        weigh(read, spread, expected);
    }

    /**
     * Two readings in a row agree and no history believes them, so the histories are wrong. Each takes the reading as
     * its state, and becomes less certain of its rate.
     */
    void believe(double read, double spread, int... readings) {
        for (int i = 0; i < COUNT; i++) {
            double more = goal.height() * Math.tan(left(i) - goal.left(read + random.nextGaussian() * spread));
            off[0][i] += more;
            off[1][i] += more;
            common[i] += random.nextGaussian() * COMMON / 2;
            stall[i] = 1;
            weight[i] = 1.0 / COUNT;
            for (int reading : readings) {
                wrong[reading][i] = false;
            }
        }
    }

    /**
     * Wood was removed uncounted, as on a disc: none in one of five histories, otherwise any amount up to what is left
     * and a little more.
     */
    void sand() {
        for (int i = 0; i < COUNT; i++) {
            double cap = (capLeft(i, Side.BASS) + capLeft(i, Side.TREBLE)) / 2;
            double gone = random.nextInt(5) == 0 ? 0 : random.nextDouble() * Math.max(UNCOUNTED_LEAST, SOME_OVER * cap);
            off[0][i] += gone * (1 + random.nextGaussian() * CHEEK);
            off[1][i] += gone * (1 + random.nextGaussian() * CHEEK);
        }
    }

    /** The middle was eased: where it stuck, it usually no longer does. */
    void ease() {
        for (int i = 0; i < COUNT; i++) {
            stall[i] = random.nextDouble() < EASED ? 1 : stall[i];
        }
    }

    /**
     * Each history decides whether the reading is right or grossly wrong, and is weighted by the likelihood it gives
     * it.
     */
    private void weigh(double read, double spread, double[] expected) {
        double sum = 0;
        for (int i = 0; i < COUNT; i++) {
            double right = (1 - GROSS) * normal(read - expected[i], spread);
            double gross = GROSS * normal(read - expected[i], Math.hypot(spread, GROSS_SPREAD));
            wrong[readings][i] = random.nextDouble() * (right + gross) < gross;
            weight[i] *= right + gross;
            sum += weight[i];
        }
        double squares = 0;
        for (int i = 0; i < COUNT; i++) {
            weight[i] = sum > 0 ? weight[i] / sum : 1.0 / COUNT;
            squares += weight[i] * weight[i];
        }
        readings++;
        if (1 / squares < COUNT / 4.0) {
            resample();
        }
    }

    private static double normal(double by, double spread) {
        return Math.exp(-by * by / (2 * spread * spread)) / spread;
    }

    /** The share of histories, by weight, in which a reading was grossly wrong. */
    double wrong(int reading) {
        double share = 0;
        for (int i = 0; i < COUNT; i++) {
            share += wrong[reading][i] ? weight[i] : 0;
        }
        return share;
    }

    /**
     * Systematic resampling, half-way: by the root of the weights, so that what one wrong reading makes unlikely is
     * not lost for good. The rates are jittered a little, so that no two histories stay the same.
     */
    private void resample() {
        int[] from = new int[COUNT];
        double[] root = new double[COUNT];
        Arrays.setAll(root, i -> Math.sqrt(weight[i]));
        double whole = Arrays.stream(root).sum();
        double step = whole / COUNT;
        double at = random.nextDouble() * step;
        double sum = root[0];
        for (int i = 0, j = 0; i < COUNT; i++) {
            while (at + i * step > sum && j < COUNT - 1) {
                sum += root[++j];
            }
            from[i] = j;
        }
        for (double[] each : new double[][] {turn, drift, off[0], off[1], common, cheek[0], cheek[1], dulling, stall}) {
            take(each, from);
        }
        for (double[] each : grit) {
            take(each, from);
        }
        for (int reading = 0; reading < readings; reading++) {
            boolean[] was = wrong[reading].clone();
            for (int i = 0; i < COUNT; i++) {
                wrong[reading][i] = was[from[i]];
            }
        }
        double left = 0;
        for (int i = 0; i < COUNT; i++) {
            weight[i] = root[from[i]];
            left += weight[i];
        }
        for (int i = 0; i < COUNT; i++) {
            weight[i] /= left;
        }
        for (int i = 0; i < COUNT; i++) {
            common[i] += random.nextGaussian() * JITTER;
            cheek[0][i] += random.nextGaussian() * JITTER;
            cheek[1][i] += random.nextGaussian() * JITTER;
        }
    }

    private static void take(double[] values, int[] from) {
        double[] was = values.clone();
        for (int i = 0; i < values.length; i++) {
            values[i] = was[from[i]];
        }
    }
}
