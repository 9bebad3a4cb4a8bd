package org.kestan.ways;

import java.util.List;
import java.util.Optional;

/**
 * A way to put an instrument right, judged for this one.
 *
 * @param id which
 * @param fit whether it is for this instrument
 * @param reasons why, in plain sentences, the weightiest first
 * @param predicted what the instrument will be afterwards; empty when the sheet does not say enough or it can't be done
 * @param reaches whether the action wanted is reached
 * @param reversible whether it can be undone
 * @param hours hours of work
 * @param parts price of the parts, in the shop's currency
 * @param cost hours at the shop's rate, and parts
 * @param spent what it takes of the instrument's reserves
 */
public record Way(
        WayId id,
        Fit fit,
        List<String> reasons,
        Optional<Prediction> predicted,
        boolean reaches,
        boolean reversible,
        double hours,
        double parts,
        double cost,
        List<Spent> spent) {

    /** Whether a way is for an instrument. */
    public enum Fit {
        /** It can be done and leads somewhere. */
        POSSIBLE("possible"),
        /** There is nothing it would do here. */
        NO_NEED("no need"),
        /** It would be wrong here. */
        NOT_FOR_THIS_ONE("not for this one"),
        /** A reading is missing. */
        UNKNOWN("not known yet");

        private final String word;

        Fit(String word) {
            this.word = word;
        }

        /** Returns the word for it. */
        public String word() {
            return word;
        }
    }

    /** Takes unmodifiable copies. */
    public Way {
        reasons = List.copyOf(reasons);
        spent = List.copyOf(spent);
    }

    /** Tells whether it can be done here and leads somewhere. */
    public boolean possible() {
        return fit == Fit.POSSIBLE;
    }
}
