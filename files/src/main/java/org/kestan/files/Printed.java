package org.kestan.files;

import java.util.List;
import java.util.Optional;
import org.kestan.ground.finding.Fault;

/**
 * A result printed for other programs.
 *
 * @param text the result; empty exactly when there are faults
 * @param faults what keeps it from being worked out, each at its place
 */
public record Printed(Optional<String> text, List<Fault> faults) {

    /** Nothing could be worked out. */
    public static Printed faulty(List<Fault> faults) {
        return new Printed(Optional.empty(), List.copyOf(faults));
    }

    /** A result. */
    public static Printed of(String text) {
        return new Printed(Optional.of(text), List.of());
    }
}
