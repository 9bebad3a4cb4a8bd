package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.kestan.analysis.loads.StringPlaces;
import org.kestan.base.sheet.Sides;

/**
 * The crown of a saddle: the fretboard's radius extended to it, so that every string has the same relation to the
 * frets as the outer ones.
 *
 * @param radius of the crown, mm; infinite for a flat board
 * @param strings each string from the bass side; those of a course stand close together
 */
public record Crown(double radius, List<Point> strings) {

    /**
     * The place of a string on the crown.
     *
     * @param string its number, counted from the treble as players do
     * @param across from the middle of the saddle toward the treble side, mm
     * @param height of the crown out of the bridge, mm
     * @param groove depth of the string's groove, mm; empty if its gauge is not known
     */
    public record Point(int string, double across, double height, OptionalDouble groove) {}

    /** Takes an unmodifiable copy. */
    public Crown {
        strings = List.copyOf(strings);
    }

    /**
     * Places strings on a crown. A string at z from the middle is above the chord of the outer two by the height of
     * the circle there: {@code √(R² − z²) − √(R² − (S/2)²)} (circular segments, <i>Machinery's Handbook</i>).
     *
     * @param radius R, mm
     * @param outer height of the outer strings out of the bridge, each side, mm
     * @param places where the strings lie across; the outer ones S apart, at most 2R
     * @param grooves groove depth of each string from the bass side, mm; empty if not known
     * @throws IllegalArgumentException if there are fewer than two strings or the circle does not reach the outer ones
     */
    public static Crown of(double radius, Sides<Double> outer, StringPlaces places, List<OptionalDouble> grooves) {
        int count = grooves.size();
        double first = places.across().get(0);
        double spread = places.across().get(count - 1) - first;
        double half = spread / 2;
        if (count < 2 || radius < half) {
            throw new IllegalArgumentException("two strings at least, on a circle that reaches them");
        }
        List<Point> points = new ArrayList<>();
        boolean flat = Double.isInfinite(radius);
        double low = flat ? 0 : Math.sqrt(radius * radius - half * half);
        for (int i = 0; i < count; i++) {
            double across = places.across().get(i);
            double share = (across - first) / spread;
            double chord = outer.bass() + (outer.treble() - outer.bass()) * share;
            double rise = flat ? 0 : Math.sqrt(radius * radius - across * across) - low;
            points.add(new Point(count - i, across, chord + rise, grooves.get(i)));
        }
        return new Crown(radius, points);
    }
}
