package org.kestan.reckoning;

/** How a deciding figure stands. */
public enum State {
    GOOD("good"),
    MARGINAL("marginal"),
    STOP("stop"),
    UNKNOWN("unknown");

    private final String word;

    State(String word) {
        this.word = word;
    }

    /** Returns the word shown and read out beside its shape. */
    public String word() {
        return word;
    }

    /** Returns the graver of two states; unknown yields to what is known. */
    public State graver(State other) {
        if (this == UNKNOWN || other == UNKNOWN) {
            return this == UNKNOWN ? other : this;
        }
        return compareTo(other) >= 0 ? this : other;
    }
}
