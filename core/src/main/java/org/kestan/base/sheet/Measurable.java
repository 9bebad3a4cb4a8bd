package org.kestan.base.sheet;

import java.util.Comparator;

/** A line that is filled by taking a reading with a tool, once or several times. */
public sealed interface Measurable extends LengthLine permits Reading, AtFret {

    /** The order of the sheet; one that is taken fret by fret, from the nut. */
    Comparator<Measurable> IN_ORDER = Comparator.<Measurable>comparingInt(
                    each -> each.reading().ordinal())
            .thenComparingInt(Measurable::fretNumber);

    /** Returns which reading it is. */
    Reading reading();

    /** Returns the fret it is taken at; 0 for one that is not taken fret by fret. */
    int fretNumber();
}
