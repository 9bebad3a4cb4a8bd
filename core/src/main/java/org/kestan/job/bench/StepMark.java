package org.kestan.job.bench;

import java.time.Instant;
import java.util.Locale;
import org.kestan.base.finding.Keyed;

/**
 * That a step is done, or passed over, or passed unread.
 *
 * @param step the step's id
 * @param state done or passed over
 * @param at when
 * @param reason why it was passed over or what it lacks, empty for a step that is done
 */
public record StepMark(String step, State state, Instant at, String reason) {

    /** How a step came to be behind one. */
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
