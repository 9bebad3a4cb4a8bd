package org.kestan.ways;

import java.util.List;
import java.util.Optional;

/**
 * Several ways in a row, each from the set-up the one before leaves: relief, then nut, saddle, bridge, neck.
 *
 * @param ways the ways as taken, in that order; one that has nothing left to do says so
 * @param predicted what the instrument will be afterwards; empty when the sheet does not say enough or none can be done
 * @param reaches whether the action wanted is reached
 * @param hours hours of work
 * @param cost hours at the shop's rate, and parts
 */
public record Combination(List<Way> ways, Optional<Prediction> predicted, boolean reaches, double hours, double cost) {

    /** Takes an unmodifiable copy. */
    public Combination {
        ways = List.copyOf(ways);
    }

    /** Which ways. */
    public List<WayId> ids() {
        return ways.stream().map(Way::id).toList();
    }

    /** Tells whether all of it can be undone. */
    public boolean reversible() {
        return ways.stream().filter(Way::possible).allMatch(Way::reversible);
    }
}
