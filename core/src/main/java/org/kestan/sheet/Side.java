package org.kestan.sheet;

/** Bass or treble side of the instrument. */
public enum Side {
    BASS("bass"),
    TREBLE("treble");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    /** Returns the trade's word, which is also the key in the job file. */
    public String word() {
        return word;
    }

    /** Returns the opposite side. */
    public Side other() {
        return this == BASS ? TREBLE : BASS;
    }
}
