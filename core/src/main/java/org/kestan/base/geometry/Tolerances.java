package org.kestan.base.geometry;

/** The tolerances of the core, in one place; those of a shop are in its standards. Millimeters. */
public final class Tolerances {

    /** Below this, two computed lengths differ by the machine's arithmetic alone. */
    public static final double ARITHMETIC = 1e-9;

    /** A nanometer: two set-ups that differ by less are one. */
    public static final double SAME = 1e-6;

    /** Half of the last digit shown in millimeters: a lesser length is shown as nothing. */
    public static final double SHOWN = 0.005;

    /** A thousandth of an inch, the step between feeler leaves: no hand changes relief, nut or bridge by less. */
    public static final double LEAF = 0.0254;

    private Tolerances() {}
}
