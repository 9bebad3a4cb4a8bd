package org.kestan.base.sheet;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/** A place along a fret, across the board. */
public enum Across implements Keyed {
    BASS,
    MIDDLE,
    TREBLE;

    private static final ValueType<Across> TYPE = ValueType.choice(Across.class);

    /** Where along it a fret stands proud or low; all along it, if not specified. */
    public static Detail<Across> at(int fret) {
        return Detail.of("survey.frets[" + fret + "]." + KEY, TYPE, 0);
    }

    /** Its key among the readings of a fret. */
    public static final String KEY = "across";

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
