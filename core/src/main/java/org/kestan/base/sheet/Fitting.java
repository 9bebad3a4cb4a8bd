package org.kestan.base.sheet;

/** The kind of support for the strings over the top. */
public enum Fitting {
    /** Not known: either of the two. */
    ANY,
    /** A bridge glued to the top, with a saddle set into it and pins behind. */
    PIN_BRIDGE,
    /** A bridge held on the top by string load alone. */
    FLOATING_BRIDGE
}
