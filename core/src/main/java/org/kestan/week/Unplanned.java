package org.kestan.week;

import java.util.List;
import org.kestan.base.finding.Keyed;

/**
 * A job that cannot be planned.
 *
 * @param job its id
 * @param name as the list shows it
 * @param step the step at which it stands still, by its id; empty if it is the job itself
 * @param why why
 * @param needs parts it takes that are not in the drawer
 */
public record Unplanned(String job, String name, String step, Why why, List<PartNeed> needs) {

    /** Takes an unmodifiable copy. */
    public Unplanned {
        needs = List.copyOf(needs);
    }

    /** Why a job can't be planned. */
    public enum Why implements Keyed {
        /** No way was taken into its plan, and none can be recommended yet. */
        NO_WAYS,
        /** A part is missing, and nobody knows when it will arrive. */
        PART_WITHOUT_DAY,
        /** A step can't be interrupted overnight, and no day is long enough for it. */
        LONGER_THAN_A_DAY,
        /** The shop is closed for the whole planning period. */
        CLOSED,
        /** Nobody takes its way. */
        NOBODY,
        /** There is no such place. */
        NO_PLACE;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "unplanned";
        }
    }
}
