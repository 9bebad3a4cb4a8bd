package org.kestan.desktop.messages;

/** Numbers of things, in words. */
public final class Counts {

    private Counts() {}

    /** Says so many jobs. */
    public static String jobs(int count) {
        return count == 1 ? Messages.message("counts.one-job") : Messages.message("counts.jobs", count);
    }
}
