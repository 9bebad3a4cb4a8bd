package org.kestan.analysis.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.stat.regression.GLSMultipleLinearRegression;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Reading;
import org.testng.annotations.Test;

public class NeckFitTest {

    private static final Frets FRETS = new Frets(640);
    private static final NeckCurve STRAIGHT = NeckCurve.straight(FRETS.at(1), FRETS.at(14));

    private static Gap gap(int fret, double value, double standard) {
        return new Gap(
                Reading.PROFILE_GAP.at(fret),
                fret,
                new NeckCurve.Place(FRETS.at(1), FRETS.at(14), FRETS.at(fret)),
                value,
                standard);
    }

    private static List<Gap> read(NeckCurve neck, int... frets) {
        List<Gap> gaps = new ArrayList<>();
        for (int fret : frets) {
            gaps.add(gap(fret, neck.dipAt(FRETS.at(fret)), 0.0073));
        }
        return gaps;
    }

    /** One gap gives constant curvature, two add a lean, three reproduce all of it (§3.2). */
    @Test
    public void asManyTermsAsFretsWereRead() {
        NeckCurve neck = new NeckCurve(FRETS.at(1), FRETS.at(14), 0.22, -0.07, 0.05, 0);
        assertThat(NeckFit.of(List.of(), STRAIGHT).curve()).isEqualTo(STRAIGHT);
        assertThat(NeckFit.of(read(neck, 7), STRAIGHT).terms()).isEqualTo(1);
        NeckFit two = NeckFit.of(read(neck, 4, 11), STRAIGHT);
        assertThat(two.terms()).isEqualTo(2);
        assertThat(two.curve().waist()).isZero();
        assertThat(two.curve().dipAt(FRETS.at(4))).isCloseTo(neck.dipAt(FRETS.at(4)), within(1e-12));
        for (int[] frets : new int[][] {{4, 7, 11}, {2, 5, 13}, {3, 5, 7, 9, 11}}) {
            NeckCurve laid = NeckFit.of(read(neck, frets), STRAIGHT).curve();
            for (int fret = 1; fret <= 14; fret++) {
                assertThat(laid.dipAt(FRETS.at(fret))).isCloseTo(neck.dipAt(FRETS.at(fret)), within(1e-9));
            }
        }
        Gap seven = gap(7, 0.2, 0.01);
        assertThat(NeckFit.of(List.of(seven, seven), STRAIGHT).terms()).isEqualTo(1);
    }

    /** Coefficients and their covariance against generalised least squares of a statistics library. */
    @Test
    public void againstALibrarysLeastSquares() {
        Random random = new Random(13);
        for (int run = 0; run < 50; run++) {
            List<Gap> gaps = new ArrayList<>();
            for (int fret = 2; fret < 14; fret += 1 + random.nextInt(2)) {
                gaps.add(gap(fret, random.nextGaussian() * 0.2, 0.005 + random.nextDouble() * 0.02));
            }
            double[] y = gaps.stream().mapToDouble(Gap::value).toArray();
            double[][] x = new double[gaps.size()][NeckCurve.TERMS];
            double[][] omega = new double[gaps.size()][gaps.size()];
            for (int row = 0; row < y.length; row++) {
                for (int term = 0; term < NeckCurve.TERMS; term++) {
                    x[row][term] = gaps.get(row).sees(STRAIGHT, term);
                }
                omega[row][row] = gaps.get(row).standard() * gaps.get(row).standard();
            }
            GLSMultipleLinearRegression library = new GLSMultipleLinearRegression();
            library.setNoIntercept(true);
            library.newSampleData(y, x, omega);
            NeckFit fit = NeckFit.of(gaps, STRAIGHT);
            double[] beta = library.estimateRegressionParameters();
            assertThat(fit.curve().bow()).isCloseTo(beta[0], within(1e-9));
            assertThat(fit.curve().lean()).isCloseTo(beta[1], within(1e-9));
            assertThat(fit.curve().waist()).isCloseTo(beta[2], within(1e-9));
            double[][] covariance = library.estimateRegressionParametersVariance();
            for (int i = 0; i < NeckCurve.TERMS; i++) {
                for (int j = 0; j < NeckCurve.TERMS; j++) {
                    assertThat(fit.covariance()[i][j]).isCloseTo(covariance[i][j], within(1e-9));
                }
            }
        }
    }

    /** The band covers the truth: standard deviation of the fitted curve over many noisy sheets, at every fret. */
    @Test
    public void bandIsTheScatterOfManySheets() {
        Random random = new Random(5);
        NeckCurve neck = new NeckCurve(FRETS.at(1), FRETS.at(14), 0.2, 0.05, 0, 0);
        double at = FRETS.at(9);
        double squares = 0;
        int sheets = 4000;
        NeckFit fit = null;
        for (int sheet = 0; sheet < sheets; sheet++) {
            List<Gap> gaps = new ArrayList<>();
            for (int fret : new int[] {3, 5, 7, 9, 12}) {
                gaps.add(gap(fret, neck.dipAt(FRETS.at(fret)) + random.nextGaussian() * 0.01, 0.01));
            }
            fit = NeckFit.of(gaps, STRAIGHT);
            squares += Math.pow(fit.curve().dipAt(at) - neck.dipAt(at), 2);
        }
        assertThat(fit.standardAt(at)).isCloseTo(Math.sqrt(squares / sheets), within(0.0003));
        assertThat(fit.standardAt(FRETS.at(1))).isZero();
        assertThat(fit.standardAt(FRETS.at(16))).isZero();
    }

    @Test
    public void aReadingOffTheCurveIsNamed() {
        NeckCurve neck = new NeckCurve(FRETS.at(1), FRETS.at(14), 0.2, 0.05, -0.03, 0);
        List<Gap> right = read(neck, 3, 5, 7, 9, 11, 12);
        assertThat(NeckFit.of(right, STRAIGHT).stray(0.06)).isEmpty();
        for (int wrong = 0; wrong < right.size(); wrong++) {
            List<Gap> read = new ArrayList<>(right);
            Gap was = read.get(wrong);
            read.set(wrong, gap(was.fret(), was.value() + 0.3, was.standard()));
            NeckFit fit = NeckFit.of(read, STRAIGHT);
            Optional<Gap> stray = fit.stray(0.06);
            assertThat(stray.map(Gap::fret)).as("fret %s", was.fret()).contains(was.fret());
            assertThat(fit.offTheOthers(stray.orElseThrow())).isCloseTo(0.3, within(1e-9));
        }
        assertThat(NeckFit.of(read(neck, 4, 7, 11), STRAIGHT).stray(0.06)).isEmpty();
    }
}
