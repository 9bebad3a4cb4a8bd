package org.kestan.analysis.figures;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;

/**
 * A deciding figure, now and as planned.
 *
 * @param kind which figure
 * @param now the instrument as measured
 * @param planned the instrument after the work
 */
public record Figure(Kind kind, Standing now, Standing planned) {

    /** The figures that stay visible. */
    public enum Kind implements Keyed {
        ACTION,
        SADDLE,
        NECK_PITCH,
        HEEL_CUT,
        BREAK_ANGLE,
        BRIDGE,
        NUT,
        RELIEF;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "figure";
        }
    }

    /**
     * Quantities with their state.
     *
     * @param quantities lengths or an angle; bass then treble where there is one a side; none if unknown
     * @param state their state
     * @param reason why; empty if there is nothing to add
     */
    public record Standing(List<Quantity> quantities, State state, Optional<Finding> reason) {

        static Standing of(State state, Finding reason, Quantity... quantities) {
            return new Standing(List.of(quantities), state, Optional.of(reason));
        }

        static Standing of(State state, Quantity... quantities) {
            return new Standing(List.of(quantities), state, Optional.empty());
        }

        /** A figure that is not known, and the reading that would give it. */
        static Standing unknown(Finding reason) {
            return of(State.UNKNOWN, reason);
        }
    }
}
