package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** How the neck sits in its joint. */
public enum JointFit implements Keyed {
    FITS("fits"),
    LOOSE("loose"),
    OFF("off");

    private final String key;

    JointFit(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
