package org.kestan.practice.solver;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.judgment.advice.Combination;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Way;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.simulator.cases.Chance;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Frame;
import org.kestan.simulator.tools.SheetReader;
import org.kestan.simulator.tools.SimulatedTool;

/**
 * Kestan's own verdict and plan, carried out to the end on a practice instrument with the tools' noise: rod or board,
 * nut, bridge, the heel in pulls until the straightedge lands, the saddle. Once it is strung up, the saddle is fitted
 * to what is read. The result is measured on the true instrument, which nothing here reads.
 */
public final class PracticeSolver {

    private static final int ACTION_FRET = 12;
    private static final double BRIDGE_FRONT = 8;
    private static final double HAND = 0.03;

    /** The straightedge has landed if it is this close, mm. */
    private static final double LANDED = 0.12;

    /** The share of what is left that one set of pulls takes, since what is cut is gone. */
    private static final double CAREFUL = 0.8;

    private static final int MOST_ROUNDS = 10;
    private static final double FITTED = 0.1;

    /** The relief is set if it is this close, mm; and the moment of a rod turn that takes out a millimeter, N·mm. */
    private static final double SET = 0.015;

    private static final double ROD_PER_MM = 14_000;
    private static final double LEAST_SADDLE = 1.6;

    private static final String MEND_FIRST = "mend-first";
    private static final String REGLUE = "reglue-bridge";
    private static final Set<String> MENDS = Set.of(MEND_FIRST, REGLUE);

    /**
     * The result.
     *
     * @param strungUp after the planned work, before the saddle is fitted to what is read then
     */
    public record Solved(
            List<Way> ways,
            Sides<Double> wanted,
            VirtualInstrument before,
            VirtualInstrument strungUp,
            VirtualInstrument after,
            int rounds,
            double hours,
            double cost,
            boolean reaches) {

        /** The same after other work, with the instrument as it was before that. */
        private Solved after(VirtualInstrument asItWas, List<Way> others, double more, double dearer) {
            return new Solved(
                    Stream.concat(others.stream(), ways.stream()).distinct().toList(),
                    wanted,
                    asItWas,
                    strungUp,
                    after,
                    rounds,
                    hours + more,
                    cost + dearer,
                    reaches);
        }

        /** The true action over fret 12, mm. */
        public static Sides<Double> action(VirtualInstrument of) {
            State strung = Equilibrium.strung(of);
            return Sides.of(side -> new Frame(of).over(strung, ACTION_FRET, side));
        }

        /** How far the action is from the target, mm, mean of both sides. */
        public double miss() {
            Sides<Double> action = action(after);
            return (Math.abs(action.bass() - wanted.bass()) + Math.abs(action.treble() - wanted.treble())) / 2;
        }

        /** Returns whether both sides came within a distance of the target. */
        public boolean isWithin(double distance) {
            Sides<Double> action = action(after);
            return Math.abs(action.bass() - wanted.bass()) <= distance
                    && Math.abs(action.treble() - wanted.treble()) <= distance;
        }
    }

    private final Random random;
    private VirtualInstrument now;
    private VirtualInstrument strungUp;
    private int rounds;

    private PracticeSolver(VirtualInstrument given, Random random) {
        this.random = random;
        now = given;
        strungUp = given;
    }

    /** Carries out a case with the recommended ways; the same result each time. */
    public static Solved solve(PracticeCase given) {
        Random random =
                Chance.of(given.seed(), given.kind().ordinal(), given.level().ordinal(), 1);
        JobAnalysis analysis = JobAnalysis.of(aimed(given, SheetReader.read(given, random)), ShopStandards.DEFAULT);
        List<Way> ways = analysis.recommendation().ways();
        List<Way> mends = ways.stream().filter(PracticeSolver::mends).toList();
        if (mends.isEmpty()) {
            return play(given, random, analysis, ways, true);
        }
        // Loose parts are repaired first; then everything is read and judged again.
        PracticeCase mended = given.with(mended(given.instrument(), mends));
        JobAnalysis again = JobAnalysis.of(aimed(mended, SheetReader.read(mended, random)), ShopStandards.DEFAULT);
        Combination first = analysis.ways().combined(mends);
        return play(mended, random, again, again.recommendation().ways(), true)
                .after(given.instrument(), mends, first.hours(), first.cost());
    }

