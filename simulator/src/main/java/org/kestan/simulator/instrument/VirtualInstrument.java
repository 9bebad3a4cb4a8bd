package org.kestan.simulator.instrument;

import java.util.List;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Family;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Joint;

/**
 * An elastic instrument. Millimeters, newtons; X from the nut along the strings, Z over the soundboard at the joint.
 *
 * @param family its family
 * @param joint how the neck is joined
 * @param frets fret positions
 * @param jointFret the fret at the body joint
 * @param lastFret the last fret
 * @param neck the neck
 * @param body the body
 * @param bridge bridge, saddle, and where the strings end
 * @param nut how high the strings lie in the nut over the fret plane, outer strings
 * @param crowns how much each fret stands over the plane of the frets, from the first; worn ones below it
 * @param strings from the lowest
 * @param heel the heel
 */
public record VirtualInstrument(
        Family family,
        Joint joint,
        Frets frets,
        int jointFret,
        int lastFret,
        NeckMake neck,
        BodyMake body,
        BridgeMake bridge,
        Sides<Double> nut,
        List<Double> crowns,
        List<StringSpec> strings,
        HeelMake heel) {

    /**
     * The neck without strings.
     *
     * @param modulus along the grain, N/mm²
     * @param widthNut at the nut
     * @param widthJoint at the joint
     * @param depthNut of neck and board together at the nut
     * @param depthJoint at the joint
     * @param pitch angle of the fret plane against the soundboard, radians, positive = set back
     * @param bow how far its middle lies under the straight line from nut to joint; negative for a back-bow
     * @param hump how high it stands before the joint
     * @param twist how much higher the bass edge lies at the nut than the treble edge
     * @param rod moment of the truss rod against the strings, N·mm; 0 for none or a slack one
     * @param fall how much the extension falls away from the fret plane, for each mm
     * @param radius of the board across the strings; 0 for a flat one
     */
    public record NeckMake(
            double modulus,
            double widthNut,
            double widthJoint,
            double depthNut,
            double depthJoint,
            double pitch,
            double bow,
            double hump,
            double twist,
            double rod,
            double fall,
            double radius) {}

    /**
     * The body.
     *
     * @param fretsOverTop height of the fret plane over the soundboard at the joint
     * @param block how far the neck block turns under the strings, radians for each N·mm
     * @param top how far the top rises at the saddle under a pin bridge, mm for each N·mm; how far it sinks under a floating one,
     *     mm for each N
     * @param swell how far the top stands higher than at the humidity of the shop; negative where it is dry
     * @param loosened how many times as far block and top give way, a brace being loose; 1 for a sound body
     */
    public record BodyMake(double fretsOverTop, double block, double top, double swell, double loosened) {}

    /**
     * The bridge.
     *
     * @param floating whether it stands free on its feet
     * @param jointToSaddle from the joint to the saddle
     * @param thickness of a pin bridge; the height to the crown for a floating one
     * @param protrusion of the saddle under the outer strings; 0 for a floating bridge
     * @param endDistance from the saddle to the pins or the tailpiece
     * @param endHeight of the strings over the top there
     * @param spread between the outer strings
     * @param lift how far the back edge of a pin bridge gapes under the strings; 0 for one that is glued all over
     */
    public record BridgeMake(
            boolean floating,
            double jointToSaddle,
            double thickness,
            Sides<Double> protrusion,
            double endDistance,
            double endHeight,
            double spread,
            double lift) {}

    /**
     * The heel.
     *
     * @param height from the soundboard to the cap
     * @param widthTop at the top
     * @param widthCap at the cap
     * @param drift how far the neck points aside at the saddle, toward the treble positive
     * @param roll how much higher the bass edge of the board lies than the treble edge, all along
     */
    public record HeelMake(double height, double widthTop, double widthCap, double drift, double roll) {}

    /** Takes unmodifiable copies. */
    public VirtualInstrument {
        crowns = List.copyOf(crowns);
        strings = List.copyOf(strings);
    }

    /** Returns the instrument with its neck set at another angle, radians. */
    public VirtualInstrument withPitch(double pitch) {
        return withNeck(pitch, neck.bow, neck.rod);
    }

    /** Returns the instrument with its board planed to be farther below the straight line, mm. */
    public VirtualInstrument bowedBy(double further) {
        return withNeck(neck.pitch, neck.bow + further, neck.rod);
    }

    /** Returns the instrument with the rod turned, which bends the neck back against the strings, N·mm. */
    public VirtualInstrument withRod(double moment) {
        return withNeck(neck.pitch, neck.bow, moment);
    }

    /** Returns the instrument with the end of its board falling away differently, per mm of its length. */
    public VirtualInstrument withFall(double fall) {
        return withNeck(neck.pitch, neck.bow, neck.rod, fall);
    }

    private VirtualInstrument withNeck(double pitch, double bow, double rod) {
        return withNeck(pitch, bow, rod, neck.fall);
    }

    private VirtualInstrument withNeck(double pitch, double bow, double rod, double fall) {
        NeckMake set = new NeckMake(
                neck.modulus,
                neck.widthNut,
                neck.widthJoint,
                neck.depthNut,
                neck.depthJoint,
                pitch,
                bow,
                neck.hump,
                neck.twist,
                rod,
                fall,
                neck.radius);
        return new VirtualInstrument(
                family, joint, frets, jointFret, lastFret, set, body, bridge, nut, crowns, strings, heel);
    }

    /** Returns the instrument with another nut. */
    public VirtualInstrument withNut(Sides<Double> slots) {
        return new VirtualInstrument(
                family, joint, frets, jointFret, lastFret, neck, body, bridge, slots, crowns, strings, heel);
    }

    /**
     * Returns the instrument with another bridge and saddle; the strings end as far below the bridge's top as before.
     */
    public VirtualInstrument withBridge(double thickness, Sides<Double> protrusion) {
        return with(new BridgeMake(
                bridge.floating,
                bridge.jointToSaddle,
                thickness,
                protrusion,
                bridge.endDistance,
                bridge.floating ? bridge.endHeight : bridge.endHeight + thickness - bridge.thickness,
                bridge.spread,
                bridge.lift));
    }

    /** Returns the instrument with its bridge gaping at the back, mm. */
    public VirtualInstrument withLift(double lift) {
        return with(new BridgeMake(
                bridge.floating,
                bridge.jointToSaddle,
                bridge.thickness,
                bridge.protrusion,
                bridge.endDistance,
                bridge.endHeight,
                bridge.spread,
                lift));
    }

    /**
     * Returns the instrument with its strings ending at another height over the top, mm: in ramped pin holes, or at
     * another tailpiece.
     */
    public VirtualInstrument withEndHeight(double height) {
        return with(new BridgeMake(
                bridge.floating,
                bridge.jointToSaddle,
                bridge.thickness,
                bridge.protrusion,
                bridge.endDistance,
                height,
                bridge.spread,
                bridge.lift));
    }

    private VirtualInstrument with(BridgeMake made) {
        return new VirtualInstrument(
                family, joint, frets, jointFret, lastFret, neck, body, made, nut, crowns, strings, heel);
    }

    /** Returns the instrument with its body giving more, as a multiple of a sound one. */
    public VirtualInstrument withLoosened(double loosened) {
        return with(new BodyMake(body.fretsOverTop, body.block, body.top, body.swell, loosened));
    }

    private VirtualInstrument with(BodyMake made) {
        return new VirtualInstrument(
                family, joint, frets, jointFret, lastFret, neck, made, bridge, nut, crowns, strings, heel);
    }

    /** Returns the instrument with its top giving more, as a multiple. */
    public VirtualInstrument withTopGiving(double times) {
        return with(new BodyMake(body.fretsOverTop, body.block, body.top * times, body.swell, body.loosened));
    }

    /** Returns the instrument with a bolted neck. */
    public VirtualInstrument bolted() {
        return new VirtualInstrument(
                family, Joint.MORTISE_BOLT, frets, jointFret, lastFret, neck, body, bridge, nut, crowns, strings, heel);
    }

    /** Returns the instrument with other strings. */
    public VirtualInstrument withStrings(List<StringSpec> others) {
        return new VirtualInstrument(
                family, joint, frets, jointFret, lastFret, neck, body, bridge, nut, crowns, others, heel);
    }

    /** Returns the instrument with its neck pointing elsewhere, mm at the saddle toward the treble. */
    public VirtualInstrument withDrift(double drift) {
        HeelMake set = new HeelMake(heel.height, heel.widthTop, heel.widthCap, drift, heel.roll);
        return new VirtualInstrument(
                family, joint, frets, jointFret, lastFret, neck, body, bridge, nut, crowns, strings, set);
    }

    /** Returns the instrument with its crowns at other heights over the fret plane. */
    public VirtualInstrument withCrowns(List<Double> heights) {
        return new VirtualInstrument(
                family, joint, frets, jointFret, lastFret, neck, body, bridge, nut, heights, strings, heel);
    }

    /** Returns the instrument with its top away from its place at the shop's humidity, mm. */
    public VirtualInstrument withSwell(double swell) {
        return with(new BodyMake(body.fretsOverTop, body.block, body.top, swell, body.loosened));
    }

    /** Position of the joint. */
    public double jointAt() {
        return frets.at(jointFret);
    }

    /** Position of the saddle. */
    public double saddleAt() {
        return jointAt() + bridge.jointToSaddle();
    }

    /** How far the crown of a fret is above the fret plane. */
    public double crown(int fret) {
        return crowns.get(fret - 1);
    }
}
