package org.kestan.base.geometry;

/**
 * An angle. Immutable; computed in radians, shown to people and in files in degrees.
 *
 * @param radians the angle in radians, positive where a neck is set back
 */
public record Angle(double radians) implements Comparable<Angle> {

    /** No angle at all. */
    public static final Angle ZERO = new Angle(0);

    /** Returns an angle given in radians. */
    public static Angle ofRadians(double radians) {
        return new Angle(radians);
    }

    /** Returns an angle given in degrees. */
    public static Angle ofDegrees(double degrees) {
        return new Angle(Math.toRadians(degrees));
    }

    /** Returns the angle whose tangent is y/x, from −π to π. */
    public static Angle atan2(double y, double x) {
        return new Angle(Math.atan2(y, x));
    }

    /** Returns the angle in degrees. */
    public double degrees() {
        return Math.toDegrees(radians);
    }

    /** Returns the tangent. */
    public double tan() {
        return Math.tan(radians);
    }

    /** Returns the sine. */
    public double sin() {
        return Math.sin(radians);
    }

    /** Returns the sum with another angle. */
    public Angle plus(Angle other) {
        return new Angle(radians + other.radians);
    }

    /** Returns the difference from another angle. */
    public Angle minus(Angle other) {
        return new Angle(radians - other.radians);
    }

    /** Returns the same angle in the opposite direction. */
    public Angle negated() {
        return new Angle(-radians);
    }

    /** Returns the absolute value of the angle. */
    public Angle abs() {
        return new Angle(Math.abs(radians));
    }

    /** Returns the lesser of two angles. */
    public static Angle min(Angle one, Angle other) {
        return one.radians <= other.radians ? one : other;
    }

    @Override
    public int compareTo(Angle other) {
        return Double.compare(radians, other.radians);
    }
}
