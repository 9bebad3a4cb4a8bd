package org.kestan.judgment.way;

/** What a way does to an instrument, so that plans can ask for effects instead of particular ways. */
public enum Effect {
    /** Turns the neck against the body. */
    TURNS_NECK,
    /** Takes wood from the heel, or does what comes to the same. */
    CUTS_HEEL,
    /** Puts a shim into a flat neck pocket. */
    SHIMS_POCKET,
    /** Saws through the fretboard, whose kerf is filled afterward. */
    OPENS_BOARD,
    /** Changes what the saddle stands out. */
    SPENDS_SADDLE,
    /** Takes wood off the bridge. */
    SPENDS_BRIDGE,
    /** Planes the fretboard, so that its relief changes and the neck does not move. */
    PLANES_BOARD,
    /** Fits a floating bridge: its wheels, its feet, strips, or a lower one. */
    FITS_FLOATING_BRIDGE,
    /** Puts another bridge in place of the one there. */
    NEW_BRIDGE,
    /** Lets the strings pull less. */
    SLACKENS_STRINGS,
    /** Puts on strings of another gauge. */
    CHANGES_STRINGS,
    /** Ramps the pin holes. */
    RAMPS_PINS,
    /** Moves the tailpiece up or down. */
    MOVES_TAILPIECE,
    /** Is taken only where nothing better is worth its price. */
    LAST_RESORT,
    /** Is done with the strings on. */
    KEEPS_STRINGS_ON
}
