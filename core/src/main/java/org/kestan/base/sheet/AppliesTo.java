package org.kestan.base.sheet;

/** The instruments on which a line of the sheet is taken. */
public enum AppliesTo {
    /** Every instrument. */
    ANY,
    /** One with a bridge glued to the top, a saddle set into it and pins behind. */
    PIN_BRIDGE,
    /** One with a bridge held on the top by string load alone. */
    FLOATING_BRIDGE,
    /** One with a floating bridge that may be adjustable. */
    ADJUSTABLE_BRIDGE,
    /** One whose neck is bolted into a flat pocket. */
    FLAT_POCKET
}
