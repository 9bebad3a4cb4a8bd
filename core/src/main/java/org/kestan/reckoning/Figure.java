package org.kestan.reckoning;

import java.util.List;

/**
 * A figure that decides, as it is and as planned.
 *
 * @param kind which figure
 * @param now the instrument as measured
 * @param planned the instrument after the work
 */
public record Figure(Kind kind, Standing now, Standing planned) {

    /** The figures that stay in sight. */
    public enum Kind {
        ACTION("Action, bass and treble", false, true),
        SADDLE("Saddle left, bass and treble", false, true),
        NECK_PITCH("Neck pitch", true, false),
        HEEL_CUT("Heel cut at the cap", false, false),
        BREAK_ANGLE("Break angle", true, false),
        BRIDGE("Bridge", false, false);

        private final String title;
        private final boolean angle;
        private final boolean perSide;

        Kind(String title, boolean angle, boolean perSide) {
            this.title = title;
            this.angle = angle;
            this.perSide = perSide;
        }

        /** Returns the title shown over the figure. */
        public String title() {
            return title;
        }

        /** Tells whether the values are radians; otherwise they are millimetres. */
        public boolean isAngle() {
            return angle;
        }

        /** Tells whether there is a value for the bass and one for the treble side. */
        public boolean isPerSide() {
            return perSide;
        }
    }

    /**
     * Values with their state.
     *
     * @param values mm or radians; bass then treble where the kind is per side; empty when unknown
     * @param state how they stand
     * @param reason why, in a short clause; empty when there is nothing to add
     */
    public record Standing(List<Double> values, State state, String reason) {

        /** A figure that is not known, and which reading would tell. */
        static Standing unknown(String reason) {
            return new Standing(List.of(), State.UNKNOWN, reason);
        }
    }
}
