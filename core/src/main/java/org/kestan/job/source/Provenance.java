package org.kestan.job.source;

import java.util.OptionalDouble;

/**
 * The source of a value on the sheet that nobody typed; kept with it for as long as it is unchanged.
 *
 * @param made how it was made
 * @param from its source: the name of a picture or a port; empty if there is nothing to name
 * @param halfWidth how far it may be wrong in nineteen cases of twenty, in mm, or cents where the value is in cents;
 *     empty if unknown
 */
public record Provenance(Made made, String from, OptionalDouble halfWidth) {

    /** The part of a normal distribution within a half-width on either side. */
    private static final double NINETY_FIVE = 1.96;

    /**
     * Returns the standard deviation that corresponds to the half-width, in the same unit; empty if that is not known.
     */
    public OptionalDouble standard() {
        return halfWidth.isPresent() ? OptionalDouble.of(halfWidth.getAsDouble() / NINETY_FIVE) : halfWidth;
    }
}
