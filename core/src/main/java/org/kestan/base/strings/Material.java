package org.kestan.base.strings;

import org.kestan.base.finding.Keyed;

/** The material of a string: of its wrap if that is metal, or else of the string itself or its core. */
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

    /** Returns whether the string, or the core of a wound one, is not metal. */
    public boolean soft() {
        return this == NYLON || this == FLUOROCARBON || this == GUT;
    }

    @Override
    public String key() {
        return key;
    }
}
