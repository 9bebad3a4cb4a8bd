package org.kestan.analysis.swing;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.geometry.NeckCurve;

/**
 * What comes off which fret so that the crowns lie in one smooth line of the wanted relief, with the least taken off in all
 * (§3.23). A fret past the joint may lie below the line: it falls away more than it has to, and nothing is taken for its
 * sake.
 *
 * @param crowns the frets before
 * @param after the frets after
 * @param off what comes off each fret, by its number, mm; a fret of which less comes off than can be filed is left out
 */
public record Leveling(FretCrowns crowns, FretCrowns after, List<Off> off) {

    /** Less than this comes off nothing, mm. */
    private static final double NOTHING = 1e-3;

    private static final double ROUNDING = 1e-12;

    /** Takes an unmodifiable copy. */
    public Leveling {
        off = List.copyOf(off);
    }

    /**
     * What comes off a fret.
     *
     * @param fret its number
     * @param off mm, positive
     */
    public record Off(int fret, double off) {}

    /** Nothing comes off. */
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
        double[] over = new double[crowns.last() + 1];
        for (int fret = 1; fret <= crowns.last(); fret++) {
            over[fret] = crowns.height(fret, MIDDLE) + dip(crowns.at(fret), wanted, fall);
        }
        double[] least = least(crowns, over, wanted.to());
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

    /**
     * The frets of which too little is left.
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

    private static final double MIDDLE = 0.5;

    private static double dip(double x, NeckCurve wanted, double fall) {
        return x > wanted.to() ? fall * (x - wanted.to()) : wanted.dipAt(x);
    }

    /**
     * With the wanted shape taken out the line is straight, and of all straight lines that pass over no fret up to the joint
     * the one that takes off least goes through two of the crowns: all pairs are tried.
     */
    private static double[] least(FretCrowns crowns, double[] over, double joint) {
        double[] best = new double[over.length];
        double total = Double.POSITIVE_INFINITY;
        for (int one = 1; one < over.length; one++) {
            for (int two = one + 1; two < over.length; two++) {
                double slope = (over[two] - over[one]) / (crowns.at(two) - crowns.at(one));
                double[] off = new double[over.length];
                double sum = 0;
                boolean possible = true;
                for (int fret = 1; fret < over.length && possible && sum < total; fret++) {
                    double above = over[fret] - over[one] - slope * (crowns.at(fret) - crowns.at(one));
                    possible = above >= -ROUNDING || crowns.at(fret) > joint;
                    off[fret] = Math.max(0, above);
                    sum += off[fret];
                }
                if (possible && sum < total) {
                    total = sum;
                    best = off;
                }
            }
        }
        return best;
    }
}
