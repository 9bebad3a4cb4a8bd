package org.kestan.ways;

import java.util.List;
import java.util.Optional;
import org.kestan.setup.Setup;
import org.kestan.standards.Standard;

/**
 * What taking a way from a set-up comes to.
 *
 * @param fit whether it is for this instrument
 * @param after the set-up then; empty when it can't be done or is not known
 * @param reasons why, in plain sentences
 * @param reversible whether it can be undone
 * @param prices the shop's hours and parts for it
 */
record Outcome(Way.Fit fit, Optional<Setup> after, List<String> reasons, boolean reversible, List<Standard> prices) {

    static Outcome can(WayId id, Setup after, String... reasons) {
        return new Outcome(Way.Fit.POSSIBLE, Optional.of(after), List.of(reasons), id.reversible(), id.prices());
    }

    static Outcome can(WayId id, Setup after, List<String> reasons) {
        return new Outcome(Way.Fit.POSSIBLE, Optional.of(after), reasons, id.reversible(), id.prices());
    }

    /** It can be done whether or not the sheet says how the instrument stands. */
    static Outcome can(WayId id, Optional<Setup> stays, String... reasons) {
        return new Outcome(Way.Fit.POSSIBLE, stays, List.of(reasons), id.reversible(), id.prices());
    }

    /** Nothing it would do from here: the set-up stays, as far as it is known. */
    static Outcome noNeed(WayId id, Optional<Setup> stays, String reason) {
        return new Outcome(Way.Fit.NO_NEED, stays, List.of(reason), id.reversible(), List.of());
    }

    /** Nothing it would do from here: the set-up stays. */
    static Outcome noNeed(WayId id, Setup stays, String reason) {
        return noNeed(id, Optional.of(stays), reason);
    }

    static Outcome not(WayId id, String reason) {
        return new Outcome(Way.Fit.NOT_FOR_THIS_ONE, Optional.empty(), List.of(reason), id.reversible(), id.prices());
    }

    /** Wrong here, but what would come of it is known and shown. */
    static Outcome not(WayId id, Setup after, String reason) {
        return new Outcome(Way.Fit.NOT_FOR_THIS_ONE, Optional.of(after), List.of(reason), id.reversible(), id.prices());
    }

    static Outcome unknown(WayId id, String reason) {
        return new Outcome(Way.Fit.UNKNOWN, Optional.empty(), List.of(reason), id.reversible(), id.prices());
    }

    Outcome asNot(String reason) {
        return new Outcome(Way.Fit.NOT_FOR_THIS_ONE, after, List.of(reason), reversible, prices);
    }

    Outcome irreversible() {
        return new Outcome(fit, after, reasons, false, prices);
    }

    Outcome priced(List<Standard> next) {
        return new Outcome(fit, after, reasons, reversible, next);
    }
}
