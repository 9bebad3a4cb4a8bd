package org.kestan.job;

import org.kestan.sheet.Keyed;

/** What is looked for inside and around an instrument, in the order of the look. */
public enum FindingKind implements Keyed {
    BRACE_LOOSE("brace-loose", "Loose brace"),
    BRACE_CRACKED("brace-cracked", "Cracked brace"),
    TOP_CRACK("top-crack", "Top crack, not through"),
    TOP_CRACK_THROUGH("top-crack-through", "Top crack, through"),
    BRIDGE_LIFT("bridge-lift", "Lifted bridge"),
    BRIDGE_PLATE("bridge-plate", "Worn bridge plate"),
    BELLY("belly", "Belly behind, dip before the bridge"),
    NECK_JOINT("neck-joint", "Play in the neck joint"),
    BACK_LOOSE("back-loose", "Loose back or side seam");

    private final String key;
    private final String label;

    FindingKind(String key, String label) {
        this.key = key;
        this.label = label;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }
}
