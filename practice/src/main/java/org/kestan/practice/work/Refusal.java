package org.kestan.practice.work;

import org.kestan.base.finding.Keyed;

/** Why something can't be done as things are; nothing was changed. */
public enum Refusal implements Keyed {
    /** The amount lies outside what the operation takes. */
    AMOUNT("amount"),
    /** The strings have to be slack. */
    STRINGS_UP("strings-up"),
    /** The neck is off. */
    NECK_OFF("neck-off"),
    /** The neck is on. */
    NECK_ON("neck-on"),
    /** There is no truss rod. */
    NO_ROD("no-rod"),
    /** The instrument has no such part. */
    NO_SUCH_PART("no-such-part"),
    /** A tool that can't be put there. */
    TOOL("tool"),
    /** No such fret. */
    FRET("fret"),
    /** What is measured there needs strings at pitch. */
    STRINGS_SLACK("strings-slack");

    private final String key;

    Refusal(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
