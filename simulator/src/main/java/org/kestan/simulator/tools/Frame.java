package org.kestan.simulator.tools;

import org.kestan.base.sheet.Side;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;

/** Where tools touch an instrument, and what they would show without their own faults. Millimeters. */
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

    /** The gap under a string held at the first fret and the joint, midway, mean of the sides. */
    public double relief(State state) {
        int middle = instrument
                .frets()
                .nearest((instrument.frets().at(1) + instrument.jointAt()) / 2, 1, instrument.jointFret());
        double gap = 0;
        for (Side side : Side.values()) {
            double low = instrument.frets().at(1);
            double high = instrument.jointAt();
            double share = (instrument.frets().at(middle) - low) / (high - low);
            double chord = state.crown(1, side) * (1 - share) + state.crown(instrument.jointFret(), side) * share;
            gap += (chord - state.crown(middle, side)) / 2;
        }
        return gap;
    }

    /** From the soundboard to the crowns at the joint, mean of the sides. */
    public double overTop(State state) {
        return (state.crown(instrument.jointFret(), Side.BASS) + state.crown(instrument.jointFret(), Side.TREBLE)) / 2;
    }

    /**
     * What a straightedge shows over the top in front of the saddle. It lies where it truly rests: on the highest crowns of the
     * neck, the two between which the bridge end lies lowest without any other standing through.
     *
     * @param front from where the caliper stands to the saddle
     */
    public double projection(State state, double front) {
        double at = instrument.saddleAt() - front;
        double read = 0;
        for (Side side : Side.values()) {
            read += resting(state, side, at) / 2;
        }
        return read - state.soundboard(at);
    }

    private double resting(State state, Side side, double at) {
        // It rests on the last crown before which none stands higher over the line, as a straightedge pressed at both
        // ends does.
        int first = 1;
        int second = instrument.jointFret();
        double line = line(state, side, first, second, at);
        for (int one = 1; one < instrument.jointFret(); one++) {
            for (int other = one + 1; other <= instrument.jointFret(); other++) {
                if (clears(state, side, one, other) && other - one > second / 2) {
                    line = Math.max(line, line(state, side, one, other, at));
                }
            }
        }
        return line;
    }

    private boolean clears(State state, Side side, int one, int other) {
        for (int fret = 1; fret <= instrument.jointFret(); fret++) {
            double x = instrument.frets().at(fret);
            if (state.crown(fret, side) > line(state, side, one, other, x) + 1e-9) {
                return false;
            }
        }
        return true;
    }

    private double line(State state, Side side, int one, int other, double at) {
        double x1 = instrument.frets().at(one);
        double x2 = instrument.frets().at(other);
        double z1 = state.crown(one, side);
        double z2 = state.crown(other, side);
        return z1 + (z2 - z1) * (at - x1) / (x2 - x1);
    }
}
