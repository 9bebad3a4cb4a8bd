package org.kestan.base.geometry;

/**
 * How a straightedge along the frets reads at the bridge, compared with the fret line under the outer strings at the
 * saddle (§3.4). Millimeters.
 *
 * @param middleOverEdge c, how much higher it reads than under the outer strings; 0 if it lies under one of them
 * @param bridgeFront b, from where the caliper stands to the saddle; less than D
 * @param jointToSaddle D, joint to saddle along the top
 * @param fretsOverTop o, frets over the top at the joint
 * @param tooHigh how much higher at the saddle it was found to read than the fret line that is worked from; negative for lower
 */
public record Straightedge(
        double middleOverEdge, double bridgeFront, double jointToSaddle, double fretsOverTop, double tooHigh) {

    /**
     * @throws IllegalArgumentException if the caliper does not stand between joint and saddle
     */
    public Straightedge {
        if (!(bridgeFront < jointToSaddle)) {
            throw new IllegalArgumentException("the bridge's front edge lies past the joint");
        }
    }

    /** The same, if it turned out to read higher at the saddle than the fret line in use, by mm. */
    public Straightedge tooHighBy(double by) {
        return new Straightedge(middleOverEdge, bridgeFront, jointToSaddle, fretsOverTop, by);
    }

    /** The same with the frets at another height over the top at the joint, mm. */
    public Straightedge over(double frets) {
        return new Straightedge(middleOverEdge, bridgeFront, jointToSaddle, frets, tooHigh);
    }

    /** The fret line under the outer strings at the saddle: {@code o + (reading − c − o)·D/(D − b)}, mm over the top. */
    public double atSaddle(double reading) {
        return fretsOverTop
                + (reading - middleOverEdge - fretsOverTop) * jointToSaddle / (jointToSaddle - bridgeFront)
                - tooHigh;
    }

    /** What the straightedge reads for a fret line at the saddle, mm over the top: the inverse of {@link #atSaddle}. */
    public double asRead(double atSaddle) {
        return middleOverEdge
                + fretsOverTop
                + (atSaddle + tooHigh - fretsOverTop) * (jointToSaddle - bridgeFront) / jointToSaddle;
    }
}
