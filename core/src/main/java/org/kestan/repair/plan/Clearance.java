package org.kestan.repair.plan;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;

/**
 * What an obstacle under the strings leaves free (§3.19), mm; negative where it is in the way.
 *
 * @param fretLineBefore under the fret line now
 * @param fretLineAfter under the fret line afterward
 * @param stringBefore under the lowest string now
 * @param stringAfter under the lowest string afterward
 * @param leastRotation how far the neck has to be turned from now on for the fret line to clear it; none when it does
 */
public record Clearance(
        double fretLineBefore, double fretLineAfter, double stringBefore, double stringAfter, Angle leastRotation) {

    /** Reads it out of a plan; empty when there is no obstacle, or nothing is planned. */
    static Optional<Clearance> of(WorkPlan plan) {
        OptionalDouble height = plan.job().millimeters(Reading.OBSTACLE_HEIGHT);
        OptionalDouble distance = plan.job().millimeters(Reading.OBSTACLE_DISTANCE);
        if (height.isEmpty()
                || distance.orElse(0) <= 0
                || plan.planned().isEmpty()
                || distance.getAsDouble()
                        >= plan.measured()
                                .orElseThrow(Expect.present("measured setup"))
                                .basis()
                                .jointToSaddle()) {
            return Optional.empty();
        }
        return Optional.of(of(
                plan.measured().orElseThrow(Expect.present("measured setup")),
                plan.planned().get(),
                height.getAsDouble(),
                distance.getAsDouble()));
    }

    private static Clearance of(Setup before, Setup after, double height, double distance) {
        double needed = Math.atan((height - before.basis().fretsOverTop()) / distance);
        return new Clearance(
                fretLine(before, distance) - height,
                fretLine(after, distance) - height,
                lowestString(before, distance) - height,
                lowestString(after, distance) - height,
                Angle.ofRadians(Math.max(0, needed - before.steepness().radians())));
    }

    private static double fretLine(Setup setup, double distance) {
        double over = setup.basis().fretsOverTop();
        return over + (setup.projection() - over) * distance / setup.basis().jointToSaddle();
    }

    private static double lowestString(Setup setup, double distance) {
        double at = setup.basis().joint() + distance;
        return fretLine(setup, distance)
                + Stream.of(Side.values())
                        .mapToDouble(side -> setup.strings().get(side).heightAt(at))
                        .min()
                        .orElseThrow(Expect.present("at least one"));
    }
}
