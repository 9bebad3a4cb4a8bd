package org.kestan.following.trajectory;

import java.util.List;
import org.kestan.ground.finding.Fault;

/** What is needed and was not said. */
public enum Needed implements Fault.Missing {
    VALUE,
    WANTED_ACTION,
    JOINT_FRET,
    STRINGS;

    @Override
    public List<Class<?>> takes() {
        return List.of();
    }
}
