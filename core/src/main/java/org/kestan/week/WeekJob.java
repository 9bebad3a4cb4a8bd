package org.kestan.week;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The remaining work of a job.
 *
 * @param id its id in the ledger
 * @param name as the list shows it
 * @param steps in their order
 * @param takenIn when it came in
 * @param promised the day it is promised for; empty if nothing was
 * @param firm whether that is firm
 * @param priority said by hand, from -2 for no hurry to 2 for first of all
 * @param notBefore when a wait that runs is over, or the last part is there; empty if it can be gone on with
 * @param blocked why it can't be planned; empty if it can
 * @param needs parts it takes that are not in the drawer
 */
public record WeekJob(
        String id,
        String name,
        List<WeekStep> steps,
        Instant takenIn,
        Optional<LocalDate> promised,
        boolean firm,
        int priority,
        Optional<Instant> notBefore,
        Optional<Unplanned.Why> blocked,
        List<PartNeed> needs) {

    /** Takes unmodifiable copies. */
    public WeekJob {
        steps = List.copyOf(steps);
        needs = List.copyOf(needs);
    }

    /** Remaining hands-on work, minutes. */
    public int hands() {
        return steps.stream().mapToInt(WeekStep::hands).sum();
    }
}
