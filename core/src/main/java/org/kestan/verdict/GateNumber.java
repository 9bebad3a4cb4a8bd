package org.kestan.verdict;

/** What the numbers behind the gates are, by their names: in words, and what they are quantities of. */
public enum GateNumber {
    BRIDGE_LIFT("bridgeLift", "lift", Kind.FINE),
    HUMIDITY("humidity", "humidity", Kind.PERCENT),
    STEPS_DOWN("stepsDown", "half steps down", Kind.PLAIN),
    GAP("gap", "relief", Kind.FINE),
    LEAST("least", "least", Kind.FINE),
    MOST("most", "most", Kind.FINE),
    ACTION_BASS_THEN("actionBassThen", "action then, bass", Kind.LENGTH),
    ACTION_TREBLE_THEN("actionTrebleThen", "treble", Kind.LENGTH),
    BASS("bass", "bass", Kind.LENGTH),
    TREBLE("treble", "treble", Kind.LENGTH),
    FALL_AWAY("fallAway", "fall-away", Kind.FINE),
    OVER("over", "over what is wanted", Kind.LENGTH),
    LEFT("left", "left", Kind.LENGTH),
    DROP("drop", "to come down", Kind.LENGTH),
    REMAINING("remaining", "would remain", Kind.LENGTH),
    DEGREES("degrees", "angle", Kind.DEGREES),
    STRING_HEIGHT("stringHeight", "strings over the top", Kind.LENGTH),
    THICKNESS("thickness", "thickness", Kind.LENGTH),
    HEIGHT("height", "height", Kind.LENGTH),
    LOWEST("lowest", "lowest", Kind.LENGTH),
    VALUE("value", "value", Kind.PLAIN),
    RESET_COST("resetCost", "a reset costs", Kind.PLAIN);

    /** What a number is a quantity of. */
    public enum Kind {
        /** mm, read from a rule. */
        LENGTH,
        /** mm, read with feelers. */
        FINE,
        DEGREES,
        PERCENT,
        PLAIN
    }

    private final String key;
    private final String words;
    private final Kind kind;

    GateNumber(String key, String words, Kind kind) {
        this.key = key;
        this.words = words;
        this.kind = kind;
    }

    private static GateNumber of(String key) {
        for (GateNumber number : values()) {
            if (number.key.equals(key)) {
                return number;
            }
        }
        throw new IllegalArgumentException("no such number: " + key);
    }

    /** Returns the words for a number of that name. */
    public static String words(String key) {
        return of(key).words;
    }

    /** Returns what a number of that name is a quantity of. */
    public static Kind kind(String key) {
        return of(key).kind;
    }
}
