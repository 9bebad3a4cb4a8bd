package org.kestan.judgement.way;

/** When in the order of the work a way is taken. */
public enum Stage {
    BEFORE,
    RELIEF,
    NUT,
    SADDLE,
    BRIDGE,
    NECK
}
