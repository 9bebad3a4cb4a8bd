package org.kestan.sheet;

/** Which instruments a line of the sheet applies to, by what carries the strings over the top. */
public enum Fitting {
    /** Every instrument. */
    ANY,
    /** A bridge glued to the top, with a saddle let into it and pins behind. */
    PIN_BRIDGE,
    /** A bridge that stands on the top by string load alone. */
    FLOATING_BRIDGE;

    /** Tells whether a line for this fitting applies to an instrument with the given one. */
    public boolean covers(Fitting instrument) {
        return this == ANY || instrument == ANY || this == instrument;
    }
}
