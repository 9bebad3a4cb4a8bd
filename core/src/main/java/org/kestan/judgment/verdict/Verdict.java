package org.kestan.judgment.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.sheet.SheetAnalysis;

/** The gates of a job, all of them and in order. */
public final class Verdict {

    private Verdict() {}

    /** Judges an analyzed job without knowing what would be done, so its worth is unknown. */
    public static List<Gate> of(SheetAnalysis sheetAnalysis) {
        return of(sheetAnalysis, Optional.empty());
    }

    /**
     * Judges an analyzed job.
     *
     * @param repair the cost of the repair that would be done; empty if unknown
     */
    public static List<Gate> of(SheetAnalysis sheetAnalysis, Optional<RepairPrice> repair) {
        ConditionGates condition = new ConditionGates(sheetAnalysis);
        GeometryGates geometry = new GeometryGates(sheetAnalysis);
        List<Gate> gates = new ArrayList<>(List.of(
                condition.soundness(),
                condition.pitch(),
                condition.relief(),
                condition.nut(),
                condition.fretboard(),
                geometry.action(),
                geometry.saddle(),
                geometry.breakAngle(),
                geometry.bridge()));
        geometry.clearance().ifPresent(gates::add);
        gates.add(geometry.neckPitch());
        gates.add(WorthGate.of(sheetAnalysis.job(), sheetAnalysis.standards(), repair));
        List<Gate> judged = new ArrayList<>();
        boolean stopped = false;
        if (!condition.bearsTension()) {
            gates.replaceAll(Gate::untilMended);
        }
        for (Gate gate : gates) {
            judged.add(stopped ? gate.asProvisional() : gate);
            stopped |= gate.state() == GateState.STOP;
        }
        return List.copyOf(judged);
    }
}
