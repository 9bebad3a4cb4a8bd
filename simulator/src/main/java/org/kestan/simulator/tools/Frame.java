package org.kestan.simulator.tools;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import org.kestan.base.sheet.Side;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;

/** Where tools touch an instrument, and what they would show without errors of their own. Millimeters. */
public final class Frame {

    private final VirtualInstrument instrument;

    /** The places of an instrument. */
    public Frame(VirtualInstrument instrument) {
        this.instrument = instrument;
    }

    /** From the crown of a fret to the underside of an outer string. */
    public double over(State state, int fret, Side side) {
        return state.string(instrument.frets().at(fret), side) - state.crown(fret, side);
    }

    /** The fret midway between the first and the joint. */
    public int middleFret() {
        return instrument
                .frets()
                .nearest((instrument.frets().at(1) + instrument.jointAt()) / 2, 1, instrument.jointFret());
    }

    /** The gap under a string held at the first fret and the joint, midway, mean of the sides. */
    public double relief(State state) {
        return relief(state, middleFret());
    }

    /** The gap over a fret under a string held at the first fret and the joint, mean of the sides. */
    public double relief(State state, int fret) {
        double gap = 0;
        for (Side side : Side.values()) {
            double low = instrument.frets().at(1);
            double high = instrument.jointAt();
            double share = (instrument.frets().at(fret) - low) / (high - low);
            double chord = state.crown(1, side) * (1 - share) + state.crown(instrument.jointFret(), side) * share;
            gap += (chord - state.crown(fret, side)) / 2;
        }
        return gap;
    }

    /** How far the wood of the board is below a straight line from fret 1 to the joint, midway, mean of the sides. */
    public double bowOfBoard(State state) {
        double low = instrument.frets().at(1);
        double high = instrument.jointAt();
        double at = instrument.frets().at(middleFret());
        double share = (at - low) / (high - low);
        double bow = 0;
        for (Side side : Side.values()) {
            double chord = state.plane(low, side) * (1 - share) + state.plane(high, side) * share;
            bow += (chord - state.plane(at, side)) / 2;
        }
        return bow;
    }

    /**
     * The force that presses an outer string down on a fret, N: its pull times the two slopes it gets (a string under
     * a point load; any mechanics textbook).
     */
    public double pressing(State state, int fret, Side side) {
        List<Double> pulls = Equilibrium.pulls(instrument, state.halfStepsDown());
        double pull = pulls.get(side == Side.BASS ? 0 : pulls.size() - 1);
        double x = instrument.frets().at(fret);
        return pull * over(state, fret, side) * (1 / x + 1 / (instrument.saddleAt() - x));
    }

    /** From the soundboard to the crowns at the joint, mean of the sides. */
    public double overTop(State state) {
        return (state.crown(instrument.jointFret(), Side.BASS) + state.crown(instrument.jointFret(), Side.TREBLE)) / 2;
    }

    /**
     * What a straightedge shows over the top in front of the saddle. It rests where it really would, on the highest
     * crowns; a proud fret lifts it.
     *
     * @param front from where the caliper stands to the saddle
     */
    public double projection(State state, double front) {
        double at = instrument.saddleAt() - front;
        double read = 0;
        for (Side side : Side.values()) {
            read += resting(fret -> state.crown(fret, side), at) / 2;
        }
        return read - state.soundboard(at);
    }

    /**
     * What it shows along the middle of the board, which on a radius is higher than under the outer strings.
     *
     * @param front from where the caliper stands to the saddle
     */
    public double projectionInTheMiddle(State state, double front) {
        double at = instrument.saddleAt() - front;
        return resting(state::crownInTheMiddle, at) - state.soundboard(at);
    }

    /**
     * It rests on two crowns more than half the neck apart with no other crown above their line; of several such
     * positions, on the one that reads highest. If there is none, because the neck is bowed back, it would rock, and
     * is held level over the ends.
     */
    private double resting(IntToDoubleFunction crown, double at) {
        int last = instrument.jointFret();
        OptionalDouble highest = OptionalDouble.empty();
        for (int one = 1; one < last; one++) {
            for (int other = one + last / 2 + 1; other <= last; other++) {
                double reads = line(crown, one, other, at);
                if ((highest.isEmpty() || reads > highest.getAsDouble()) && clears(crown, one, other)) {
                    highest = OptionalDouble.of(reads);
                }
            }
        }
        return highest.orElseGet(() -> line(crown, 1, last, at));
    }

    private boolean clears(IntToDoubleFunction crown, int one, int other) {
        for (int fret = 1; fret <= instrument.jointFret(); fret++) {
            double x = instrument.frets().at(fret);
            if (crown.applyAsDouble(fret) > line(crown, one, other, x) + 1e-9) {
                return false;
            }
        }
        return true;
    }

    private double line(IntToDoubleFunction crown, int one, int other, double at) {
        double x1 = instrument.frets().at(one);
        double x2 = instrument.frets().at(other);
        double z1 = crown.applyAsDouble(one);
        double z2 = crown.applyAsDouble(other);
        return z1 + (z2 - z1) * (at - x1) / (x2 - x1);
    }
}
