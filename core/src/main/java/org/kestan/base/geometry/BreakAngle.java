package org.kestan.base.geometry;

/** How sharply the string bends over the saddle (§3.14): the angle behind it plus the angle in front. */
public final class BreakAngle {

    private BreakAngle() {}

    /**
     * Behind a pin bridge: {@code atan((protrusion + ramp)/pin distance)}.
     *
     * @param protrusion saddle out of the bridge, mm
     * @param ramp depth of the string ramp at the pin hole below the bridge's top, mm
     * @param pinDistance saddle crown to where the string enters, mm, positive
     */
    public static Angle behindPins(double protrusion, double ramp, double pinDistance) {
        return Angle.atan2(protrusion + ramp, pinDistance);
    }

    /**
     * Behind a floating bridge: {@code atan((bridge height − tailpiece height)/distance)}.
     *
     * @param bridgeHeight top to saddle crown, mm
     * @param tailpieceHeight top to the string at the tailpiece, mm
     * @param distance bridge to tailpiece along the top, mm, positive
     */
    public static Angle behindTailpiece(double bridgeHeight, double tailpieceHeight, double distance) {
        return Angle.atan2(bridgeHeight - tailpieceHeight, distance);
    }

    /**
     * In front of the saddle: how steeply the string climbs over the top from joint to saddle.
     *
     * @param overTopAtSaddle string over the top at the saddle, mm
     * @param overTopAtJoint string over the top at the joint, mm
     * @param jointToSaddle D, mm, positive
     */
    public static Angle inFront(double overTopAtSaddle, double overTopAtJoint, double jointToSaddle) {
        return Angle.atan2(overTopAtSaddle - overTopAtJoint, jointToSaddle);
    }
}
