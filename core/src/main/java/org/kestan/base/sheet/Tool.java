package org.kestan.base.sheet;

import org.kestan.base.finding.Keyed;

/**
 * A measuring tool and its resolution: half of the smallest step that can be read, so that the true value is taken to
 * be within ± that of the reading. Values are common practice, no source.
 */
public enum Tool implements Keyed {
    RULE_64("rule-64", 25.4 / 128),
    RULE_HALF_MM("rule-half-mm", 0.25),
    FEELERS("feelers", 0.0127),
    CALIPER("caliper", 0.02),
    DIAL("dial", 0.01),
    EYE("eye", 0.5);

    private final String key;
    private final double resolution;

    Tool(String key, double resolution) {
        this.key = key;
        this.resolution = resolution;
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns the half-width that contains the true value, in mm. */
    public double resolution() {
        return resolution;
    }

    /** Returns the tool that follows this one when the user cycles through them. */
    public Tool next() {
        return values()[(ordinal() + 1) % values().length];
    }
}
