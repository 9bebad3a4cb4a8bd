package org.kestan.practice.work;

import java.util.List;
import java.util.stream.Stream;
import org.kestan.base.sheet.Sides;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * How a practice instrument stands on the bench.
 *
 * @param instrument as it is now
 * @param atPitch whether the strings are at pitch; else they are slack
 * @param seat how the neck sits
 * @param curing hours since the neck was glued; counts while it is {@link Seat#GLUED}
 * @param minutes of hands, measuring included
 * @param waited hours of waiting
 * @param cost of material and of harm done, dollars
 * @param removed wood taken off at the heel cap on each cheek, mm
 * @param mishaps what went wrong, in its order
 */
public record BenchState(
        VirtualInstrument instrument,
        boolean atPitch,
        Seat seat,
        double curing,
        double minutes,
        double waited,
        double cost,
        Sides<Double> removed,
        List<Mishap> mishaps) {

    /** How the neck sits. */
    public enum Seat {
        /** As it was, or cured. */
        SET,
        /** Off. */
        FREE,
        /** Glued, and not cured yet. */
        GLUED
    }

    /** Takes an unmodifiable copy. */
    public BenchState {
        mishaps = List.copyOf(mishaps);
    }

    /** An instrument as it came in: strung, whole. */
    public static BenchState of(VirtualInstrument instrument) {
        return new BenchState(instrument, true, Seat.SET, 0, 0, 0, 0, Sides.of(side -> 0.0), List.of());
    }

    /** Its shape as the strings are. */
    public State shape() {
        return atPitch ? Equilibrium.strung(instrument) : Equilibrium.slack(instrument);
    }

    /** The same with another instrument. */
    BenchState with(VirtualInstrument next) {
        return new BenchState(next, atPitch, seat, curing, minutes, waited, cost, removed, mishaps);
    }

    /** The same with its strings at pitch or slack. */
    BenchState strung(boolean next) {
        return new BenchState(instrument, next, seat, curing, minutes, waited, cost, removed, mishaps);
    }

    /** The same with its neck sitting otherwise. */
    BenchState seated(Seat next, double hours) {
        return new BenchState(instrument, atPitch, next, hours, minutes, waited, cost, removed, mishaps);
    }

    /** The same some hours later. */
    BenchState waiting(double hours) {
        return new BenchState(instrument, atPitch, seat, curing, minutes, waited + hours, cost, removed, mishaps);
    }

    /** The same after so much more work and material. */
    public BenchState spending(double more, double material) {
        return new BenchState(
                instrument, atPitch, seat, curing, minutes + more, waited, cost + material, removed, mishaps);
    }

    /** The same with so much more wood off. */
    BenchState removing(Sides<Double> taken) {
        Sides<Double> all = Sides.of(side -> removed.get(side) + taken.get(side));
        return new BenchState(instrument, atPitch, seat, curing, minutes, waited, cost, all, mishaps);
    }

    /** The same after a mishap. */
    BenchState after(Mishap mishap) {
        List<Mishap> all = Stream.concat(mishaps.stream(), Stream.of(mishap)).toList();
        return new BenchState(instrument, atPitch, seat, curing, minutes, waited, cost, removed, all);
    }
}
