package org.kestan.analysis.neck;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.geometry.NeckCurve;

/** The name for the shape of a neck. */
public enum NeckFinding implements Finding.Kind {
    STRAIGHT,
    BOW(Distance.class),
    BACK_BOW(Distance.class),
    HUMP_AT_JOINT(Distance.class),
    S_SHAPED(Distance.class, Distance.class),
    FALLS_AWAY(Distance.class),
    RISES(Distance.class),
    TWISTED(Distance.class);

    private final List<Class<?>> takes;

    NeckFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }

    /** From this part of the way to the joint on, a neck that rises above its line, or hardly dips, has a hump. */
    private static final double LATE = 0.6;

    private static final double TOWARD_JOINT = 0.8;

    /** An even bow still has 0.64 of its depth there. */
    private static final double HARDLY = 0.35;

    private static final int STEPS = 40;

    /**
     * The least deviation for a shape to be named, mm.
     *
     * @param even a curve closer to its line than this counts as straight
     * @param twist sides that differ by more than this count as twisted
     * @param fallsAway an extension that falls by more than this counts as falling away
     * @param rises an extension that rises by more than this counts as rising
     */
    public record Limits(double even, double twist, double fallsAway, double rises) {}

    /**
     * Names the shape of a neck.
     *
     * @param fallAway how far the last fret lies below the fret line, mm; 0 if it was not read
     */
    public static List<Finding> of(NeckProfile profile, double fallAway, Limits limits) {
        List<Finding> said = new ArrayList<>();
        said.add(curve(profile.neck().middle(), limits.even()));
        if (profile.bothSides() && profile.twist() > limits.twist()) {
            said.add(TWISTED.of(Quantity.fine(profile.twist())));
        }
        if (fallAway > limits.fallsAway()) {
            said.add(FALLS_AWAY.of(Quantity.fine(fallAway)));
        } else if (-fallAway > limits.rises()) {
            said.add(RISES.of(Quantity.fine(-fallAway)));
        }
        return said;
    }

    private static Finding curve(NeckCurve curve, double even) {
        double dips = 0;
        double rises = 0;
        double highest = 0;
        for (int i = 1; i < STEPS; i++) {
            double share = (double) i / STEPS;
            double dip = curve.dipAt(curve.from() + share * (curve.to() - curve.from()));
            dips = Math.max(dips, dip);
            if (-dip > rises) {
                rises = -dip;
                highest = share;
            }
        }
        double late = curve.dipAt(curve.from() + TOWARD_JOINT * (curve.to() - curve.from()));
        if (dips < even && rises < even) {
            return STRAIGHT.of();
        }
        if (rises < even) {
            return late < HARDLY * dips ? HUMP_AT_JOINT.of(Quantity.fine(dips)) : BOW.of(Quantity.fine(dips));
        }
        if (dips < even) {
            return BACK_BOW.of(Quantity.fine(rises));
        }
        return highest > LATE && rises < LATE * dips
                ? HUMP_AT_JOINT.of(Quantity.fine(dips))
                : S_SHAPED.of(Quantity.fine(dips), Quantity.fine(rises));
    }
}
