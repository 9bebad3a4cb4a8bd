package org.kestan.job.visits;

import org.kestan.base.finding.Keyed;

/** How bad a finding is. */
public enum Severity implements Keyed {
    SOUND("sound"),
    SLIGHT("slight"),
    SERIOUS("serious");

    private final String key;

    Severity(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
