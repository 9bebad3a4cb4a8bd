package org.kestan.base.sheet;

import org.kestan.base.finding.Keyed;

/** Bass or treble side of the instrument. */
public enum Side implements Keyed {
    BASS("bass"),
    TREBLE("treble");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    @Override
    public String key() {
        return word;
    }

    /** Returns the opposite side. */
    public Side other() {
        return this == BASS ? TREBLE : BASS;
    }
}
