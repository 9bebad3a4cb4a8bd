package org.kestan.analysis.uncertainty;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.kestan.analysis.neck.Gap;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;

/**
 * The fret where one more gap is worth the most: the one that narrows the position of the fret line at the bridge, as
 * given by the strings, the most.
 *
 * @param fret its number
 * @param now expanded uncertainty of the implied strung projection as read, mm
 * @param then the same with that gap, mm
 */
public record NextGap(int fret, double now, double then) {

    /** How much bow, lean and waist necks have before anything is read, standard deviations, mm. From memory. */
    private static final double[] USUAL = {0.3, 0.15, 0.15};

    /** A gap that narrows it by less than this is not worth reading. */
    private static final double WORTH = 0.95;

    /**
     * Finds it. The fret line given by the strings depends on the dip at the fret where the action was read, so this
     * names the fret whose gap tells the most about it beyond the existing readings, by linear Bayesian estimation
     * (Rasmussen and Williams, <i>Gaussian Processes</i>, 2.1).
     *
     * @return empty if no gap would narrow it
     */
    public static Optional<NextGap> of(SheetAnalysis sheet) {
        Optional<Basis> basis = sheet.trajectory().map(Trajectory::basis).filter(Basis::actionIsRead);
        OptionalInt fret = basis.isPresent() ? fret(basis.get()) : OptionalInt.empty();
        if (fret.isEmpty()) {
            return Optional.empty();
        }
        double gap =
                basis.get().profile().neck().middle().dipAt(basis.get().frets().at(fret.getAsInt()));
        Job read = sheet.job().with(Reading.PROFILE_GAP.at(fret.getAsInt()), Length.exact(gap));
        Optional<Double> now = implied(sheet);
        Optional<Double> then = implied(SheetAnalysis.of(read, sheet.standards()));
        return now.isPresent() && then.isPresent() && then.get() < WORTH * now.get()
                ? Optional.of(new NextGap(fret.getAsInt(), now.get(), then.get()))
                : Optional.empty();
    }

    private static Optional<Double> implied(SheetAnalysis sheet) {
        Map<ImpliedOnly, Uncertainty.Estimate> known = Uncertainty.of(
                sheet,
                ImpliedOnly.class,
                as -> as.trajectory()
                        .map(each -> Map.of(ImpliedOnly.IMPLIED, each.impliedStrung()))
                        .orElse(Map.of()));
        return Optional.ofNullable(known.get(ImpliedOnly.IMPLIED)).map(Uncertainty.Estimate::expanded);
    }

    private enum ImpliedOnly {
        IMPLIED
    }

    /** The fret whose gap tells the most about the dip at the action's fret; empty if all were read. */
    static OptionalInt fret(Basis basis) {
        NeckCurve neck = basis.profile().neck().middle();
        List<Gap> gaps = basis.profile().gaps();
        RealMatrix known = new Array2DRowRealMatrix(NeckCurve.TERMS, NeckCurve.TERMS);
        for (int term = 0; term < NeckCurve.TERMS; term++) {
            known.setEntry(term, term, 1 / (USUAL[term] * USUAL[term]));
        }
        for (Gap gap : gaps) {
            known = known.add(told(seen(neck, gap.place()), gap.standard()));
        }
        double tool = Reading.PROFILE_GAP.tool().resolution() / Math.sqrt(3);
        OptionalInt best = OptionalInt.empty();
        double least = Double.POSITIVE_INFINITY;
        for (int fret = 2; fret < basis.jointFret(); fret++) {
            int number = fret;
            if (gaps.stream().anyMatch(gap -> gap.fret() == number)) {
                continue;
            }
            NeckCurve.Place place =
                    new NeckCurve.Place(neck.from(), neck.to(), basis.frets().at(fret));
            double left = left(known.add(told(seen(neck, place), tool)), terms(neck, basis.actionAt()));
            if (left < least) {
                least = left;
                best = OptionalInt.of(fret);
            }
        }
        return best;
    }

    private static RealVector seen(NeckCurve neck, NeckCurve.Place place) {
        double share = place.share();
        double[] seen = new double[NeckCurve.TERMS];
        for (int term = 0; term < NeckCurve.TERMS; term++) {
            seen[term] = neck.term(term, place.at())
                    - (1 - share) * neck.term(term, place.low())
                    - share * neck.term(term, place.high());
        }
        return MatrixUtils.createRealVector(seen);
    }

    private static RealMatrix told(RealVector seen, double standard) {
        return seen.outerProduct(seen).scalarMultiply(1 / (standard * standard));
    }

    private static RealVector terms(NeckCurve neck, double at) {
        double[] terms = new double[NeckCurve.TERMS];
        for (int term = 0; term < NeckCurve.TERMS; term++) {
            terms[term] = neck.term(term, at);
        }
        return MatrixUtils.createRealVector(terms);
    }

    /** The remaining variance of a dip with the given shares of each term, mm². */
    private static double left(RealMatrix known, RealVector terms) {
        return terms.dotProduct(new LUDecomposition(known).getSolver().solve(terms));
    }
}
