package org.kestan.judgment.way;

/** The role of a way in the search for a recommendation (§6). */
public enum Role {
    /** Nothing is done to the instrument. */
    NOTHING,
    /** Comes before any number counts: for what is loose, lifted or dry. */
    FIRST,
    /** Set in addition to whatever else is done: relief and nut. */
    PREPARATION,
    /** Brings the strings to the wanted height. */
    MAIN,
    /** Follows a main way or is taken by itself; the action stays as it is, or nearly so. */
    FINISH,
    /** Offered and judged like the others, but never part of a searched sequence. */
    ALONE
}
