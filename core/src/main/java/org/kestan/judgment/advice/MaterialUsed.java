package org.kestan.judgment.advice;

import java.util.Locale;
import java.util.OptionalDouble;
import org.kestan.base.finding.Keyed;

/**
 * How much of one of the instrument's reserves a way uses up.
 *
 * @param reserve which
 * @param amount how much it takes, mm; negative when it gives some back
 * @param left what is left above the shop's least afterward, mm; negative when it goes under; empty if the shop has no
 *     least
 */
public record MaterialUsed(Reserve reserve, double amount, OptionalDouble left) {

    /** The reserves of an instrument. */
    public enum Reserve implements Keyed {
        SADDLE,
        BRIDGE,
        HEEL;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
