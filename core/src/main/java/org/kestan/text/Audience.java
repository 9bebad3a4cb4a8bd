package org.kestan.text;

/** Who something is said to. */
public enum Audience {
    /** Whoever does the work. */
    BENCH,
    /** Whoever the instrument belongs to. */
    OWNER
}