    /** Returns whether a way repairs something loose, after which everything has to be read again. */
    public static boolean mends(Way way) {
        return MENDS.contains(way.key());
    }

    private static VirtualInstrument mended(VirtualInstrument loose, List<Way> ways) {
        VirtualInstrument now = loose;
        for (Way way : ways) {
            now = way.key().equals(MEND_FIRST) ? now.withLoosened(1) : way.key().equals(REGLUE) ? now.withLift(0) : now;
        }
        return now;
    }

    /**
     * Carries out a case with given ways, judged by a sheet with true values; the same result each time. The saddle is
     * fitted at the end if the ways involve it.
     *
     * @param truth by {@link #truth}
     */
    public static Solved trial(PracticeCase given, JobAnalysis truth, List<Way> ways) {
        boolean fits = ways.stream()
                .anyMatch(way -> way.has(Effect.TURNS_NECK)
                        || way.has(Effect.SPENDS_SADDLE)
                        || way.has(Effect.FITS_FLOATING_BRIDGE)
                        || way.has(Effect.NEW_BRIDGE));
        return play(
                given,
                Chance.of(given.seed(), given.kind().ordinal(), given.level().ordinal(), 1),
                truth,
                ways,
                fits);
    }

    /** Returns the analysis of a case if every line of its sheet had its true value. */
    public static JobAnalysis truth(PracticeCase given) {
        return JobAnalysis.of(aimed(given, SheetReader.truth(given)), ShopStandards.DEFAULT);
    }

    private static Job aimed(PracticeCase given, Job job) {
        Sides<Double> wanted = given.kind().wanted();
        return job.with(Aim.ACTION_BASS, Length.toMicrometer(wanted.bass()))
                .with(Aim.ACTION_TREBLE, Length.toMicrometer(wanted.treble()));
    }

    private static Solved play(PracticeCase given, Random random, JobAnalysis analysis, List<Way> ways, boolean fits) {
        Sides<Double> wanted = given.kind().wanted();
        WorkPlan plan = WorkPlan.of(analysis.ways(), ways);
        Combination combined = analysis.ways().combined(ways);
        PracticeSolver solver = new PracticeSolver(mended(given.instrument(), ways), random);
        Optional<Setup> planned = plan.planned();
        boolean works = planned.isPresent()
                && analysis.measured().isPresent()
                && ways.stream().anyMatch(way -> !way.key().equals("leave"));
        if (works) {
            solver.work(plan, analysis.measured().get(), planned.get());
            solver.strungUp = solver.now;
            if (fits) {
                solver.fitSaddle(wanted);
            }
        }
        return new Solved(
                ways,
                wanted,
                given.instrument(),
                solver.strungUp,
                solver.now,
                solver.rounds,
                combined.hours(),
                combined.cost(),
                combined.reaches());
    }

    private double hand() {
        return random.nextGaussian() * HAND;
    }

    private void work(WorkPlan plan, Setup measured, Setup planned) {
        if (plan.ways().stream().anyMatch(way -> way.key().equals("truss-rod"))) {
            turnRod(planned.reliefGap());
        } else {
            now = now.bowedBy(planned.reliefGap() - measured.reliefGap());
        }
        double along = now.saddleAt() / (now.saddleAt() - now.frets().at(1));
        now = now.withNut(Sides.of(side -> now.nut().get(side)
                + (planned.nut().get(side) - measured.nut().get(side)) * along
                + (changes(planned.nut().get(side), measured.nut().get(side)) ? hand() : 0)));
        bridge(measured, planned);
        if (plan.turnsNeck() && plan.projection().isPresent()) {
            fit(plan.projection().get().slackAsRead());
            now = now.withDrift(random.nextGaussian() * 0.25);
        }
    }

