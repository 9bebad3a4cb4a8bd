package org.kestan.job;

import org.kestan.sheet.Keyed;

/** How the instrument is played. */
public enum PlayingStyle implements Keyed {
    STRUMMED("strummed", "Strummed"),
    PICKED("picked", "Picked"),
    SLIDE("slide", "Slide");

    private final String key;
    private final String label;

    PlayingStyle(String key, String label) {
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
