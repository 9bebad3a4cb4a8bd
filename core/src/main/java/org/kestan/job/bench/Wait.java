package org.kestan.job.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A wait that was begun, by the clock on the wall: it goes on while the program is closed and another job is open.
 *
 * @param from when it was begun
 * @param kind what is waited for
 * @param minutes how long, above zero
 * @param step the step it belongs to, empty for none
 * @param ended when someone said it was over; empty while nobody has
 */
public record Wait(Instant from, WaitKind kind, int minutes, String step, Optional<Instant> ended) {

    /** Returns when it is over. */
    public Instant until() {
        return from.plusSeconds(60L * minutes);
    }

    /** Tells whether nobody has said yet that it is over. */
    public boolean isOpen() {
        return ended.isEmpty();
    }

    /** Tells whether its time has come. */
    public boolean isOver(Instant now) {
        return !now.isBefore(until());
    }

    /** Returns what is left of it: nothing once it is over, and never more than it takes, whatever the clock was set to. */
    public Duration left(Instant now) {
        Duration left = Duration.between(now, until());
        Duration whole = Duration.ofMinutes(minutes);
        return left.isNegative() ? Duration.ZERO : left.compareTo(whole) > 0 ? whole : left;
    }

    /** Returns it once someone has said that it is over. */
    public Wait ended(Instant now) {
        return new Wait(from, kind, minutes, step, Optional.of(now));
    }
}
