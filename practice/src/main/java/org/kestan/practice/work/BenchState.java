package org.kestan.practice.work;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.sheet.Sides;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * The state of a practice instrument on the bench.
 *
 * @param instrument as it is now
 * @param strung whether the strings pull; else they are slack
 * @param lowered how many half steps below pitch they are while they pull
 * @param seat how the neck sits
 * @param curing hours since the neck was glued; counts while it is {@link Seat#GLUED}
 * @param minutes of hands, measuring included
 * @param waited hours of waiting
 * @param cost of material and of harm done, dollars
 * @param removed wood taken off at the heel cap on each cheek, mm
 * @param prepared what was done at the joint since the neck was last set
 * @param mishaps what went wrong, in its order
 */
@RecordBuilder
public record BenchState(
        VirtualInstrument instrument,
        boolean strung,
        double lowered,
        Seat seat,
        double curing,
        double minutes,
        double waited,
        double cost,
        Sides<Double> removed,
        Set<Operation> prepared,
        List<Mishap> mishaps)
        implements BenchStateBuilder.With {

    /** How the neck sits. */
    public enum Seat {
        /** As it was, or cured. */
        SET,
        /** Off. */
        FREE,
        /** Set in dry, for a reading. */
        DRY,
        /** Glued, and not cured yet. */
        GLUED
    }

    /** Takes unmodifiable copies. */
    public BenchState {
        prepared = Set.copyOf(prepared);
        mishaps = List.copyOf(mishaps);
    }

    /** An instrument as it came in: strung, complete. */
    public static BenchState of(PracticeCase given) {
        return new BenchState(
                given.instrument(),
                true,
                given.lowered(),
                Seat.SET,
                0,
                0,
                0,
                0,
                Sides.of(side -> 0.0),
                Set.of(),
                List.of());
    }

    /** Whether the neck is off, or only set in dry. */
    public boolean isOff() {
        return seat == Seat.FREE || seat == Seat.DRY;
    }

    /** Whether the strings are at pitch. */
    public boolean atPitch() {
        return strung && lowered == 0;
    }

    /** Its shape with the strings as they are. */
    public State shape() {
        return strung ? Equilibrium.tuned(instrument, lowered) : Equilibrium.slack(instrument);
    }

    /** Returns the state with another instrument. */
    BenchState with(VirtualInstrument next) {
        return with(state -> state.instrument(next));
    }

    /** Returns the state with the strings at pitch or slack. */
    BenchState strung(boolean next) {
        return with(state -> state.strung(next).lowered(next ? 0 : lowered));
    }

    /** Returns the state with the strings up, a number of half steps below pitch. */
    BenchState tunedDown(double steps) {
        return with(state -> state.strung(true).lowered(steps));
    }

    /** Returns the state with the neck sitting differently; once it is set, nothing is prepared any more. */
    BenchState seated(Seat next, double hours) {
        return with(state ->
                state.seat(next).curing(hours).prepared(next == Seat.SET && seat != next ? Set.of() : prepared));
    }

    /** Returns the state some hours later. */
    BenchState waiting(double hours) {
        return with(state -> state.waited(waited + hours));
    }

    /** Returns the state after more work and material. */
    public BenchState spending(double more, double material) {
        return with(state -> state.minutes(minutes + more).cost(cost + material));
    }

    /** Returns the state with more wood off. */
    BenchState removing(Sides<Double> taken) {
        return with(state -> state.removed(Sides.of(side -> removed.get(side) + taken.get(side))));
    }

    /** Returns the state with something done at the joint. */
    BenchState preparing(Operation operation) {
        return with(state -> state.prepared(
                Stream.concat(prepared.stream(), Stream.of(operation)).collect(Collectors.toSet())));
    }

    /** Returns the state after a mishap. */
    BenchState after(Mishap mishap) {
        return with(state ->
                state.mishaps(Stream.concat(mishaps.stream(), Stream.of(mishap)).toList()));
    }
}
