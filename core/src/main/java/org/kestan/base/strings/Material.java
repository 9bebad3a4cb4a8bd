package org.kestan.base.strings;

import org.kestan.base.finding.Keyed;

/** What a string is made of: its wrap where that is metal, else the string itself or its core. */
public enum Material implements Keyed {
    STEEL("steel"),
    BRONZE("bronze"),
    NICKEL("nickel"),
    NYLON("nylon"),
    FLUOROCARBON("fluorocarbon"),
    GUT("gut");

    private final String key;

    Material(String key) {
        this.key = key;
    }

    /** Tells whether the string, or the core of a wound one, is no metal. */
    public boolean soft() {
        return this == NYLON || this == FLUOROCARBON || this == GUT;
    }

    @Override
    public String key() {
        return key;
    }
}
