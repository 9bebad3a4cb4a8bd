package org.kestan.desktop.messages;

/** Counts, in words. */
public final class Counts {

    private Counts() {}

    /** Returns a number of jobs in words. */
    public static String jobs(int count) {
        return count == 1 ? Messages.message("counts.one-job") : Messages.message("counts.jobs", count);
    }
}
