package org.kestan.analysis.setup;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;

/**
 * Something under the strings between joint and saddle: a pickup, a rim (§3.19). Millimeters.
 *
 * @param height over the top
 * @param distance from the joint, greater than 0, less than to the saddle
 */
public record Obstacle(double height, double distance) {

    /** Reads it from a job; empty if there is none, or it was not read completely. */
    public static Optional<Obstacle> of(Job job, Optional<Setup> measured) {
        OptionalDouble height = job.millimeters(Reading.OBSTACLE_HEIGHT);
        double distance = job.millimeters(Reading.OBSTACLE_DISTANCE).orElse(0);
        boolean under = distance > 0
                && measured.filter(setup -> distance < setup.basis().jointToSaddle())
                        .isPresent();
        return height.isPresent() && under
                ? Optional.of(new Obstacle(height.getAsDouble(), distance))
                : Optional.empty();
    }

    /** The clearance to the fret line; negative if the obstacle is higher. */
    public double underFretLine(Setup setup) {
        return fretLine(setup) - height;
    }

    /** The clearance to the lowest string; negative if the obstacle is in the way. */
    public double underStrings(Setup setup) {
        double at = setup.basis().joint() + distance;
        return fretLine(setup)
                + Stream.of(Side.values())
                        .mapToDouble(side -> setup.strings().get(side).heightAt(at))
                        .min()
                        .orElseThrow(Expect.present("at least one"))
                - height;
    }

    private double fretLine(Setup setup) {
        double over = setup.basis().fretsOverTop();
        return over + (setup.projection() - over) * distance / setup.basis().jointToSaddle();
    }

    /** How far the neck has to be turned for the fret line to clear it; zero if it does. */
    public Angle leastRotation(Setup setup) {
        double needed = Math.atan((height - setup.basis().fretsOverTop()) / distance);
        return Angle.ofRadians(Math.max(0, needed - setup.steepness().radians()));
    }
}
