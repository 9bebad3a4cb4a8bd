package org.kestan.sheet;

/**
 * A measuring tool and how finely it reads. The resolution is half of the smallest step that is read off: the true value
 * is taken to lie within ± that of the reading. Values are common practice, no source.
 */
public enum Tool implements Keyed {
    RULE_64("rule-64", "rule, 1/64 in", 25.4 / 128),
    RULE_HALF_MM("rule-half-mm", "rule, \u00bd mm", 0.25),
    FEELERS("feelers", "feelers", 0.0127),
    CALIPER("caliper", "caliper", 0.02),
    DIAL("dial", "dial gauge", 0.01),
    EYE("eye", "by eye", 0.5);

    private final String key;
    private final String label;
    private final double resolution;

    Tool(String key, String label, double resolution) {
        this.key = key;
        this.label = label;
        this.resolution = resolution;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    /** Returns the half-width within which the true value lies, in mm. */
    public double resolution() {
        return resolution;
    }

    /** Returns the tool that follows this one when the user cycles through them. */
    public Tool next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /** Returns the tool a reading is usually taken with. */
    public static Tool usual(Reading reading) {
        return switch (reading) {
            case BRIDGE_LIFT, RELIEF, NUT_BASS, NUT_TREBLE, EXTENSION_FALL_AWAY -> FEELERS;
            case ACTION_BASS, ACTION_TREBLE, PIN_DISTANCE -> RULE_64;
            case JOINT_TO_SADDLE,
                    HEEL_HEIGHT,
                    HEEL_WIDTH_TOP,
                    HEEL_WIDTH_CAP,
                    EXTENSION_LENGTH,
                    POCKET_LENGTH,
                    TAILPIECE_DISTANCE,
                    OBSTACLE_DISTANCE,
                    SLOT_LENGTH,
                    SIDE_DRIFT -> RULE_HALF_MM;
            default -> CALIPER;
        };
    }
}
