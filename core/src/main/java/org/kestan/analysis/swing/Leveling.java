package org.kestan.analysis.swing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.kestan.base.geometry.NeckCurve;

/**
 * What comes off which fret so that the crowns are on one smooth line of the wanted relief, taking off as little as
 * possible: on average over the frets and at the worst of them, weighted alike (§3.23). A fret past the joint may be
 * below the line; it falls away more than it has to, and nothing is taken off for its sake.
 *
 * @param crowns the frets before
 * @param after the frets after
 * @param off what comes off each fret, by its number, mm; a fret of which less comes off than can be filed is left out
 */
public record Leveling(FretCrowns crowns, FretCrowns after, List<Off> off) {

    /** Smaller amounts are not taken off, mm. */
    private static final double NOTHING = 1e-3;

    /** How often the range of slopes is reduced to two thirds: down to 1e-15 of it. */
    private static final int TURNS = 85;

    /** Takes an unmodifiable copy. */
    public Leveling {
        off = List.copyOf(off);
    }

    /**
     * How much comes off a fret.
     *
     * @param fret its number
     * @param off mm, positive
     */
    public record Off(int fret, double off) {}

    /** A leveling that takes nothing off. */
    static Leveling none(FretCrowns crowns) {
        return new Leveling(crowns, crowns, List.of());
    }

    /**
     * Finds the line.
     *
     * @param crowns the frets as they lie
     * @param wanted the curve wanted between fret 1 and the joint
     * @param fall how much the frets are to go down for each mm past the joint
     */
    public static Leveling of(FretCrowns crowns, NeckCurve wanted, double fall) {
        return of(crowns, wanted::dipAt, wanted.to(), fall);
    }

    /**
     * The same for any shape.
     *
     * @param wanted how far the board is wanted below the fret line up to the joint, by the position
     * @param joint position of the joint fret
     */
    public static Leveling of(FretCrowns crowns, DoubleUnaryOperator wanted, double joint, double fall) {
        double[] over = new double[crowns.last() + 1];
        for (int fret = 1; fret <= crowns.last(); fret++) {
            over[fret] = crowns.filed(fret) + dip(crowns.at(fret), wanted, joint, fall);
        }
        double[] least = least(crowns, over, joint);
        List<Off> off = new ArrayList<>();
        for (int fret = 1; fret < least.length; fret++) {
            if (least[fret] > NOTHING) {
                off.add(new Off(fret, least[fret]));
            } else {
                least[fret] = 0;
            }
        }
        return new Leveling(crowns, crowns.less(least), off);
    }

    /** How much comes off fret 1, mm: the nut slots have to be this much deeper to keep the height over it. */
    public double offFirst() {
        return off.stream()
                .filter(each -> each.fret() == 1)
                .mapToDouble(Off::off)
                .sum();
    }

    /**
     * The frets that would be left too low.
     *
     * @param height of the lowest fret before, mm
     * @param least height that must be left, mm
     */
    public List<Integer> tooLow(double height, double least) {
        return off.stream()
                .filter(each -> height - each.off() < least)
                .map(Off::fret)
                .toList();
    }

    private static double dip(double x, DoubleUnaryOperator wanted, double joint, double fall) {
        return x > joint ? fall * (x - joint) : wanted.applyAsDouble(x);
    }

    /**
     * With the wanted shape subtracted, the line is straight. For a given slope the best line is the highest that
     * passes over no fret up to the joint. Its cost, {@code mean + most}, is convex in the slope, so reducing the
     * range of slopes by thirds finds the minimum.
     */
    private static double[] least(FretCrowns crowns, double[] over, double joint) {
        double steepest = 0;
        for (int fret = 2; fret < over.length; fret++) {
            double slope = (over[fret] - over[fret - 1]) / (crowns.at(fret) - crowns.at(fret - 1));
            steepest = Math.max(steepest, Math.abs(slope));
        }
        double from = -steepest;
        double to = steepest;
        for (int turn = 0; turn < TURNS; turn++) {
            double third = (to - from) / 3;
            if (cost(off(crowns, over, joint, from + third)) <= cost(off(crowns, over, joint, to - third))) {
                to -= third;
            } else {
                from += third;
            }
        }
        return off(crowns, over, joint, (from + to) / 2);
    }

    /** What comes off each fret, down to the highest line of a slope that passes over no fret up to the joint. */
    private static double[] off(FretCrowns crowns, double[] over, double joint, double slope) {
        double height = Double.POSITIVE_INFINITY;
        for (int fret = 1; fret < over.length && crowns.at(fret) <= joint; fret++) {
            height = Math.min(height, over[fret] - slope * crowns.at(fret));
        }
        double[] off = new double[over.length];
        for (int fret = 1; fret < over.length; fret++) {
            off[fret] = Math.max(0, over[fret] - height - slope * crowns.at(fret));
        }
        return off;
    }

    private static double cost(double[] off) {
        DoubleSummaryStatistics frets = Arrays.stream(off).skip(1).summaryStatistics();
        return frets.getAverage() + frets.getMax();
    }
}
