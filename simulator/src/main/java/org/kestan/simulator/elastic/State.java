package org.kestan.simulator.elastic;

import org.kestan.base.sheet.Side;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * The shape of an instrument in equilibrium, to the micrometer: Z over the soundboard at the joint.
 *
 * @param instrument which
 * @param rise how far the neck is bent up at each place of its {@link Beam}, over the tangent at the joint
 * @param turned how far the neck block turned forward, radians
 * @param topRise how far the top rose at the saddle; negative where it sank
 * @param tension pull of all strings, N; 0 with none on
 * @param residual how far the last step of the search changed the moment at the joint, N·mm
 */
public record State(
        VirtualInstrument instrument, double[] rise, double turned, double topRise, double tension, double residual) {

    private static final double BEFORE_JOINT = 0.85;

    /** A bridge that gaps at the back stands on its front edge; the saddle is raised by this share of the gap. */
    private static final double SADDLE_OF_LIFT = 0.3;

    /** From the outer strings to the edges of the board at the nut, both together, mm. */
    private static final double BESIDE_STRINGS = 7;

    /** Angle of the fret plane to the soundboard at the joint, radians, positive = set back. */
    public double pitch() {
        return instrument.neck().pitch() - turned;
    }

    /**
     * How many half steps its strings are below pitch, from their pull: by Mersenne's law it varies with the square of
     * the pitch.
     */
    public double halfStepsDown() {
        double full = Equilibrium.pulls(instrument, 0).stream()
                .mapToDouble(Double::doubleValue)
                .sum();
        return 6 * Math.log(full / tension) / Math.log(2);
    }

    /** Height of the fret plane under an outer string, bent as it is. */
    public double plane(double x, Side side) {
        double joint = instrument.jointAt();
        double line = instrument.body().fretsOverTop()
                + Math.tan(pitch()) * (x - joint)
                + across(side) * instrument.heel().roll();
        if (x > joint) {
            return line - instrument.neck().fall() * (x - joint);
        }
        double share = x / joint;
        double bow = -instrument.neck().bow() * 4 * share * (1 - share);
        double hump = instrument.neck().hump() * Math.max(0, 1 - Math.abs(share - BEFORE_JOINT) / (1 - BEFORE_JOINT));
        double twist = across(side) * instrument.neck().twist() * (1 - share);
        return line + bow + hump + twist + bent(x);
    }

    private static double across(Side side) {
        return side == Side.BASS ? 0.5 : -0.5;
    }

    /**
     * Height of the crown of a fret in the middle of the board, which is above those under the outer strings because
     * of the radius.
     */
    public double crownInTheMiddle(int fret) {
        double edges = (crown(fret, Side.BASS) + crown(fret, Side.TREBLE)) / 2;
        double radius = instrument.neck().radius();
        double share = instrument.frets().at(fret) / instrument.saddleAt();
        double nut = instrument.neck().widthNut() - BESIDE_STRINGS;
        double half = (nut * (1 - share) + instrument.bridge().spread() * share) / 2;
        return radius == 0 ? edges : edges + radius - Math.sqrt(radius * radius - half * half);
    }

    private double bent(double x) {
        double place = x / instrument.jointAt() * (Beam.PLACES - 1);
        int low = (int) Math.max(0, Math.min(Beam.PLACES - 2, Math.floor(place)));
        double share = place - low;
        return rise[low] * (1 - share) + rise[low + 1] * share;
    }

    /** Height of the crown of a fret under an outer string. */
    public double crown(int fret, Side side) {
        return plane(instrument.frets().at(fret), side) + instrument.crown(fret);
    }

    /** Height of the underside of an outer string at the nut. */
    public double nut(Side side) {
        return plane(0, side) + instrument.nut().get(side);
    }

    /** Height of the underside of an outer string at the saddle. */
    public double saddle(Side side) {
        return bridgeTop() + instrument.bridge().protrusion().get(side);
    }

    /** Height of the top of the bridge. */
    public double bridgeTop() {
        double lifted = tension > 0 ? SADDLE_OF_LIFT * instrument.bridge().lift() : 0;
        return topRise + instrument.bridge().thickness() + lifted;
    }

    /** Height of the underside of an outer string: straight from nut to saddle. */
    public double string(double x, Side side) {
        double share = x / instrument.saddleAt();
        return nut(side) * (1 - share) + saddle(side) * share;
    }

    /** Height of the soundboard along its middle: from zero at the joint to its rise at the saddle. */
    public double soundboard(double x) {
        double share =
                Math.max(0, (x - instrument.jointAt()) / instrument.bridge().jointToSaddle());
        return topRise * Math.min(1, share);
    }
}
