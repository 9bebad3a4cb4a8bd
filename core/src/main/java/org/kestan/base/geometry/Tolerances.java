package org.kestan.base.geometry;

/** The tolerances of the core, in one place; those of a shop are in its standards. Millimeters. */
public final class Tolerances {

    /** Below this, two computed lengths differ by the machine's arithmetic alone. */
    public static final double ARITHMETIC = 1e-9;

    /** A nanometer: two setups that differ by less are the same. */
    public static final double SAME = 1e-6;

    /** Half of the last digit shown in millimeters: a smaller length is shown as zero. */
    public static final double SHOWN = 0.005;

    /** A thousandth of an inch, the step between feeler leaves: nobody changes relief, nut or bridge by less. */
    public static final double LEAF = 0.0254;

    private Tolerances() {}
}
