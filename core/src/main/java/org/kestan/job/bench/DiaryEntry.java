package org.kestan.job.bench;

import java.time.Instant;
import org.kestan.base.finding.Keyed;

/**
 * One line of the diary: what was done, by whom and when. Lines are added and never changed; taking something back
 * adds another line.
 *
 * @param at when
 * @param who who; empty if not recorded
 * @param what what happened
 * @param step the step it happened at, empty for none
 * @param text what was written or read, empty for nothing
 */
public record DiaryEntry(Instant at, String who, What what, String step, String text) {

    /** The kinds of entries. */
    public enum What implements Keyed {
        DONE,
        SKIPPED,
        UNREAD,
        REOPENED,
        NOTE,
        PICTURE,
        READING,
        WAIT_STARTED,
        WAIT_ENDED,
        BAGGED,
        PUT_BACK,
        HEEL,
        FIT,
        TAKEN_BACK;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "diary";
        }
    }
}
