package org.kestan.analysis.neck;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.kestan.base.geometry.NeckCurve;

/**
 * The curve through the gaps that were read, by weighted least squares (§3.2), with as many terms as there are frets
 * read, at most three.
 *
 * @param curve the curve, mm
 * @param gaps the gaps it was fitted to
 * @param terms how many terms they carry, 0 to 3
 * @param covariance of the coefficients bow, lean, waist by the tools' resolution, mm²; nothing for a term not carried
 */
public record NeckFit(NeckCurve curve, List<Gap> gaps, int terms, double[][] covariance) {

    /**
     * From this many standard uncertainties on, a reading is off the curve. Common practice in screening, no source.
     */
    private static final double FAR = 4;

    private static final double SINGULAR = 1e-6;

    /** The covariance follows from the gaps, so it does not distinguish two fits. */
    @Override
    public boolean equals(Object other) {
        return other instanceof NeckFit that
                && curve.equals(that.curve)
                && gaps.equals(that.gaps)
                && terms == that.terms;
    }

    @Override
    public int hashCode() {
        return Objects.hash(curve, gaps, terms);
    }

    /** Takes an unmodifiable copy. */
    public NeckFit {
        gaps = List.copyOf(gaps);
    }

    /**
     * Fits the curve.
     *
     * @param gaps the readings; none gives a straight neck
     * @param straight the neck without relief: where it begins and ends, and how it falls past the joint
     */
    public static NeckFit of(List<Gap> gaps, NeckCurve straight) {
        int frets = (int) gaps.stream().mapToInt(Gap::fret).distinct().count();
        for (int terms = Math.min(NeckCurve.TERMS, frets); terms > 0; terms--) {
            Optional<NeckFit> fit = of(gaps, straight, terms);
            if (fit.isPresent()) {
                return fit.get();
            }
        }
        return new NeckFit(straight, gaps, 0, new double[NeckCurve.TERMS][NeckCurve.TERMS]);
    }

    /** One term by itself: the weighted mean of what each reading gives for it. */
    private static Optional<NeckFit> bow(List<Gap> gaps, NeckCurve straight) {
        double seen = 0;
        double read = 0;
        for (Gap gap : gaps) {
            double sees = gap.sees(straight, 0) / gap.standard();
            seen += sees * sees;
            read += sees * gap.over(straight) / gap.standard();
        }
        if (!(seen > SINGULAR)) {
            return Optional.empty();
        }
        double[][] covariance = new double[NeckCurve.TERMS][NeckCurve.TERMS];
        covariance[0][0] = 1 / seen;
        return Optional.of(new NeckFit(
                new NeckCurve(straight.from(), straight.to(), read / seen, 0, 0, straight.fall()),
                gaps,
                1,
                covariance));
    }

    private static Optional<NeckFit> of(List<Gap> gaps, NeckCurve straight, int terms) {
        if (terms == 1) {
            return bow(gaps, straight);
        }
        RealMatrix seen = new Array2DRowRealMatrix(gaps.size(), terms);
        ArrayRealVector read = new ArrayRealVector(gaps.size());
        for (int row = 0; row < gaps.size(); row++) {
            Gap gap = gaps.get(row);
            for (int term = 0; term < terms; term++) {
                seen.setEntry(row, term, gap.sees(straight, term) / gap.standard());
            }
            read.setEntry(row, gap.over(straight) / gap.standard());
        }
        DecompositionSolver solver = new QRDecomposition(seen, SINGULAR).getSolver();
        if (!solver.isNonSingular()) {
            return Optional.empty();
        }
        double[] k = solver.solve(read).toArray();
        RealMatrix inverse = solver.getInverse();
        RealMatrix covariance = inverse.multiply(inverse.transpose());
        double[][] whole = new double[NeckCurve.TERMS][NeckCurve.TERMS];
        covariance.copySubMatrix(0, terms - 1, 0, terms - 1, whole);
        NeckCurve curve = new NeckCurve(
                straight.from(), straight.to(), k[0], terms > 1 ? k[1] : 0, terms > 2 ? k[2] : 0, straight.fall());
        return Optional.of(new NeckFit(curve, gaps, terms, whole));
    }

    /** The same with more lean and waist, mm, and as much less bow as keeps the gap at a place. */
    public NeckFit shaped(double lean, double waist, NeckCurve.Place kept) {
        NeckCurve leaning = new NeckCurve(
                curve.from(), curve.to(), curve.bow(), curve.lean() + lean, curve.waist() + waist, curve.fall());
        double over = leaning.gap(kept) - curve.gap(kept);
        return new NeckFit(leaning.bent(-kept.curvature(over)), gaps, terms, covariance);
    }

    /** Standard uncertainty of the curve at x, mm, the band around it; 0 past the joint and at both ends. */
    public double standardAt(double x) {
        double[] seen = new double[NeckCurve.TERMS];
        for (int term = 0; term < NeckCurve.TERMS; term++) {
            seen[term] = curve.term(term, x);
        }
        return Math.sqrt(Math.max(0, variance(seen)));
    }

    private double variance(double[] seen) {
        double variance = 0;
        for (int i = 0; i < seen.length; i++) {
            for (int j = 0; j < seen.length; j++) {
                variance += seen[i] * covariance[i][j] * seen[j];
            }
        }
        return variance;
    }

    /**
     * The reading farthest off the curve, if there are more readings than terms and it is off by more than the tools
     * allow. Since a wrong reading pulls the curve toward itself, each is compared with the curve through the others.
     *
     * @param least by how many mm a reading lies off at least to be asked for again
     */
    public Optional<Gap> stray(double least) {
        return gaps.size() <= terms
                ? Optional.empty()
                : gaps.stream()
                        .max(Comparator.comparingDouble(this::standardized))
                        .filter(gap -> standardized(gap) > FAR && Math.abs(offTheOthers(gap)) > least);
    }

    /** How far a reading is from what the others predict, mm; positive if the gap is too large. */
    public double offTheOthers(Gap gap) {
        double free = free(gap);
        return free > 0 ? gap.over(curve) / free : 0;
    }

    private double standardized(Gap gap) {
        double free = free(gap);
        return free > 0 ? Math.abs(gap.over(curve)) / (gap.standard() * Math.sqrt(free)) : 0;
    }

    /** One minus the leverage: the share of a reading that the curve does not follow. */
    private double free(Gap gap) {
        double[] seen = new double[NeckCurve.TERMS];
        for (int term = 0; term < terms; term++) {
            seen[term] = gap.sees(curve, term);
        }
        double free = 1 - variance(seen) / (gap.standard() * gap.standard());
        return free < SINGULAR ? 0 : free;
    }
}
