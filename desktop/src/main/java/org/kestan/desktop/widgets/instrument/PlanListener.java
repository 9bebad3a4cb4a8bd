package org.kestan.desktop.widgets.instrument;

import org.kestan.repair.drag.Handle;

/** Told when something is moved in a loupe. */
public interface PlanListener {

    /** A listener that does nothing. */
    PlanListener DEAF = new PlanListener() {
        @Override
        public void moved(Handle handle, double height, boolean fine, Object gesture) {}

        @Override
        public void reset(Handle handle) {}
    };

    /**
     * A handle was moved.
     *
     * @param handle which
     * @param height where to, mm as {@link org.kestan.repair.drag.PlanDrag#move} takes it
     * @param fine whether it is to be written in hundredths rather than in the working step
     * @param gesture the same for all moves of one drag
     */
    void moved(Handle handle, double height, boolean fine, Object gesture);

    /** A handle was reset to the measured value. */
    void reset(Handle handle);
}
