package org.kestan.base.sheet;

/** The dimension of a line on the drawing: how a tool measures, between two places of the instrument. */
public sealed interface Span {

    /** A place along the instrument. */
    enum Spot {
        NUT_END,
        FIRST_FRET,
        RELIEF_FRET,
        ACTION_FRET,
        HEEL_FRONT,
        POCKET_START,
        JOINT,
        LAST_FRET,
        OBSTACLE,
        BRIDGE_FRONT,
        SADDLE,
        BRIDGE_BACK,
        STRING_END,
        SCALE_END
    }

    /** A height at a spot. */
    enum Level {
        TOP,
        UNDER_TOP,
        HEEL_CAP,
        LIFT,
        FINGERBOARD,
        CROWN,
        FRET_LINE,
        BASS_STRING,
        TREBLE_STRING,
        BETWEEN_STRINGS,
        SLOT_FLOOR,
        BRIDGE_TOP,
        STRING_END,
        OVER_STRING_END,
        OBSTACLE
    }

    /** Upward at one spot. */
    record Upright(Spot at, Level from, Level to) implements Span {}

    /** Upward over one fret, by its number. */
    record OverFret(int fret, Level from, Level to) implements Span {}

    /** Along the instrument at one level. */
    record Along(Spot from, Spot to, Level level) implements Span {}

    /**
     * Across the instrument at the saddle, seen from above: where the board's center points and where the bridge's is.
     */
    record FromAbove() implements Span {}
}
