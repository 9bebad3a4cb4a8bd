package org.kestan.verdict;

import org.kestan.sheet.Keyed;
import org.kestan.sheet.Reading;

/** The gates in their order, each with the reading that stands for its place on the instrument. */
public enum GateId implements Keyed {
    SOUNDNESS("soundness", "Sound?", Reading.BRIDGE_LIFT),
    PITCH("pitch", "At pitch", Reading.NUT_BASS),
    RELIEF("relief", "Relief", Reading.RELIEF),
    NUT("nut", "Nut slots", Reading.NUT_BASS),
    FRETBOARD("fretboard", "Fretboard over the body", Reading.EXTENSION_FALL_AWAY),
    ACTION("action", "Action", Reading.ACTION_BASS),
    SADDLE("saddle", "Saddle", Reading.SADDLE_BASS),
    BREAK_ANGLE("break-angle", "Break angle", Reading.PIN_DISTANCE),
    BRIDGE("bridge", "Bridge", Reading.BRIDGE_THICKNESS),
    NECK_PITCH("neck-pitch", "Neck pitch", Reading.PROJECTION_STRUNG),
    WORTH("worth", "Worth it?", Reading.HEEL_HEIGHT);

    private final String key;
    private final String label;
    private final Reading place;

    GateId(String key, String label, Reading place) {
        this.key = key;
        this.label = label;
        this.place = place;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    /** Returns the reading whose dimension shows the gate's place on the drawing. */
    public Reading place() {
        return place;
    }
}
