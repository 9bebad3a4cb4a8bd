package org.kestan.ways;

import java.util.OptionalDouble;

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
    public enum Reserve {
        SADDLE("saddle"),
        BRIDGE("bridge"),
        HEEL("heel wood");

        private final String word;

        Reserve(String word) {
            this.word = word;
        }

        /** Returns the word for it. */
        public String word() {
            return word;
        }
    }
}
