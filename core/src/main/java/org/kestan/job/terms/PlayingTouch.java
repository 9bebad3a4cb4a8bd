package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** How hard the player plays. */
public enum PlayingTouch implements Keyed {
    LIGHT("light"),
    MEDIUM("medium"),
    HARD("hard");

    private final String key;

    PlayingTouch(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
