package org.kestan.base.standards;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/** The source of a value in the shop standards. */
public enum Origin implements Keyed {
    /** Common practice of the trade, no source to name. */
    PRACTICE,
    /** A standard, handbook or textbook. */
    PUBLISHED,
    /** From memory. */
    MEMORY,
    /** Set by this shop. */
    SHOP,
    /** Adopted from what this shop's own jobs taught. */
    LEARNED;

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
