package org.kestan.base.week;

import java.time.LocalTime;

/**
 * Working hours within a day.
 *
 * @param from first minute
 * @param to minute after the last, later than the first
 */
public record Hours(LocalTime from, LocalTime to) {

    /** @throws IllegalArgumentException if they end before they begin */
    public Hours {
        if (!from.isBefore(to)) {
            throw new IllegalArgumentException(from + " to " + to);
        }
    }
}
