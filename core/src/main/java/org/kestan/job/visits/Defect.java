package org.kestan.job.visits;

import org.kestan.base.finding.Keyed;

/** The defects to look for inside and around an instrument, in the order of inspection. */
public enum Defect implements Keyed {
    BRACE_LOOSE("brace-loose"),
    BRACE_CRACKED("brace-cracked"),
    TOP_CRACK("top-crack"),
    TOP_CRACK_THROUGH("top-crack-through"),
    BRIDGE_LIFT("bridge-lift"),
    BRIDGE_PLATE("bridge-plate"),
    BELLY("belly"),
    NECK_JOINT("neck-joint"),
    BACK_LOOSE("back-loose");

    private final String key;

    Defect(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
