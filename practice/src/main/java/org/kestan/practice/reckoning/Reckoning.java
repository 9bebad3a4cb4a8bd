package org.kestan.practice.reckoning;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.judgment.way.Way;
import org.kestan.overview.JobAnalysis;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.practice.work.BenchState;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.PracticeCase;

/**
 * The results of a case that was handed over.
 *
 * @param believed what followed from the sheet that was handed over
 * @param truth what follows from the true sheet of the instrument as it came in
 * @param readings the values on the sheet beside the true ones when it came in
 * @param taken the ways that were taken into the plan, tried on the truth; empty if none was
 * @param best the best ways there were
 * @param wanted the action that was wanted, mm
 * @param before the action as it came in, mm
 * @param after the action as it was handed over, mm
 * @param left what is still wrong with it
 * @param strung whether it was handed over at pitch
 * @param state how it stands, with the hours and money that went into it
 * @param owner what its owner says
 * @param marks the marks
 */
public record Reckoning(
        JobAnalysis believed,
        JobAnalysis truth,
        List<ReadingCheck> readings,
        Optional<Trial> taken,
        Optional<Trial> best,
        Sides<Double> wanted,
        Sides<Double> before,
        Sides<Double> after,
        List<InstrumentFault> left,
        boolean strung,
        BenchState state,
        Owner owner,
        Marks marks) {

    private static final double CONTENT = 0.6;

    /** At this error of the action, mm, the mark drops to zero. */
    private static final double HOPELESS = 1.5;

    private static final double EXACT = 0.15;

    /** Ways that come close and cost no more than this above the best are as good. */
    private static final double AS_GOOD = 1.2;

    private static final double NEAR_BUT_DEAR = 7;
    private static final double NEAR_BUT_NOT_ALL = 6;
    private static final double JUDGED_FAR = 5;

    /** What an owner says. */
    public enum Owner {
        /** As wanted. */
        PLEASED,
        /** Better, but not as wanted. */
        CONTENT,
        /** No better, or worse. */
        COMES_BACK,
        /** No strings at pitch, or no neck. */
        UNFINISHED
    }

    /** Takes an unmodifiable copy. */
    public Reckoning {
        readings = List.copyOf(readings);
        left = List.copyOf(left);
    }

    /**
     * Reckons.
     *
     * @param run a case that was handed over
     */
    public static Reckoning of(PracticeRun run) {
        Job job = run.handedOver().orElseThrow(Expect.present("case that was handed over"));
        PracticeCase given = run.given();
        JobAnalysis truth = PracticeSolver.truth(given);
        BenchState state = run.state();
        Sides<Double> wanted = given.kind().wanted();
        Sides<Double> before = PracticeSolver.Solved.action(given.instrument());
        Sides<Double> after = PracticeSolver.Solved.action(state.instrument());
        boolean strung = state.atPitch() && !state.isOff();
        List<InstrumentFault> left = FaultCheck.left(given, state.instrument());
        List<ReadingCheck> readings = ReadingCheck.all(job, given);
        List<Trial> trials = Trial.all(given, truth);
        List<Way> ways = WorkPlan.taken(job);
        Optional<Trial> taken = ways.isEmpty() ? Optional.empty() : Optional.of(Trial.of(given, truth, ways));
        Optional<Trial> best = Trial.best(taken.map(each -> with(trials, each)).orElse(trials));
        return new Reckoning(
                JobAnalysis.of(job, ShopStandards.DEFAULT),
                truth,
                readings,
                taken,
                best,
                wanted,
                before,
                after,
                left,
                strung,
                state,
                owner(
                        strung,
                        miss(before, wanted),
                        miss(after, wanted),
                        left.size() < given.faults().size(),
                        left.isEmpty()),
                new Marks(
                        measuring(readings),
                        judging(taken, best),
                        working(strung, miss(after, wanted), state.mishaps().size() + left.size())));
    }

    private static List<Trial> with(List<Trial> trials, Trial more) {
        return Stream.concat(trials.stream(), Stream.of(more)).toList();
    }

    private static double miss(Sides<Double> action, Sides<Double> wanted) {
        double miss = 0;
        for (Side side : Side.values()) {
            miss = Math.max(miss, Math.abs(action.get(side) - wanted.get(side)));
        }
        return miss;
    }

    private static Owner owner(boolean strung, double before, double after, boolean better, boolean mended) {
        if (!strung) {
            return Owner.UNFINISHED;
        }
        if (after <= Trial.NEAR && mended) {
            return Owner.PLEASED;
        }
        return after <= CONTENT && (better || after < before - EXACT) ? Owner.CONTENT : Owner.COMES_BACK;
    }

    /** How many of the readings are as close as their tool allows. */
    public long good() {
        return readings.stream().filter(ReadingCheck::isGood).count();
    }

    /** How far the action is from the target on the worse side, mm. */
    public double miss() {
        return miss(after, wanted);
    }

    private static double measuring(List<ReadingCheck> readings) {
        long good = readings.stream().filter(ReadingCheck::isGood).count();
        return readings.isEmpty() ? 0 : Marks.MOST * good / readings.size();
    }

    private static double judging(Optional<Trial> taken, Optional<Trial> best) {
        if (taken.isEmpty() || best.isEmpty()) {
            return 0;
        }
        Trial own = taken.get();
        if (own.isNear() && own.left().size() > best.get().left().size()) {
            return NEAR_BUT_NOT_ALL;
        }
        if (own.isNear()) {
            return own.cost() <= best.get().cost() * AS_GOOD ? Marks.MOST : NEAR_BUT_DEAR;
        }
        // If nothing comes close, whatever comes closest is right.
        double further = own.miss() - (best.get().isNear() ? 0 : best.get().miss());
        return further <= EXACT && !best.get().isNear()
                ? Marks.MOST
                : Math.max(0, JUDGED_FAR * (1 - further / HOPELESS));
    }

    private static double working(boolean strung, double miss, int faults) {
        if (!strung) {
            return 0;
        }
        double share = 1 - Math.max(0, miss - EXACT) / (HOPELESS - EXACT);
        return Math.max(0, Marks.MOST * share - faults);
    }
}
