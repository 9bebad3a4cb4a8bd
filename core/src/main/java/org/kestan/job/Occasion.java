package org.kestan.job;

import org.kestan.sheet.Keyed;

/** When in the course of the work a survey was taken. */
public enum Occasion implements Keyed {
    AS_RECEIVED("as-received", "As received"),
    AFTER_RELIEF("after-relief", "After relief"),
    DRY_FIT("dry-fit", "Dry fit"),
    STRUNG("strung", "Strung again"),
    LATER_VISIT("later-visit", "Later visit");

    private final String key;
    private final String label;

    Occasion(String key, String label) {
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