    /** Turns the rod a little at a time, at pitch, until the feeler gauge shows the target. */
    private void turnRod(double wanted) {
        for (int turn = 0; turn < MOST_ROUNDS; turn++) {
            double read = SimulatedTool.FEELER.read(new Frame(now).relief(Equilibrium.strung(now)), random);
            if (Math.abs(read - wanted) <= SET) {
                return;
            }
            now = now.withRod(now.neck().rod() + (read - wanted) * ROD_PER_MM);
        }
    }

    private static boolean changes(double planned, double measured) {
        return Math.abs(planned - measured) > 0.01;
    }

    private void bridge(Setup measured, Setup planned) {
        if (now.bridge().floating()) {
            double change = planned.supportHeight() - measured.supportHeight();
            now = now.withBridge(
                    now.bridge().thickness() + (changes(change, 0) ? change + hand() : 0),
                    now.bridge().protrusion());
            return;
        }
        double thicker = planned.bridgeTop() - measured.bridgeTop();
        Sides<Double> taller =
                Sides.of(side -> planned.protrusion().orElseThrow().get(side)
                        - measured.protrusion().orElseThrow().get(side));
        now = now.withBridge(
                now.bridge().thickness() + (changes(thicker, 0) ? thicker + hand() : 0),
                Sides.of(side -> now.bridge().protrusion().get(side)
                        + (changes(taller.get(side), 0) ? taller.get(side) + hand() : 0)));
    }

    /** The heel in sets of pulls: read slack, take most of what is left, read again. */
    private void fit(double target) {
        double front = now.bridge().floating() ? 0 : BRIDGE_FRONT;
        for (rounds = 0; rounds < MOST_ROUNDS; rounds++) {
            double read =
                    SimulatedTool.STRAIGHTEDGE.read(new Frame(now).projection(Equilibrium.slack(now), front), random);
            double left = target - read;
            if (Math.abs(left) <= LANDED) {
                return;
            }
            double share = Math.abs(left) < 3 * LANDED ? 1 : CAREFUL;
            double turned = left
                    * share
                    * (1 + random.nextGaussian() * 0.06)
                    / now.bridge().jointToSaddle();
            now = now.withPitch(now.neck().pitch() + turned);
        }
    }

    /** Readings to cut by are taken three times; the median counts. */
    private double readThrice(double truth) {
        double[] read = new double[3];
        for (int i = 0; i < read.length; i++) {
            read[i] = SimulatedTool.RULE.read(truth, random);
        }
        Arrays.sort(read);
        return read[1];
    }

    /** Strung up and settled, the saddle or the floating bridge is fitted to the action that is read. */
    private void fitSaddle(Sides<Double> wanted) {
        State strung = Equilibrium.strung(now);
        double leverage = now.saddleAt() / now.frets().at(ACTION_FRET);
        Sides<Double> off =
                Sides.of(side -> wanted.get(side) - readThrice(new Frame(now).over(strung, ACTION_FRET, side)));
        if (Math.abs(off.bass()) <= FITTED && Math.abs(off.treble()) <= FITTED) {
            return;
        }
        // The wheels of a floating bridge move each side. A saddle is not taken below what carries the strings, and
        // one that is already lower is not raised for that.
        Sides<Double> stands = now.bridge().protrusion();
        Sides<Double> next = Sides.of(side -> Math.max(
                now.bridge().floating() ? Double.NEGATIVE_INFINITY : Math.min(LEAST_SADDLE, stands.get(side)),
                stands.get(side) + off.get(side) * leverage + hand()));
        now = now.withBridge(now.bridge().thickness(), next);
    }
}
