package org.kestan.judgment.verdict;

import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Reading;

/** The gates in order, each with the reading that marks its place on the instrument. */
public enum GateId implements Keyed {
    SOUNDNESS("soundness", Reading.BRIDGE_LIFT),
    PITCH("pitch", Reading.NUT_BASS),
    RELIEF("relief", Reading.RELIEF),
    NUT("nut", Reading.NUT_BASS),
    FRETBOARD("fretboard", Reading.EXTENSION_FALL_AWAY),
    ACTION("action", Reading.ACTION_BASS),
    SADDLE("saddle", Reading.SADDLE_BASS),
    BREAK_ANGLE("break-angle", Reading.PIN_DISTANCE),
    BRIDGE("bridge", Reading.BRIDGE_THICKNESS),
    CLEARANCE("clearance", Reading.OBSTACLE_HEIGHT),
    NECK_PITCH("neck-pitch", Reading.PROJECTION_STRUNG),
    WORTH("worth", Reading.HEEL_HEIGHT);

    private final String key;
    private final Reading place;

    GateId(String key, Reading place) {
        this.key = key;
        this.place = place;
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns the reading whose dimension shows the gate's place on the drawing. */
    public Reading place() {
        return place;
    }
}
