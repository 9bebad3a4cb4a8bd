package org.kestan.judgment.way;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.Standard;

/**
 * The result of taking a way from a setup.
 *
 * @param fit whether it is for this instrument
 * @param after the setup afterward; empty if it can't be done or is unknown
 * @param reasons why, the weightiest first
 * @param reversible whether it can be undone
 * @param prices the shop's hours and parts for it
 * @param makesBridge whether another bridge is made, though the old one is kept
 */
@RecordBuilder
public record Outcome(
        Suitability fit,
        Optional<Setup> after,
        List<Finding> reasons,
        boolean reversible,
        List<Standard> prices,
        boolean makesBridge)
        implements OutcomeBuilder.With {

    /** Takes unmodifiable copies. */
    public Outcome {
        reasons = List.copyOf(reasons);
        prices = List.copyOf(prices);
    }

    /** As above, without another bridge. */
    public Outcome(
            Suitability fit, Optional<Setup> after, List<Finding> reasons, boolean reversible, List<Standard> prices) {
        this(fit, after, reasons, reversible, prices, false);
    }

    /** The same as unsuitable, for a reason. */
    public Outcome asNot(Finding reason) {
        return with(outcome -> outcome.fit(Suitability.NOT_FOR_THIS_ONE).reasons(List.of(reason)));
    }

    /** The same with the setup unchanged, if there is anything to do or nothing is needed. */
    Outcome staying(Setup setup) {
        return fit == Suitability.POSSIBLE || fit == Suitability.NO_NEED ? withAfter(Optional.of(setup)) : this;
    }
}
