package org.kestan.desktop.stations.bench;

import org.kestan.desktop.messages.Messages;

/** Durations in words. */
final class DurationText {

    private static final int HOUR = 60;
    private static final int DAY = 24 * HOUR;
    private static final int NIGHT = 12 * HOUR;

    private DurationText() {}

    /** Returns a number of minutes in words. */
    static String said(int minutes) {
        if (minutes == NIGHT) {
            return Messages.message("duration-text.overnight");
        }
        if (minutes == DAY) {
            return Messages.message("duration-text.one-day");
        }
        if (minutes >= DAY && minutes % DAY == 0) {
            return Messages.message("duration-text.days", minutes / DAY);
        }
        if (minutes < HOUR) {
            return Messages.message("duration-text.minutes", minutes);
        }
        return minutes % HOUR == 0
                ? Messages.message("duration-text.hours", minutes / HOUR)
                : Messages.message("duration-text.hours-and-minutes", minutes / HOUR, minutes % HOUR);
    }
}
