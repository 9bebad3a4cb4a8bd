package org.kestan.judgment.way;

/** When a way is taken in the order of the work. */
public enum Stage {
    BEFORE,
    RELIEF,
    NUT,
    /** A shim in a flat pocket comes in stock angles; the saddle does the rest. */
    POCKET,
    SADDLE,
    BRIDGE,
    NECK,
    /** Once the saddle has its final height. */
    BEND
}
