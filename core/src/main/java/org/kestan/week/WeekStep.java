package org.kestan.week;

import java.time.LocalDate;
import java.util.Optional;
import org.kestan.base.week.WorkPlace;
import org.kestan.job.bench.WaitKind;

/**
 * A remaining step of a job.
 *
 * @param id of the step
 * @param title what is done
 * @param way the key of the way it belongs to; empty for what comes before and after all ways
 * @param hands minutes of work, 0 or more
 * @param waitFor what is waited for afterward; empty for nothing
 * @param waiting minutes of that; 0 for nothing
 * @param pinned the day it has to be begun on; empty if that is open
 */
public record WeekStep(
        String id,
        String title,
        Optional<String> way,
        int hands,
        Optional<WaitKind> waitFor,
        int waiting,
        Optional<LocalDate> pinned) {

    /** @throws IllegalArgumentException if a time is below zero */
    public WeekStep {
        if (hands < 0 || waiting < 0) {
            throw new IllegalArgumentException(id + ": " + hands + ", " + waiting);
        }
    }

    /** The place it waits in; empty if it needs none. */
    public Optional<WorkPlace> place() {
        return waitFor.filter(kind -> waiting > 0).flatMap(WeekStep::place);
    }

    private static Optional<WorkPlace> place(WaitKind kind) {
        return switch (kind) {
            case GLUE -> Optional.of(WorkPlace.CLAMPS);
            case HEAT, STEAM_REST -> Optional.of(WorkPlace.HEAT);
            case DRYING -> Optional.of(WorkPlace.DRYING);
            case CONDITIONING, SETTLING, OTHER -> Optional.of(WorkPlace.RACK);
            case PART -> Optional.empty();
        };
    }

    /** Returns whether it may be put down in the evening and picked up again: not if glue, heat or finish ends it. */
    public boolean splits() {
        return place().filter(place -> place != WorkPlace.RACK).isEmpty();
    }

    /** What has to be set up for it: the place it goes to, for heat and finish. */
    Optional<WorkPlace> setUp() {
        return place().filter(place -> place == WorkPlace.HEAT || place == WorkPlace.DRYING);
    }
}
