package org.kestan.base.sheet;

/** What carries the strings over the top. */
public enum Fitting {
    /** Not known: either of the two. */
    ANY,
    /** A bridge glued to the top, with a saddle let into it and pins behind. */
    PIN_BRIDGE,
    /** A bridge that stands on the top by string load alone. */
    FLOATING_BRIDGE
}
