package org.kestan.following.trajectory;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.ground.geometry.Frets;
import org.kestan.ground.geometry.NeckRotation;
import org.kestan.ground.geometry.ReliefCurve;
import org.kestan.ground.sheet.Sides;

/**
 * The numbers the arithmetic rests on, read from a job, with a default where the sheet allows one. Millimetres.
 *
 * @param frets fret positions
 * @param jointFret J
 * @param actionFret the fret at which the action was read
 * @param heldLow the lower fret held for the relief
 * @param heldHigh the higher one
 * @param reliefReadAt the fret at which the relief gap was read, strictly between the two
 * @param reliefGap relief gap; 0 when not read
 * @param nut string over fret 1, each side
 * @param action string over the action fret, each side
 * @param jointToSaddle D
 * @param fretsOverTop o
 * @param protrusion saddle protrusion each side; empty for a floating bridge
 * @param bridgeThickness bridge thickness at the saddle; empty for a floating bridge
 * @param supportHeight soundboard to saddle crown, mean of the sides
 * @param projectionStrung fret line over the soundboard at the bridge at pitch; empty when not read
 * @param projectionSlack the same with the strings slack; empty when not read
 * @param assumed paths in the job file for which a default stood in
 */
public record Basis(
        Frets frets,
        int jointFret,
        int actionFret,
        int heldLow,
        int heldHigh,
        int reliefReadAt,
        double reliefGap,
        Sides<Double> nut,
        Sides<Double> action,
        double jointToSaddle,
        double fretsOverTop,
        Optional<Sides<Double>> protrusion,
        OptionalDouble bridgeThickness,
        double supportHeight,
        OptionalDouble projectionStrung,
        OptionalDouble projectionSlack,
        List<String> assumed) {

    /** Position of the joint fret, mm from the nut end. */
    public double joint() {
        return frets.at(jointFret);
    }

    /** Position of the saddle, {@code x_s = x_J + D}, mm from the nut end. */
    public double saddle() {
        return joint() + jointToSaddle;
    }

    /** Position of the fret at which the action was read, mm from the nut end. */
    public double actionAt() {
        return frets.at(actionFret);
    }

    /** The rotation geometry of this neck. */
    public NeckRotation rotation() {
        return new NeckRotation(jointToSaddle, fretsOverTop);
    }

    /** The relief curve for a gap read as this sheet's was (§3.2). */
    public ReliefCurve reliefFor(double gap) {
        return ReliefCurve.fromGap(
                gap, frets.at(heldLow), frets.at(heldHigh), frets.at(reliefReadAt), frets.at(1), joint());
    }
}
