package org.kestan.base.sheet;

import java.util.Comparator;

/** A line that is filled by taking a reading with a tool, once or several times. */
public sealed interface Measurable extends LengthLine permits Reading, AtFret {

    /** The order of the sheet; fret-by-fret readings are ordered from the nut. */
    Comparator<Measurable> IN_ORDER = Comparator.<Measurable>comparingInt(
                    each -> each.reading().ordinal())
            .thenComparingInt(Measurable::fretNumber);

    /** Returns the reading. */
    Reading reading();

    /** Returns its fret; 0 for a reading that is not taken fret by fret. */
    int fretNumber();
}
