package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** How the instrument is played. */
public enum PlayingStyle implements Keyed {
    STRUMMED("strummed"),
    PICKED("picked"),
    SLIDE("slide");

    private final String key;

    PlayingStyle(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
