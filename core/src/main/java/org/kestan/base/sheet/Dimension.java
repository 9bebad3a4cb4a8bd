package org.kestan.base.sheet;

import java.util.Optional;
import org.kestan.base.sheet.Span.Along;
import org.kestan.base.sheet.Span.Level;
import org.kestan.base.sheet.Span.Spot;
import org.kestan.base.sheet.Span.Upright;

/** The lengths that belong to the instrument itself, whatever its state. */
public enum Dimension implements LengthLine {
    SCALE("instrument.scale", AppliesTo.ANY, 300, 900, new Along(Spot.NUT_END, Spot.SCALE_END, Level.TOP)),
    /** How thick the bridge was made, before it was cut. */
    BRIDGE_AS_MADE(
            "instrument.bridgeAsMade",
            AppliesTo.PIN_BRIDGE,
            4,
            14,
            new Upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP));

    private final Entry entry;

    Dimension(String path, AppliesTo on, double least, double greatest, Span span) {
        entry = new Entry(path, 0, Optional.empty(), on, least, greatest, true, Tool.RULE_HALF_MM, Optional.of(span));
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
