package org.kestan.base.sheet;

import java.util.Optional;
import org.kestan.base.sheet.Span.Along;
import org.kestan.base.sheet.Span.Level;
import org.kestan.base.sheet.Span.Spot;

/** The lengths that belong to the instrument itself, whatever its state. */
public enum Dimension implements LengthLine {
    SCALE("instrument.scale", 300, 900, new Along(Spot.NUT_END, Spot.SCALE_END, Level.TOP));

    private final Entry entry;

    Dimension(String path, double least, double greatest, Span span) {
        entry = new Entry(
                path, 0, Optional.empty(), AppliesTo.ANY, least, greatest, true, Tool.RULE_HALF_MM, Optional.of(span));
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
