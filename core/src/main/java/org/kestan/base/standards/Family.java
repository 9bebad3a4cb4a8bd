package org.kestan.base.standards;

import org.kestan.base.finding.Keyed;

/** A family of instruments, with its own usual actions and limits (§5). */
public enum Family implements Keyed {
    STEEL("steel"),
    TWELVE_STRING("twelve-string"),
    CLASSICAL("classical"),
    ARCHTOP("archtop"),
    SWING_ARCHTOP("swing-archtop"),
    MANDOLIN("mandolin"),
    OTHER("other");

    private final String key;

    Family(String key) {
        this.key = key;
    }

    @Override
    public String key() {
        return key;
    }
}
