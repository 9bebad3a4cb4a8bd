package org.kestan.simulator.elastic;

import java.util.function.DoubleUnaryOperator;

/**
 * A slender beam held at one end, bent by a moment that may change along it (Euler and Bernoulli: curvature is the moment over
 * the bending stiffness; any textbook of strength of materials). X from the free end, 0, to the held one, the length.
 *
 * @param length mm, positive
 * @param stiffness E·I at a place, N·mm², positive
 */
public record Beam(double length, DoubleUnaryOperator stiffness) {

    /** Places at which it is worked out; odd, for Simpson's rule. */
    public static final int PLACES = 201;

    /** Where a place lies, mm from the free end. */
    public double at(int place) {
        return length * place / (PLACES - 1);
    }

    /**
     * How far the beam rises at each place over the tangent at its held end: the moment over the stiffness, integrated twice.
     *
     * @param moment at each place, N·mm; positive bends the free end upward
     * @return mm, 0 at the held end
     */
    public double[] deflection(double[] moment) {
        double step = length / (PLACES - 1);
        double[] slope = new double[PLACES];
        double[] rise = new double[PLACES];
        // From the held end, where both are nothing, to the free one; the curvature is taken to change evenly between
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
