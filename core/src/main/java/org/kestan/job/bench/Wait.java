package org.kestan.job.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A wait that was started, by the wall clock: it continues while the program is closed or another job is open.
 *
 * @param from when it was begun
 * @param kind what is waited for
 * @param minutes how long, above zero
 * @param step the step it belongs to, empty for none
 * @param ended when someone marked it as over; empty until then
 */
public record Wait(Instant from, WaitKind kind, int minutes, String step, Optional<Instant> ended) {

    /** Returns when it is over. */
    public Instant until() {
        return from.plusSeconds(60L * minutes);
    }

    /** Returns whether nobody has ended it yet. */
    public boolean isOpen() {
        return ended.isEmpty();
    }

    /** Returns whether its time is up. */
    public boolean isOver(Instant now) {
        return !now.isBefore(until());
    }

    /**
     * Returns the time left: zero once it is over, and never more than its whole length, whatever the clock was set
     * to.
     */
    public Duration left(Instant now) {
        Duration left = Duration.between(now, until());
        Duration whole = Duration.ofMinutes(minutes);
        return left.isNegative() ? Duration.ZERO : left.compareTo(whole) > 0 ? whole : left;
    }

    /** Returns it as ended by somebody. */
    public Wait ended(Instant now) {
        return new Wait(from, kind, minutes, step, Optional.of(now));
    }
}
