package org.kestan.text;

/** The audience of a sentence. */
public enum Audience {
    /** The person who does the work. */
    BENCH,
    /** The person who owns the instrument. */
    OWNER
}
