package org.kestan.repair.heel;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.bench.HeelEntry;

/**
 * The advice for the next set at the heel.
 *
 * @param projectionLeft how much the slack projection at the saddle has still to rise, mm; negative when it is past
 * @param capLeft what has still to come off at the cap, each cheek, mm
 * @param grit the paper to go on with
 * @param pulls how many pulls, each cheek; 0 for none
 * @param band how many pulls are left in all with that paper, each cheek: from and to, 80 %
 * @param overChance the chance of passing the target by more than 0.3 mm with that set
 * @param word what to do
 * @param suspect the entries of the log whose readings are doubtful
 */
public record HeelAdvice(
        double projectionLeft,
        Sides<Double> capLeft,
        int grit,
        Sides<Integer> pulls,
        Sides<int[]> band,
        double overChance,
        Word word,
        List<Integer> suspect) {

    /** How far past the target is too far, mm. */
    public static final double OVER = 0.3;

    /** From this chance on a set is not advised; half of the warning level. */
    private static final double CHANCE_MOST = 0.005;

    /** It is done when it is this close, mm at the saddle. */
    private static final double NEAR = 0.1;

    private static final double DRIFT_NEAR = 0.25;

    /** From this chance on that the last reading is wrong, it is taken again before the next set. */
    private static final double DOUBT = 0.1;

    /** If the projection is known this well it need not be read again, mm. */
    private static final double SURE = 0.085;

    private static final int MOST_READS = 3;
    private static final double CAUTIOUS = 0.2;

    /**
     * With fewer than this many sets of the coarser paper left, change to the finer one. Common practice, no source.
     */
    private static final int SETS_LEFT = 3;

    private static final int USUAL_SET = 4;
    private static final int MOST_PULLS = 24;

    /** Once the projection is reached, the neck is turned by only a few pulls at a time. */
    private static final int MOST_TURNING = 3;

    /** A larger set than this so near the target requires two readings that agree. From memory. */
    private static final int LARGE = 8;

    /** Readings closer together than this many spreads agree. */
    private static final double AGREE = 3;

    /** From here on, a reading far behind the forecast is taken twice, mm. */
    private static final double CLOSE = 1;

    /** In standard deviations of reading and forecast together. */
    private static final double FAR_BEHIND = 3;

    private static final double BELIEVED = 0.5;
    private static final double SLIGHT = 0.15;
    private static final double LOW = 0.1;
    private static final double HIGH = 0.9;

    /** What to do. */
    public enum Word implements Keyed {
        PULL,
        FINER,
        CENTRE,
        READ_AGAIN,
        STOP,
        OVER;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "heel-advice";
        }
    }

    /** Gives advice from the log so far; for an empty one, the first set by what a pull usually takes. */
    public static HeelAdvice of(HeelGoal goal, List<HeelEntry> log, ShopStandards shop) {
        return new Advisor(goal, log, shop).advice();
    }

    /**
     * Returns the chance that a set passes the target by more than {@link #OVER}, 0 to 1.
     *
     * @param pulls on each cheek
     */
    public static double overChance(
            HeelGoal goal, List<HeelEntry> log, ShopStandards shop, int grit, Sides<Integer> pulls) {
        return new Advisor(goal, log, shop).overAfter(grit, pulls);
    }

    private static final class Advisor {

        private final HeelGoal goal;
        private final List<HeelEntry> log;
        private final HeelParticles all;
        private final List<Integer> weighed = new ArrayList<>();

        /** Whether wood comes off between readings without being counted, as on a disc: no set was ever logged. */
        private final boolean byReadings;

        /** Whether the heel was believed to stick after the last reading, and since which entry it has been eased. */
        private boolean sticks;

        private int eased;

        /** Whether the last reading showed far less progress than forecast, near the target. */
        private boolean behind;

        /** The last reading at the saddle, mm; at first, its position before any wood was removed. */
        private double before;

        /** Whether the last two readings in a row disagree. */
        private boolean parted;

        /** Whether the last set seems to have done less than half of what was forecast. */
        private boolean slow;

        /** A reading that nothing supports, until the next one shows whether it was right. */
        private OptionalDouble doubted = OptionalDouble.empty();

        private int doubtedAt;

        Advisor(HeelGoal goal, List<HeelEntry> log, ShopStandards shop) {
            this.goal = goal;
            this.log = log;
            before = goal.projection(goal.turn().radians());
            byReadings = log.stream().noneMatch(HeelEntry.Pulls.class::isInstance);
            double projection = shop.get(Standard.HAND_PROJECTION);
            double lever = goal.jointToSaddle()
                    / (goal.jointToSaddle() - goal.straightedge().bridgeFront());
            double spread = Math.max(0.02, projection * lever);
            double driftSpread = Math.max(0.02, shop.get(Standard.HAND_DRIFT));
            all = new HeelParticles(goal, new HeelRates(shop), spread, driftSpread, 2 * log.size());
            for (int i = 0; i < log.size(); i++) {
                take(log.get(i), i, spread, driftSpread);
                sticks = log.get(i) instanceof HeelEntry.Read ? all.stalled() > BELIEVED : sticks;
            }
        }

        private void take(HeelEntry entry, int index, double spread, double driftSpread) {
            if (entry instanceof HeelEntry.Pulls set) {
                if (sticks) {
                    all.ease();
                    eased = index;
                    sticks = false;
                }
                doubted = OptionalDouble.empty();
                behind = false;
                all.pull(set.cheek(), set.grit(), set.pulls());
            } else if (entry instanceof HeelEntry.Paper fresh) {
                all.paper(fresh.cheek());
            } else if (entry instanceof HeelEntry.Read read) {
                if (byReadings && index > 0) {
                    all.sand();
                }
                read.projection().map(Length::millimeters).ifPresent(mm -> {
                    double saddle = goal.straightedge().atSaddle(mm);
                    behind = behind(saddle, spread);
                    boolean again = index > 0 && log.get(index - 1) instanceof HeelEntry.Read;
                    parted = again && Math.abs(saddle - before) > AGREE * Math.sqrt(2) * spread;
                    slow = again ? slow && !parted : isSlow(saddle);
                    before = saddle;
                    all.projection(saddle, spread);
                    weighed.add(index);
                    reconcile(saddle, spread);
                });
                if (read.drift().isPresent()
                        && (read.toward().isPresent() || read.drift().get().millimeters() == 0)) {
                    double sign = read.toward().orElse(Side.TREBLE) == Side.TREBLE ? 1 : -1;
                    all.drift(sign * read.drift().get().millimeters(), driftSpread);
                    weighed.add(index);
                }
            }
        }

        /**
         * Near the target, whether a reading shows so much less progress than forecast that wood might be removed
         * needlessly.
         */
        private boolean behind(double read, double spread) {
            double forecast = quantile(i -> goal.projection(all.left(i)), 0.5);
            double known = (quantile(i -> goal.projection(all.left(i)), 0.84)
                            - quantile(i -> goal.projection(all.left(i)), 0.16))
                    / 2;
            return goal.target() - forecast < CLOSE && forecast - read > FAR_BEHIND * Math.hypot(spread, known);
        }

        /**
         * Whether a set did less than half of what it should have: a slow heel or a wrong reading, and only another
         * reading tells.
         */
        private boolean isSlow(double read) {
            double forecast = quantile(i -> goal.projection(all.left(i)), 0.5) - before;
            return forecast > NEAR && read - before < forecast / 2;
        }

        /** One reading may be wrong; two that agree are not. */
        private void reconcile(double read, double spread) {
            int reading = weighed.size() - 1;
            if (all.wrong(reading) <= BELIEVED) {
                doubted = OptionalDouble.empty();
            } else if (doubted.isPresent() && Math.abs(read - doubted.getAsDouble()) < AGREE * spread) {
                all.believe((read + doubted.getAsDouble()) / 2, spread / Math.sqrt(2), reading, doubtedAt);
                doubted = OptionalDouble.empty();
            } else {
                doubted = OptionalDouble.of(read);
                doubtedAt = reading;
            }
        }

        HeelAdvice advice() {
            double left = quantile(i -> goal.target() - goal.projection(all.left(i)), 0.5);
            Sides<Double> cap = Sides.of(side -> quantile(i -> all.capLeft(i, side), 0.5));
            int last = lastGrit();
            int grit = grit(last, cap);
            Sides<Integer> pulls = pulls(grit, left);
            Word word = word(left, pulls, last > 0 && grit > last);
            if (word == Word.CENTRE) {
                // Nobody knows the rate after easing, so a short set, like the first one.
                pulls = pulls.map(each -> Math.min(each, USUAL_SET));
            }
            boolean ends = word == Word.STOP || word == Word.OVER || word == Word.READ_AGAIN;
            Sides<Integer> next = ends ? new Sides<>(0, 0) : pulls;
            return new HeelAdvice(
                    left, cap, grit, next, Sides.of(side -> band(side, grit)), overAfter(grit, next), word, suspect());
        }

        private Word word(double left, Sides<Integer> pulls, boolean finer) {
            double spread = (quantile(i -> goal.projection(all.left(i)), 0.84)
                            - quantile(i -> goal.projection(all.left(i)), 0.16))
                    / 2;
            boolean mayRead = readsInARow() < MOST_READS;
            boolean large = (left < CLOSE || slow) && pulls.bass() + pulls.treble() > LARGE && readsInARow() < 2;
            if (mayRead && (doubt() > DOUBT || parted) || behind && readsInARow() < 2 || large) {
                return Word.READ_AGAIN;
            }
            if (overNow() > BELIEVED) {
                return Word.OVER;
            }
            boolean done = left <= NEAR && Math.abs(quantile(all::driftLeft, 0.5)) <= DRIFT_NEAR;
            if (done || pulls.bass() + pulls.treble() == 0) {
                return mayRead && spread > SURE ? Word.READ_AGAIN : Word.STOP;
            }
            if (all.stalled() > BELIEVED) {
                return Word.CENTRE;
            }
            return finer ? Word.FINER : Word.PULL;
        }

        /** How doubtful the last reading is. */
        private double doubt() {
            int last = lastRead();
            double doubt = 0;
            for (int i = 0; i < weighed.size(); i++) {
                doubt = weighed.get(i) == last && last == log.size() - 1 ? Math.max(doubt, all.wrong(i)) : doubt;
            }
            return doubt;
        }

        private int readsInARow() {
            int reads = 0;
            for (int i = log.size() - 1; i >= 0 && log.get(i) instanceof HeelEntry.Read; i--) {
                reads++;
            }
            return reads;
        }

        private List<Integer> suspect() {
            List<Integer> suspect = new ArrayList<>();
            for (int i = 0; i < weighed.size(); i++) {
                if (all.wrong(i) > BELIEVED && !suspect.contains(weighed.get(i))) {
                    suspect.add(weighed.get(i));
                }
            }
            return suspect;
        }

        private int lastRead() {
            return weighed.isEmpty() ? -1 : weighed.get(weighed.size() - 1);
        }

        private int lastGrit() {
            for (int i = log.size() - 1; i >= 0; i--) {
                if (log.get(i) instanceof HeelEntry.Pulls set) {
                    return set.grit();
                }
            }
            return 0;
        }

        /** The paper to continue with: finer once fewer than three sets of the present one are left. */
        private int grit(int last, Sides<Double> cap) {
            int grit = last > 0 ? last : HeelRates.GRITS.get(0);
            for (int each = grit; ; each = HeelRates.finer(each)) {
                int paper = each;
                double usual = Sides.mean(Sides.of(side -> quantile(i -> all.set(i, side, paper, USUAL_SET), 0.5)));
                if (Sides.mean(cap) >= SETS_LEFT * usual || HeelRates.finer(each) == each) {
                    return each;
                }
            }
        }

        /**
         * As many pulls as leave hardly any chance of passing the target; once it is reached, only those that turn the
         * neck.
         */
        private Sides<Integer> pulls(int grit, double left) {
            double drift = quantile(all::driftLeft, 0.5);
            Side toward = drift > 0 ? Side.TREBLE : Side.BASS;
            Sides<Integer> pulls;
            if (left <= NEAR) {
                int turning = Math.abs(drift) <= DRIFT_NEAR ? 0 : turning(grit, toward, drift);
                pulls = Sides.of(side -> side == toward ? turning : 0);
            } else {
                double share = log.isEmpty() ? LOW : CAUTIOUS;
                int most = mostPulls();
                pulls = Sides.of(side -> (int) Math.max(
                        0, Math.min(most, quantile(i -> all.pullsFor(i, side, grit, all.capLeft(i, side)), share))));
                if (pulls.bass() + pulls.treble() == 0) {
                    pulls = Sides.of(side -> side == toward || Math.abs(drift) <= DRIFT_NEAR ? 1 : 0);
                }
            }
            double most = CHANCE_MOST + (left <= NEAR ? overNow() : 0);
            while (pulls.bass() + pulls.treble() > 0 && overAfter(grit, pulls) > most) {
                pulls = pulls.map(each -> each > 4 ? each * 3 / 4 : Math.max(0, each - 1));
            }
            return pulls;
        }

        /**
         * The first set is short, and so is the first after easing the middle; the next is never much longer than the
         * longest so far.
         */
        private int mostPulls() {
            int longest = log.subList(eased, log.size()).stream()
                    .filter(HeelEntry.Pulls.class::isInstance)
                    .mapToInt(each -> ((HeelEntry.Pulls) each).pulls())
                    .max()
                    .orElse(0);
            int most = longest == 0 ? USUAL_SET : Math.min(MOST_PULLS, Math.max(USUAL_SET + 2, longest * 3 / 2));
            return all.stalled() > SLIGHT ? Math.min(most, 2 * USUAL_SET) : most;
        }

        /** How many pulls on one cheek turn the neck most of the way to its center. */
        private int turning(int grit, Side toward, double drift) {
            double wood = goal.widths()
                    .map(widths -> Math.abs(drift) * widths.cap() / goal.jointToSaddle())
                    .orElse(0.0);
            return (int) Math.round(
                    Math.min(MOST_TURNING, quantile(i -> all.pullsFor(i, toward, grit, wood), CAUTIOUS)));
        }

        private double overAfter(int grit, Sides<Integer> pulls) {
            double chance = 0;
            for (int i = 0; i < HeelParticles.COUNT; i++) {
                double turned = goal.turnBy(
                        all.set(i, Side.BASS, grit, pulls.bass()), all.set(i, Side.TREBLE, grit, pulls.treble()));
                chance += goal.projection(all.left(i) - turned) > goal.target() + OVER ? all.weight(i) : 0;
            }
            return chance;
        }

        private double overNow() {
            return overAfter(HeelRates.GRITS.get(0), new Sides<>(0, 0));
        }

        private int[] band(Side side, int grit) {
            IntToDoubleFunction pulls = i -> all.pullsFor(i, side, grit, Math.max(0, all.capLeft(i, side)));
            return new int[] {(int) Math.floor(quantile(pulls, LOW)), (int) Math.ceil(quantile(pulls, HIGH))};
        }

        /** A quantile over the histories, by their weights. */
        private double quantile(IntToDoubleFunction of, double share) {
            double[] values = new double[HeelParticles.COUNT];
            double[] weights = new double[HeelParticles.COUNT];
            for (int i = 0; i < values.length; i++) {
                values[i] = of.applyAsDouble(i);
                weights[i] = all.weight(i);
            }
            return WeightedQuantile.of(values, weights, share);
        }
    }
}
