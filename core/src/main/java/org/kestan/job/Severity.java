package org.kestan.job;

import org.kestan.sheet.Keyed;

/** How bad a finding is. */
public enum Severity implements Keyed {
    SOUND("sound", "Sound"),
    SLIGHT("slight", "Slight"),
    SERIOUS("serious", "Serious");

    private final String key;
    private final String label;

    Severity(String key, String label) {
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
