package org.kestan.standards;

/** Where a value of the shop standards comes from. */
public enum Mark {
    PRACTICE("practice", "common practice of the trade, no source to name"),
    PUBLISHED("published", "a standard, handbook or textbook"),
    MEMORY("memory", "from memory: see whether it is yours"),
    SHOP("shop", "set by this shop");

    private final String word;
    private final String meaning;

    Mark(String word, String meaning) {
        this.word = word;
        this.meaning = meaning;
    }

    /** Returns the word beside the value. */
    public String word() {
        return word;
    }

    /** Returns what the word means, in a short clause. */
    public String meaning() {
        return meaning;
    }
}
