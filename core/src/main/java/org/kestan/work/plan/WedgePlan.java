package org.kestan.work.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.following.correction.Extension;
import org.kestan.ground.geometry.Tolerances;

/**
 * The wedge under the extension, mm: nothing at the joint, full at the end, as wide as the fretboard.
 *
 * @param length of the extension
 * @param end thickness at its end; 0 for none
 * @param fallAway of the last fret, with the wedge
 * @param profile its thickness along the way
 */
public record WedgePlan(double length, double end, double fallAway, List<Point> profile) {

    /** Distance between two points of the profile, mm. */
    public static final double STEP = 10;

    /**
     * The wedge at one place.
     *
     * @param at mm past the joint
     * @param thickness mm
     */
    public record Point(double at, double thickness) {}

    /** Takes an unmodifiable copy. */
    public WedgePlan {
        profile = List.copyOf(profile);
    }

    /** Reads it out of a plan; empty when the neck stays or the extension was not read. */
    static Optional<WedgePlan> of(WorkPlan plan) {
        return plan.extension().map(WedgePlan::of);
    }

    private static WedgePlan of(Extension extension) {
        double end = extension.wedge();
        List<Point> profile = new ArrayList<>();
        for (int i = 0; i * STEP < extension.length() - Tolerances.ARITHMETIC; i++) {
            profile.add(new Point(i * STEP, end * i * STEP / extension.length()));
        }
        profile.add(new Point(extension.length(), end));
        return new WedgePlan(extension.length(), end, extension.fallAwayAfter() - end, profile);
    }
}
