package org.kestan.analysis.trajectory;

import java.util.List;
import org.kestan.base.finding.Fault;

/** An input that is needed and was not entered. */
public enum MissingInput implements Fault.Missing {
    VALUE,
    WANTED_ACTION,
    JOINT_FRET,
    STRINGS;

    @Override
    public List<Class<?>> takes() {
        return List.of();
    }
}
