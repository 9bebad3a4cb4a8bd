package org.kestan.simulator.cases;

import org.kestan.base.finding.Keyed;

/** The faults of practice instruments. */
public enum InstrumentFault implements Keyed {
    /** The neck has come forward over the years; the action is high and the saddle low. */
    NECK_FORWARD("neck-forward"),
    /** Too much relief. */
    RELIEF("relief"),
    /** The slots of the nut are high. */
    NUT_HIGH("nut-high"),
    /** A slot of the nut is low. */
    NUT_LOW("nut-low"),
    /** The saddle is too tall; the neck is as it should be. */
    SADDLE_HIGH("saddle-high"),
    /** One fret stands proud. */
    PROUD_FRET("proud-fret"),
    /** The first frets are worn. */
    WORN_FRETS("worn-frets"),
    /** The bridge was shaved before. */
    BRIDGE_CUT("bridge-cut"),
    /** The neck points aside. */
    DRIFT("drift"),
    /** A brace is loose: body and top give way farther under the strings. */
    LOOSE_BRACE("loose-brace"),
    /** The bridge gapes at the back. */
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
