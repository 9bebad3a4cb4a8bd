package org.kestan.files.results;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Fault;

/**
 * A result printed for other programs.
 *
 * @param text the result; empty exactly when there are faults
 * @param faults what keeps it from being worked out, each at its place
 */
public record PrintedResult(Optional<String> text, List<Fault> faults) {

    /** Nothing could be worked out. */
    public static PrintedResult faulty(List<Fault> faults) {
        return new PrintedResult(Optional.empty(), List.copyOf(faults));
    }

    /** A result. */
    public static PrintedResult of(String text) {
        return new PrintedResult(Optional.of(text), List.of());
    }
}
