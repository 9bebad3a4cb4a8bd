package org.kestan.judgment.verdict;

import org.kestan.base.finding.Keyed;

/** The numbers behind the gates, in the order they are shown. */
public enum GateNumber implements Keyed {
    BRIDGE_LIFT("bridgeLift"),
    HUMIDITY("humidity"),
    STEPS_DOWN("stepsDown"),
    GAP("gap"),
    LEAST("least"),
    MOST("most"),
    ACTION_BASS_THEN("actionBassThen"),
    ACTION_TREBLE_THEN("actionTrebleThen"),
    BASS("bass"),
    TREBLE("treble"),
    FALL_AWAY("fallAway"),
    OVER("over"),
    LEFT("left"),
    DROP("drop"),
    REMAINING("remaining"),
    DEGREES("degrees"),
    STRING_HEIGHT("stringHeight"),
    THICKNESS("thickness"),
    HEIGHT("height"),
    LOWEST("lowest"),
    CLEARANCE("clearance"),
    WANTED("wanted"),
    SINK("sink"),
    SINK_BODY("sinkBody"),
    DISAGREEMENT("disagreement"),
    VALUE("value"),
    COST("cost"),
    RESET_COST("resetCost");

    private final String fileKey;

    GateNumber(String fileKey) {
        this.fileKey = fileKey;
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    /** Returns its key in the verdict's output for other programs. */
    public String fileKey() {
        return fileKey;
    }
}
