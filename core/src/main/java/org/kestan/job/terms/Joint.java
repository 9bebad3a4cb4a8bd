package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** How the neck is joined to the body. */
public enum Joint implements Keyed {
    DOVETAIL("dovetail"),
    MORTISE_BOLT("mortise-bolt"),
    POCKET_BOLT("pocket-bolt"),
    TILT_SCREW("tilt-screw"),
    THROUGH("through"),
    UNKNOWN("unknown");

    private final String key;

    Joint(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
