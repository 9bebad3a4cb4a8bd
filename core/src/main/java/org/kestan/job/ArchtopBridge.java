package org.kestan.job;

import org.kestan.sheet.Keyed;

/** What kind of floating bridge stands on an archtop. */
public enum ArchtopBridge implements Keyed {
    ADJUSTABLE("adjustable", "Adjustable"),
    SOLID("solid", "Solid");

    private final String key;
    private final String label;

    ArchtopBridge(String key, String label) {
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
