package org.kestan.judgement.advice;

import java.util.List;
import java.util.Optional;
import org.kestan.following.loads.Prediction;
import org.kestan.ground.finding.Finding;
import org.kestan.judgement.way.Fit;
import org.kestan.judgement.way.Way;

/**
 * A way judged for one instrument.
 *
 * @param way which
 * @param fit whether it is for this instrument
 * @param reasons why, the weightiest first
 * @param predicted what the instrument will be afterwards; empty when the sheet does not say enough or it can't be done
 * @param reaches whether the action wanted is reached
 * @param reversible whether it can be undone
 * @param hours hours of work
 * @param parts price of the parts, in the shop's currency
 * @param cost hours at the shop's rate, and parts
 * @param spent what it takes of the instrument's reserves
 */
public record Assessment(
        Way way,
        Fit fit,
        List<Finding> reasons,
        Optional<Prediction> predicted,
        boolean reaches,
        boolean reversible,
        double hours,
        double parts,
        double cost,
        List<Spent> spent) {

    /** Takes unmodifiable copies. */
    public Assessment {
        reasons = List.copyOf(reasons);
        spent = List.copyOf(spent);
    }

    /** Tells whether it can be done here and leads somewhere. */
    public boolean possible() {
        return fit == Fit.POSSIBLE;
    }
}
