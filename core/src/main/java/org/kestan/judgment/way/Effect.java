package org.kestan.judgment.way;

/** What a way does to an instrument, so that plans can ask for effects instead of particular ways. */
public enum Effect {
    /** Turns the neck relative to the body. */
    TURNS_NECK,
    /** Takes wood from the heel, or has the same result. */
    CUTS_HEEL,
    /** Puts a shim into a flat neck pocket. */
    SHIMS_POCKET,
    /** Saws through the fretboard, whose kerf is filled afterward. */
    OPENS_BOARD,
    /** Changes how far the saddle stands out. */
    SPENDS_SADDLE,
    /** Takes wood off the bridge. */
    SPENDS_BRIDGE,
    /** Planes the fretboard, which changes its relief without moving the neck. */
    PLANES_BOARD,
    /** Fits a floating bridge: its wheels, its feet, strips, or a lower one. */
    FITS_FLOATING_BRIDGE,
    /** Replaces the bridge. */
    NEW_BRIDGE,
    /** Reduces the pull of the strings. */
    SLACKENS_STRINGS,
    /** Puts on strings of another gauge. */
    CHANGES_STRINGS,
    /** Ramps the pin holes. */
    RAMPS_PINS,
    /** Moves the tailpiece up or down. */
    MOVES_TAILPIECE,
    /** Is taken only if nothing better is worth its price. */
    LAST_RESORT,
    /** Is done with the strings on. */
    KEEPS_STRINGS_ON
}
