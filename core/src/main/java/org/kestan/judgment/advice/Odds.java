package org.kestan.judgment.advice;

import java.util.Map;
import java.util.Optional;
import org.kestan.judgment.way.WayKind;

/**
 * How likely it is that lighter ways are not enough (§6).
 *
 * @param kind how heavy the ways recommended are; empty if they leave the instrument as it is
 * @param lighterMiss for each kind the least chance with which a lighter way misses the target, 0 to 1; none if it was
 *     not asked
 */
public record Odds(Optional<WayKind> kind, Map<WayKind, Double> lighterMiss) {

    /** No chances worked out. */
    static final Odds NONE = new Odds(Optional.empty(), Map.of());

    /** Takes an unmodifiable copy. */
    public Odds {
        lighterMiss = Map.copyOf(lighterMiss);
    }
}
