package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** The kinds of floating bridge on an archtop. */
public enum ArchtopBridge implements Keyed {
    ADJUSTABLE("adjustable"),
    SOLID("solid");

    private final String key;

    ArchtopBridge(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
