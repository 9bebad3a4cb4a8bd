package org.kestan.job.visits;

import org.kestan.job.tree.UnknownKeys;

/**
 * Something looked at in the inspection of the structure.
 *
 * @param what what was looked for
 * @param severity how bad it is; {@link Severity#SOUND} means it was inspected and found sound
 * @param note where and how, empty for nothing to add
 * @param foreign what other programs keep with it
 */
public record Observation(Defect what, Severity severity, String note, UnknownKeys foreign) {

    /** An observation without data of other programs. */
    public Observation(Defect what, Severity severity, String note) {
        this(what, severity, note, UnknownKeys.NONE);
    }
}
