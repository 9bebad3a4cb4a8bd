package org.kestan.simulator.elastic;

import java.util.function.DoubleUnaryOperator;

/**
 * A slender beam fixed at one end, bent by a moment that may vary along it (Euler and Bernoulli: curvature is the
 * moment divided by the bending stiffness; any textbook of strength of materials). X from the free end, 0, to the
 * fixed one, the length.
 *
 * @param length mm, positive
 * @param stiffness E·I at a place, N·mm², positive
 */
public record Beam(double length, DoubleUnaryOperator stiffness) {

    /** Number of places at which it is computed; odd, for Simpson's rule. */
    public static final int PLACES = 201;

    /** The position of a place, mm from the free end. */
    public double at(int place) {
        return length * place / (PLACES - 1);
    }

    /**
     * How far the beam rises at each place over the tangent at its fixed end: the moment divided by the stiffness,
     * integrated twice.
     *
     * @param moment at each place, N·mm; positive bends the free end upward
     * @return mm, 0 at the held end
     */
    public double[] deflection(double[] moment) {
        double step = length / (PLACES - 1);
        double[] slope = new double[PLACES];
        double[] rise = new double[PLACES];
        // From the fixed end, where both are zero, to the free one; the curvature is taken to vary linearly between
        // places.
        for (int i = PLACES - 2; i >= 0; i--) {
            double here = moment[i] / stiffness.applyAsDouble(at(i));
            double next = moment[i + 1] / stiffness.applyAsDouble(at(i + 1));
            slope[i] = slope[i + 1] + step * (here + next) / 2;
            rise[i] = rise[i + 1] + step * slope[i + 1] + step * step * (2 * next + here) / 6;
        }
        return rise;
    }
}
