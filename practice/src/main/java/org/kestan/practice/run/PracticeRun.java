package org.kestan.practice.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.practice.work.BenchState;
import org.kestan.practice.work.Operation;
import org.kestan.practice.work.Refusal;
import org.kestan.practice.work.Workshop;
import org.kestan.simulator.cases.Chance;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SheetReader;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;

/**
 * A case with everything that was measured and done on it. Immutable. The same events on the same case always give the
 * same result, so only the events have to be stored.
 *
 * @param given the case
 * @param events what was done, in its order; what was refused is not among it
 * @param state how the instrument stands after them
 * @param handedOver the sheet and plan at handover, after which nothing can be done; empty before
 */
public record PracticeRun(PracticeCase given, List<PracticeEvent> events, BenchState state, Optional<Job> handedOver) {

    /** How long placing and reading a tool takes, minutes. */
    public static final double READING_MINUTES = 1.5;

    /** Takes an unmodifiable copy. */
    public PracticeRun {
        events = List.copyOf(events);
    }

    /**
     * The result of an event.
     *
     * @param run the run after it; the same as before where it was refused
     * @param shown what the tool shows, in its unit; empty for an operation
     * @param refused why it could not be done
     */
    public record Step(PracticeRun run, OptionalDouble shown, Optional<Refusal> refused) {}

    /** Starts a case. */
    public static PracticeRun of(PracticeCase given) {
        return new PracticeRun(given, List.of(), BenchState.of(given), Optional.empty());
    }

    /** Repeats the events of a stored run. */
    public static PracticeRun replay(PracticeCase given, List<PracticeEvent> events, Optional<Job> handedOver) {
        PracticeRun run = of(given);
        for (PracticeEvent event : events) {
            run = run.take(event).run;
        }
        return new PracticeRun(given, run.events, run.state, handedOver);
    }

    /** Adds an event. */
    public Step take(PracticeEvent event) {
        if (event instanceof PracticeEvent.Measured measured) {
            return measure(measured);
        }
        PracticeEvent.Worked worked = (PracticeEvent.Worked) event;
        return work(worked);
    }

    /** Places a tool and reads it. */
    public Step measure(SimulatedTool tool, Placement placement) {
        return measure(new PracticeEvent.Measured(tool, placement));
    }

    /** Performs an operation. */
    public Step work(Operation operation, Sides<Double> amount) {
        return work(new PracticeEvent.Worked(operation, amount));
    }

    /** Returns a sheet with the current true values. */
    public Job truth() {
        return SheetReader.truth(new PracticeCase(
                given.seed(), given.level(), given.kind(), given.faults(), state.instrument(), given.lowered()));
    }

    /**
     * Hands the instrument back to its owner.
     *
     * @param job what was believed and planned
     */
    public PracticeRun handOver(Job job) {
        return new PracticeRun(given, events, state, Optional.of(job));
    }

    private Random chance() {
        return Chance.of(given.seed(), given.kind().ordinal(), given.level().ordinal(), events.size());
    }

    private PracticeRun then(PracticeEvent event, BenchState next) {
        List<PracticeEvent> all = new ArrayList<>(events);
        all.add(event);
        return new PracticeRun(given, all, next, handedOver);
    }

    private Step refused(Refusal why) {
        return new Step(this, OptionalDouble.empty(), Optional.of(why));
    }

    private Step measure(PracticeEvent.Measured event) {
        Placement placement = event.placement();
        Optional<Refusal> refusal = refusal(event.tool(), placement);
        if (refusal.isPresent()) {
            return refused(refusal.get());
        }
        double read = event.tool().read(placement.truth(state.shape()), chance());
        double shown =
                switch (event.tool().shows()) {
                    case LENGTH -> Math.max(0, read);
                    case LOOSE -> read > 0 ? 1 : 0;
                    case DEGREES, PERCENT, HALF_STEPS, NEWTONS -> read;
                };
        return new Step(then(event, state.spending(READING_MINUTES, 0)), OptionalDouble.of(shown), Optional.empty());
    }

    private Optional<Refusal> refusal(SimulatedTool tool, Placement placement) {
        Spot spot = placement.spot();
        if (!spot.isOn(state.instrument().bridge().floating())) {
            return Optional.of(Refusal.NO_SUCH_PART);
        }
        if (!spot.takes(tool)) {
            return Optional.of(Refusal.TOOL);
        }
        int last = spot == Spot.UNDER_HELD_STRING
                ? state.instrument().jointFret()
                : state.instrument().lastFret();
        if (spot.fretted() && (placement.fret() < 1 || placement.fret() > last)) {
            return Optional.of(Refusal.FRET);
        }
        if (spot.needsNeck() && state.seat() == BenchState.Seat.FREE) {
            return Optional.of(Refusal.NOT_IN_JOINT);
        }
        return spot.needsStrings() && !state.strung() ? Optional.of(Refusal.STRINGS_SLACK) : Optional.empty();
    }

    private Step work(PracticeEvent.Worked event) {
        Workshop.Outcome outcome = Workshop.act(state, event.operation(), event.amount(), chance());
        return outcome.refused().isPresent()
                ? refused(outcome.refused().get())
                : new Step(then(event, outcome.next()), OptionalDouble.empty(), Optional.empty());
    }
}
