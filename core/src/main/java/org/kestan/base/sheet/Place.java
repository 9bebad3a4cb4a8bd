package org.kestan.base.sheet;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/** The places on the instrument for the lines of the sheet, from the nut to the tail. */
public enum Place implements Keyed {
    NUT,
    RELIEF,
    ACTION,
    HEEL,
    EXTENSION,
    BRIDGE,
    PROJECTION,
    TAIL;

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
