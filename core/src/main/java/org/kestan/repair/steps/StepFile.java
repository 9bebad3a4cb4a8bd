package org.kestan.repair.steps;

import java.util.List;

/**
 * The steps of one way, or those before or after every way.
 *
 * @param name the way's key, or {@link #OPENING} or {@link #CLOSING}
 * @param order where it stands among the others at the bench, the lowest first
 * @param steps in their order
 */
public record StepFile(String name, int order, List<Step> steps) {

    /** What comes before every way. */
    public static final String OPENING = "opening";

    /** What comes after every way. */
    public static final String CLOSING = "closing";

    /** Takes an unmodifiable copy. */
    public StepFile {
        steps = List.copyOf(steps);
    }
}
