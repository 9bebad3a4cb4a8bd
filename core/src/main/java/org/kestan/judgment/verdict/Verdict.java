package org.kestan.judgment.verdict;

import java.util.ArrayList;
import java.util.List;
import org.kestan.analysis.sheet.SheetAnalysis;

/** The gates of a job, all of them and in order. */
public final class Verdict {

    private Verdict() {}

    /** Judges what follows from a job. */
    public static List<Gate> of(SheetAnalysis sheetAnalysis) {
        ConditionGates condition = new ConditionGates(sheetAnalysis);
        GeometryGates geometry = new GeometryGates(sheetAnalysis);
        List<Gate> gates = List.of(
                condition.soundness(),
                condition.pitch(),
                condition.relief(),
                condition.nut(),
                condition.fretboard(),
                geometry.action(),
                geometry.saddle(),
                geometry.breakAngle(),
                geometry.bridge(),
                geometry.neckPitch(),
                geometry.worth());
        List<Gate> judged = new ArrayList<>();
        boolean stopped = false;
        for (Gate gate : gates) {
            judged.add(stopped ? gate.asProvisional() : gate);
            stopped |= gate.state() == GateState.STOP;
        }
        return List.copyOf(judged);
    }
}
