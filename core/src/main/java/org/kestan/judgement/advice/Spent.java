package org.kestan.judgement.advice;

import java.util.Locale;
import java.util.OptionalDouble;
import org.kestan.ground.finding.Keyed;

/**
 * What a way spends of one of the instrument's reserves.
 *
 * @param reserve which
 * @param amount how much it takes, mm; negative when it gives some back
 * @param left what is left above the shop's least afterwards, mm; negative when it goes under; empty
 *     where the shop has no least
 */
public record Spent(Reserve reserve, double amount, OptionalDouble left) {

    /** What an instrument has to give. */
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
