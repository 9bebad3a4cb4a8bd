package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** When a survey was taken in the course of the work. */
public enum VisitRole implements Keyed {
    AS_RECEIVED("as-received"),
    AFTER_RELIEF("after-relief"),
    DRY_FIT("dry-fit"),
    STRUNG("strung"),
    LATER_VISIT("later-visit");

    private final String key;

    VisitRole(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
