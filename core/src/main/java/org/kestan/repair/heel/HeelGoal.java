package org.kestan.repair.heel;

import java.util.Optional;
import org.kestan.analysis.correction.Correction;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Straightedge;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;

/**
 * Where the fitting has to end, and what taking wood off the cheeks changes. Projections are slack, at the saddle
 * under the outer strings (§3.4).
 *
 * @param target projection to end with, mm over the top
 * @param pitch neck pitch then
 * @param turn how far the neck has to be turned in all, positive = set back
 * @param height H, mm
 * @param jointToSaddle D, mm
 * @param fretsOverTop o, mm
 * @param widths of the heel; without them the drift is unknown
 * @param drift where the neck points at the bridge before, mm, toward the treble positive
 * @param straightedge how the straightedge reads
 */
public record HeelGoal(
        double target,
        Angle pitch,
        Angle turn,
        double height,
        double jointToSaddle,
        double fretsOverTop,
        Optional<HeelCut.Widths> widths,
        double drift,
        Straightedge straightedge) {

    /** The goal of a correction; empty if the heel's height was not read. */
    public static Optional<HeelGoal> of(Correction plan, Job job) {
        return plan.heel().map(heel -> {
            double o = plan.planned().basis().fretsOverTop();
            double distance = plan.planned().basis().jointToSaddle();
            double offset = heel.widths().isPresent() ? heel.yaw().radians() * distance : 0;
            double sign = job.visit().driftSide().orElse(Side.TREBLE) == Side.TREBLE ? 1 : -1;
            return new HeelGoal(
                    plan.targetSlack(),
                    Angle.ofRadians(Math.atan((plan.targetSlack() - o) / distance)),
                    plan.angle(),
                    heel.height(),
                    distance,
                    o,
                    heel.widths(),
                    sign * offset,
                    plan.planned().basis().straightedge());
        });
    }

    /** The slack projection with a given turn still to go, radians. */
    double projection(double left) {
        return fretsOverTop + jointToSaddle * Math.tan(pitch.radians() - left);
    }

    /** How much of the turn is still to go at a slack projection, radians. */
    double left(double projection) {
        return pitch.radians() - Math.atan((projection - fretsOverTop) / jointToSaddle);
    }

    /** The wood removed at the cap between two slack projections as read, mm. */
    public double capFor(double from, double to) {
        return height * Math.tan(left(straightedge.atSaddle(from)) - left(straightedge.atSaddle(to)));
    }

    /**
     * What has to come off a cheek at the cap to correct a turn and a drift (§3.8, §3.9), mm.
     *
     * @param turn radians
     * @param drift mm at the bridge, toward the treble positive
     */
    double cap(Side cheek, double turn, double drift) {
        double center = height * Math.tan(turn);
        if (widths.isEmpty()) {
            return center;
        }
        double yaw = Math.abs(drift) / jointToSaddle;
        boolean driftSide = cheek == (drift > 0 ? Side.TREBLE : Side.BASS);
        double top = widths.get().top();
        double cap = widths.get().cap();
        return center + yaw * (driftSide ? top + cap : top - cap) / 2;
    }

    /**
     * How far the drift moves toward the bass when more wood comes off the treble cheek than off the bass cheek, mm.
     */
    double driftBy(double trebleLessBass) {
        return widths.isPresent()
                ? jointToSaddle * trebleLessBass / widths.get().cap()
                : 0;
    }

    /** How far the neck turns for wood off both cheeks at the cap, radians; the heel moves in with the yaw (§3.9). */
    double turnBy(double bass, double treble) {
        double mean = (bass + treble) / 2;
        double movesIn = widths.isPresent()
                ? Math.abs(treble - bass) / widths.get().cap() * widths.get().top() / 2
                : 0;
        return Math.atan((mean - movesIn) / height);
    }
}
