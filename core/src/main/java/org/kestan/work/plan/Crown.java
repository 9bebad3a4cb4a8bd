package org.kestan.work.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.kestan.ground.sheet.Sides;

/**
 * The crown of a saddle: the fretboard's radius carried on to it, so that every string stands over the frets as the outer
 * ones do.
 *
 * @param radius of the crown, mm
 * @param strings each string from the bass side
 */
public record Crown(double radius, List<Point> strings) {

    /**
     * Where a string lies on the crown.
     *
     * @param string number from the bass side, from 1
     * @param across from the middle of the saddle toward the treble side, mm
     * @param height of the crown out of the bridge, mm
     * @param groove depth of the string's groove, mm; empty when its gauge is not known
     */
    public record Point(int string, double across, double height, OptionalDouble groove) {}

    /** Takes an unmodifiable copy. */
    public Crown {
        strings = List.copyOf(strings);
    }

    /**
     * The radius at a place on a fretboard that is a cone: linear from one end to the other, and carried on.
     *
     * @param nut radius at the nut end, mm
     * @param body radius at the body end, mm
     * @param end position of the body end, mm from the nut end, positive
     * @param at the place, mm from the nut end
     */
    public static double radiusAt(double nut, double body, double end, double at) {
        return nut + (body - nut) * at / end;
    }

    /**
     * Lays strings over a crown. A string at z from the middle stands, over the chord of the outer two, as high as the circle
     * there: {@code √(R² − z²) − √(R² − (S/2)²)} (circular segments, <i>Machinery's Handbook</i>).
     *
     * @param radius R, mm
     * @param outer height of the outer strings out of the bridge, each side, mm
     * @param spread S, outer to outer string at the saddle, mm, at most 2R
     * @param grooves groove depth of each string from the bass side, mm; empty where not known
     * @throws IllegalArgumentException if there are fewer than two strings or the circle does not reach the outer ones
     */
    public static Crown of(double radius, Sides<Double> outer, double spread, List<OptionalDouble> grooves) {
        int count = grooves.size();
        double half = spread / 2;
        if (count < 2 || radius < half) {
            throw new IllegalArgumentException("two strings at least, on a circle that reaches them");
        }
        List<Point> points = new ArrayList<>();
        double low = Math.sqrt(radius * radius - half * half);
        for (int i = 0; i < count; i++) {
            double share = (double) i / (count - 1);
            double across = -half + spread * share;
            double chord = outer.bass() + (outer.treble() - outer.bass()) * share;
            double rise = Math.sqrt(radius * radius - across * across) - low;
            points.add(new Point(i + 1, across, chord + rise, grooves.get(i)));
        }
        return new Crown(radius, points);
    }
}
