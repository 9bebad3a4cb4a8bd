package org.kestan.repair.drag;

/** The handles on the drawing. */
public enum Handle {
    /** The planned fret line at the saddle. */
    FRET_LINE,
    /** The planned saddle crown. */
    SADDLE_CROWN,
    /** The planned bass string over the action fret. */
    ACTION_BASS,
    /** The planned treble string over the action fret. */
    ACTION_TREBLE
}
