package org.kestan.text;

/** The audience of a sentence. */
public enum Audience {
    /** Whoever does the work. */
    BENCH,
    /** Whoever the instrument belongs to. */
    OWNER
}
