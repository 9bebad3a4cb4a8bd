package org.kestan.analysis.uncertainty;

import java.util.function.ToDoubleFunction;

/**
 * A result with its combined standard uncertainty.
 *
 * @param value the result
 * @param standard combined standard uncertainty u_c, in the unit of the result
 * @param contributions {@code |c_i|·u(x_i)} of each input, in the unit of the result
 */
public record Propagation(double value, double standard, double[] contributions) {

    /** Coverage factor of the expanded uncertainty: about 95 % for a normal distribution. */
    public static final double COVERAGE = 2;

    /**
     * Coverage factor for about 95 %: 2 if the result is nearly normal, less if few rectangular inputs make it up,
     * down to 1.65 for a single one (JCGM 100:2008, G.6.5) and 1.90 for two alike (a triangle), with a parabola in
     * between.
     *
     * @param excess excess kurtosis of the result, 0 for normal, −1.2 for rectangular
     */
    public static double coverage(double excess) {
        return COVERAGE + 0.0417 * excess - 0.2083 * excess * excess;
    }

    /**
     * The law of propagation of uncertainty for uncorrelated inputs, JCGM 100:2008 equation (10):
     * {@code u_c² = Σ (∂f/∂x_i)² u²(x_i)}.
     *
     * @param function the measurement model
     * @param inputs best estimates of the inputs
     * @param standard their standard uncertainties, as many, not negative
     * @throws IllegalArgumentException if the counts differ
     */
    public static Propagation of(ToDoubleFunction<double[]> function, double[] inputs, double[] standard) {
        return of(function, inputs, standard, new double[0][]);
    }

    /**
     * The same for correlated inputs, JCGM 100:2008 equation (16):
     * {@code u_c² = Σ Σ c_i c_j u(x_i) u(x_j) r(x_i, x_j)}.
     *
     * <p>Sensitivities are central differences over one standard uncertainty each way (the guide's 5.1.3 note 2).
     *
     * @param correlation correlation coefficients, symmetric with ones on the diagonal; empty for none
     * @throws IllegalArgumentException if the counts differ
     */
    public static Propagation of(
            ToDoubleFunction<double[]> function, double[] inputs, double[] standard, double[][] correlation) {
        int count = inputs.length;
        if (standard.length != count || (correlation.length != 0 && correlation.length != count)) {
            throw new IllegalArgumentException("one uncertainty for each input");
        }
        double[] signed = new double[count];
        for (int i = 0; i < count; i++) {
            if (standard[i] > 0) {
                double[] shifted = inputs.clone();
                shifted[i] = inputs[i] + standard[i];
                double above = function.applyAsDouble(shifted);
                shifted[i] = inputs[i] - standard[i];
                signed[i] = contribution(above, function.applyAsDouble(shifted));
            }
        }
        double combined = combined(signed, correlation);
        double[] sizes = new double[count];
        for (int i = 0; i < count; i++) {
            sizes[i] = Math.abs(signed[i]);
        }
        return new Propagation(function.applyAsDouble(inputs), combined, sizes);
    }

    /** Signed contribution {@code c_i·u(x_i)} of an input, from the results with it one standard uncertainty up and down. */
    static double contribution(double above, double below) {
        return (above - below) / 2;
    }

    /** Combined standard uncertainty of signed contributions; no correlation coefficients if empty. */
    static double combined(double[] signed, double[][] correlation) {
        double sum = 0;
        for (int i = 0; i < signed.length; i++) {
            for (int j = 0; j < signed.length; j++) {
                double r = i == j ? 1 : correlation.length == 0 ? 0 : correlation[i][j];
                sum += signed[i] * signed[j] * r;
            }
        }
        return Math.sqrt(Math.max(0, sum));
    }

    /** Expanded uncertainty, {@code U = 2·u_c}. */
    public double expanded() {
        return COVERAGE * standard;
    }
}
