package org.kestan.job;

import org.kestan.sheet.Keyed;

/** How hard the player's hand is. */
public enum Touch implements Keyed {
    LIGHT("light", "Light"),
    MEDIUM("medium", "Medium"),
    HARD("hard", "Hard");

    private final String key;
    private final String label;

    Touch(String key, String label) {
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
