package org.kestan.simulator.cases;

import org.kestan.base.finding.Keyed;

/** The faults of practice instruments. */
public enum InstrumentFault implements Keyed {
    /** The neck has come forward over the years; the action is high and the saddle low. */
    NECK_FORWARD("neck-forward"),
    /** Too much relief. */
    RELIEF("relief"),
    /** The nut slots are high. */
    NUT_HIGH("nut-high"),
    /** A nut slot is low. */
    NUT_LOW("nut-low"),
    /** The saddle is too tall; the neck is fine. */
    SADDLE_HIGH("saddle-high"),
    /** One fret stands proud. */
    PROUD_FRET("proud-fret"),
    /** The first frets are worn. */
    WORN_FRETS("worn-frets"),
    /** The bridge was shaved before. */
    BRIDGE_CUT("bridge-cut"),
    /** The neck points to one side. */
    DRIFT("drift"),
    /** A brace is loose: body and top give more under the strings. */
    LOOSE_BRACE("loose-brace"),
    /** The bridge gaps at the back. */
    BRIDGE_LIFTED("bridge-lifted");

    private final String key;

    InstrumentFault(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
