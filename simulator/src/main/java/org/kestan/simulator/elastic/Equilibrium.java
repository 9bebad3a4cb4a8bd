package org.kestan.simulator.elastic;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.strings.Material;
import org.kestan.base.strings.Note;
import org.kestan.base.strings.Wire;
import org.kestan.job.strings.StringSpec;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * Finds the shape in which neck, body and strings are in equilibrium: the strings' pull bends the neck and turns the
 * block, which moves the strings and changes their moment. Repeated until nothing moves by a micrometer.
 */
public final class Equilibrium {

    /**
     * The neck's section is a half ellipse with the board on its flat side; this is its share of the rectangle's
     * second moment of area.
     */
    private static final double ROUND = 0.62;

    /** How deep below the flat side the neutral axis is, as a share of the depth. */
    private static final double NEUTRAL = 0.46;

    private static final double CROWN = 1.1;
    private static final double STILL = 1e-9;
    private static final int MOST_STEPS = 200;

    private Equilibrium() {}

    /** The shape without strings. */
    public static State slack(VirtualInstrument instrument) {
        Beam beam = beam(instrument);
        double[] moment = new double[Beam.PLACES];
        Arrays.fill(moment, -instrument.neck().rod());
        return new State(
                instrument, beam.deflection(moment), 0, instrument.body().swell(), 0, 0);
    }

    /** The shape with the strings at pitch. */
    public static State strung(VirtualInstrument instrument) {
        return tuned(instrument, 0);
    }

    /**
     * The shape with the strings at a given pitch.
     *
     * @param halfSteps how far below their own
     * @throws IllegalStateException if it does not hold: the strings pull the neck over
     */
    public static State tuned(VirtualInstrument instrument, double halfSteps) {
        List<Double> pulls = pulls(instrument, halfSteps);
        double tension = pulls.stream().mapToDouble(Double::doubleValue).sum();
        Beam beam = beam(instrument);
        State state = slack(instrument);
        double last = 0;
        for (int step = 0; step < MOST_STEPS; step++) {
            double[] moment = moments(instrument, state, tension, beam);
            double joint = moment[Beam.PLACES - 1] + instrument.neck().rod();
            double residual = Math.abs(joint - last);
            state = new State(
                    instrument,
                    beam.deflection(moment),
                    instrument.body().block() * instrument.body().loosened() * joint,
                    instrument.body().swell() + topRise(instrument, state, tension),
                    tension,
                    residual);
            if (step > 1 && residual <= STILL * Math.max(1, Math.abs(joint))) {
                return state;
            }
            last = joint;
        }
        throw new IllegalStateException("no equilibrium: the strings pull the neck over");
    }

    /** The moment of strings and rod at each place of the neck, N·mm; positive bends the nut upward. */
    private static double[] moments(VirtualInstrument instrument, State state, double tension, Beam beam) {
        double[] moment = new double[Beam.PLACES];
        for (int i = 0; i < Beam.PLACES; i++) {
            double x = beam.at(i);
            double over = 0;
            for (Side side : Side.values()) {
                over += (state.string(x, side) - state.plane(x, side)) / 2;
            }
            double arm = over + CROWN + NEUTRAL * depth(instrument, x);
            moment[i] = tension * arm - instrument.neck().rod();
        }
        return moment;
    }

    /**
     * Under a pin bridge the top turns with the moment of the strings over it; under a floating one it sinks under
     * their pressure.
     */
    private static double topRise(VirtualInstrument instrument, State state, double tension) {
        VirtualInstrument.BridgeMake bridge = instrument.bridge();
        double gives = instrument.body().top() * instrument.body().loosened();
        double saddle = (state.saddle(Side.BASS) + state.saddle(Side.TREBLE)) / 2;
        if (!bridge.floating()) {
            return gives * tension * (saddle - state.topRise());
        }
        double nut = (state.nut(Side.BASS) + state.nut(Side.TREBLE)) / 2;
        double before = (saddle - nut) / instrument.saddleAt();
        double behind = (saddle - bridge.endHeight()) / bridge.endDistance();
        return -gives * tension * (before + behind);
    }

    private static double depth(VirtualInstrument instrument, double x) {
        double share = x / instrument.jointAt();
        return instrument.neck().depthNut() * (1 - share) + instrument.neck().depthJoint() * share;
    }

    private static Beam beam(VirtualInstrument instrument) {
        return new Beam(instrument.jointAt(), x -> {
            double share = x / instrument.jointAt();
            double width = instrument.neck().widthNut() * (1 - share)
                    + instrument.neck().widthJoint() * share;
            return instrument.neck().modulus() * ROUND * width * Math.pow(depth(instrument, x), 3) / 12;
        });
    }

    /** The pull of each string by Mersenne's law, N. */
    public static List<Double> pulls(VirtualInstrument instrument, double halfSteps) {
        List<Double> pulls = new ArrayList<>();
        for (StringSpec spec : instrument.strings()) {
            double gauge = spec.gauge().map(Length::millimeters).orElse(0.0);
            Material material = instrument.family() == Family.CLASSICAL ? Material.NYLON : Material.STEEL;
            Wire wire = Wire.of(gauge, spec.wound(), spec.material().orElse(material), ShopStandards.DEFAULT);
            double pitch = Note.frequency(spec.pitch()).orElse(0) * Math.pow(2, -halfSteps / 12.0);
            pulls.add(wire.tension(instrument.frets().scale(), pitch));
        }
        return List.copyOf(pulls);
    }
}
