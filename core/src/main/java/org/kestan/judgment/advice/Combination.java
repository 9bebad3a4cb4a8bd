package org.kestan.judgment.advice;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayKind;

/**
 * Several ways in a row, each starting from the setup the previous one leaves: relief, then nut, saddle, bridge, neck.
 *
 * @param steps the ways as taken, in that order; one that has nothing left to do says so
 * @param predicted the instrument afterward; empty if the sheet is not complete enough or none of the ways can be taken
 * @param reaches whether the target action is reached
 * @param hours hours of work
 * @param cost hours at the shop's rate, and parts
 */
public record Combination(
        List<Assessment> steps, Optional<StrungSetup> predicted, boolean reaches, double hours, double cost) {

    /** Takes an unmodifiable copy. */
    public Combination {
        steps = List.copyOf(steps);
    }

    /** Which ways. */
    public List<Way> ways() {
        return steps.stream().map(Assessment::way).toList();
    }

    /** The ways that can be done and lead somewhere. */
    public List<Way> possible() {
        return steps.stream().filter(Assessment::possible).map(Assessment::way).toList();
    }

    /** How heavy the heaviest of its steps is. */
    public WayKind kind() {
        return steps.stream()
                .filter(Assessment::possible)
                .map(Assessment::kind)
                .max(Comparator.naturalOrder())
                .orElse(WayKind.REVERSIBLE);
    }

    /** Returns whether all of it can be undone. */
    public boolean reversible() {
        return steps.stream().filter(Assessment::possible).allMatch(Assessment::reversible);
    }
}
