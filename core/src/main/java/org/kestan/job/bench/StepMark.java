package org.kestan.job.bench;

import java.time.Instant;
import java.util.Locale;
import org.kestan.base.finding.Keyed;

/**
 * Marks a step as done, skipped, or passed without a reading.
 *
 * @param step the step's id
 * @param state done or passed over
 * @param at when
 * @param reason why it was passed over or what it lacks, empty for a step that is done
 */
public record StepMark(String step, State state, Instant at, String reason) {

    /** The state of a finished step. */
    public enum State implements Keyed {
        DONE,
        SKIPPED,
        /** Done without a reading, a check or a wait that it asks for. */
        UNREAD;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        @Override
        public String family() {
            return "step-state";
        }
    }
}
