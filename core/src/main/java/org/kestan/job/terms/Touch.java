package org.kestan.job.terms;

import org.kestan.ground.finding.Keyed;

/** How hard the player's hand is. */
public enum Touch implements Keyed {
    LIGHT("light"),
    MEDIUM("medium"),
    HARD("hard");

    private final String key;

    Touch(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
