package org.kestan.base.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The wood to take off the heel's cheeks for a neck rotation and a side drift (§3.8, §3.9).
 *
 * <p>Values are thicknesses in mm measured along the neck; positive is wood to remove, negative would have to be added.
 *
 * @param height H, heel height from the pivot down to the cap, mm, positive
 * @param angle θ, neck rotation, positive = set back
 * @param ruleOfThumb H × saddle drop / D, mm: the sum done at the bench, for comparison
 * @param yaw ψ, side drift divided by D, not negative
 * @param widths heel widths, when they were measured; without them the drift can't be told apart by cheek
 */
public record HeelCut(double height, Angle angle, double ruleOfThumb, Angle yaw, Optional<Widths> widths) {

    /** Depth between two stations down the cheek, mm. */
    public static final double STATION = 5;

    /**
     * Heel widths, mm.
     *
     * @param top at the pivot
     * @param cap at the heel cap
     */
    public record Widths(double top, double cap) {

        /** Width at a fraction of the depth, linear from top (0) to cap (1). */
        double at(double fraction) {
            return top + (cap - top) * fraction;
        }
    }

    /**
     * How much comes off each cheek at one depth.
     *
     * @param depth mm below the pivot
     * @param driftSide mm off the cheek on the side toward which the center line lands
     * @param otherSide mm off the other cheek
     */
    public record Cheeks(double depth, double driftSide, double otherSide) {}

    /** Thickness at the center of the cheek, {@code t(y) = y·tan θ}, in mm. */
    public double centerAt(double depth) {
        return depth * angle.tan();
    }

    /** Thickness at the center of the heel cap, {@code H·tan θ}, in mm. */
    public double atCap() {
        return centerAt(height);
    }

    /**
     * Both cheeks at a depth: {@code t(y) + ψ·(w_top + w(y))/2} on the drift side,
     * {@code t(y) + ψ·(w_top − w(y))/2} on the other. The drift-side cheek turns about the far corner of the pivot.
     *
     * @param depth mm below the pivot, 0 to H
     * @return equal cheeks when the widths are not known
     */
    public Cheeks cheeksAt(double depth) {
        double center = centerAt(depth);
        if (widths.isEmpty()) {
            return new Cheeks(depth, center, center);
        }
        double top = widths.get().top();
        double here = widths.get().at(depth / height);
        return new Cheeks(depth, center + yaw.radians() * (top + here) / 2, center + yaw.radians() * (top - here) / 2);
    }

    /** Both cheeks from the pivot to the cap every {@value #STATION} mm, always including the cap. */
    public List<Cheeks> stations() {
        List<Cheeks> stations = new ArrayList<>();
        for (int i = 0; i * STATION < height - Tolerances.ARITHMETIC; i++) {
            stations.add(cheeksAt(i * STATION));
        }
        stations.add(cheeksAt(height));
        return List.copyOf(stations);
    }
}
