package org.kestan.desktop.stations.bench;

/** Durations in words. */
final class DurationText {

    private static final int HOUR = 60;
    private static final int DAY = 24 * HOUR;
    private static final int NIGHT = 12 * HOUR;

    private DurationText() {}

    /** Says so many minutes. */
    static String said(int minutes) {
        if (minutes == NIGHT) {
            return "overnight";
        }
        if (minutes >= DAY && minutes % DAY == 0) {
            return minutes / DAY + (minutes == DAY ? " day" : " days");
        }
        if (minutes < HOUR) {
            return minutes + " min";
        }
        return minutes / HOUR + " h" + (minutes % HOUR == 0 ? "" : " " + minutes % HOUR + " min");
    }
}
