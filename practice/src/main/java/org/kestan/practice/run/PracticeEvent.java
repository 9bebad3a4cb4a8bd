package org.kestan.practice.run;

import org.kestan.base.sheet.Sides;
import org.kestan.practice.work.Operation;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;

/** Something a learner did; its result follows from the case's seed and the events before it. */
public sealed interface PracticeEvent {

    /** A tool was placed and read. */
    record Measured(SimulatedTool tool, Placement placement) implements PracticeEvent {}

    /**
     * An operation was done.
     *
     * @param amount by the operation: nothing of it, its bass side, or both
     */
    record Worked(Operation operation, Sides<Double> amount) implements PracticeEvent {}
}
