package org.kestan.files.results;

import java.util.ArrayList;
import java.util.List;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.correction.CorrectionSolver;
import org.kestan.analysis.trajectory.MissingInput;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Fault;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.files.json.Json;
import org.kestan.overview.JobAnalysis;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The figures of a job as JSON for other programs. Millimeters and degrees as plain numbers. */
public final class SolveJson {

    private SolveJson() {}

    /**
     * Solves a job. The relief, which the application may assume as 0, is required unless a projection gives the fret
     * line (§3.6a), as the contract of the job file says.
     */
    public static PrintedResult solve(JobAnalysis analysis) {
        List<Fault> faults = new ArrayList<>(analysis.faults());
        if (!analysis.job().visit().knowsRelief() && !analysis.job().visit().knowsProjection()) {
            faults.add(new Fault(Reading.RELIEF.pointer(), MissingInput.VALUE.of(), NotationFinding.A_LENGTH.of()));
        }
        if (analysis.trajectory().isEmpty()) {
            // Without a trajectory the target has not been checked yet, so what is missing there is reported at once,
            // too.
            faults.addAll(CorrectionSolver.missing(analysis.job()));
        }
        return faults.isEmpty()
                ? PrintedResult.of(Json.print(result(analysis.correction().orElseThrow(Expect.present("correction")))))
                : PrintedResult.faulty(faults);
    }

    private static ObjectNode result(Correction plan) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        Trajectory known = plan.trajectory();
        ObjectNode strings = root.putObject("strings");
        for (Side side : Side.values()) {
            ObjectNode string = strings.putObject(side.key())
                    .put("nutHeight", known.strings().get(side).atNut())
                    .put("saddleHeight", known.saddleHeight(side))
                    .put("actionAfterRelief", plan.actionAfterRelief(side))
                    .put("saddleDrop", plan.saddleDrop(side))
                    .put("nutAfter", plan.nutAfter(side));
            plan.protrusion().ifPresent(sides -> string.put("saddleProtrusion", sides.get(side)));
        }
        ObjectNode neck =
                root.putObject("neck").put("correctionDeg", plan.angle().degrees());
        known.pitch().ifPresent(pitch -> neck.put("presentPitchDeg", pitch.degrees()));
        ObjectNode fretLine = root.putObject("fretLine")
                .put("impliedStrung", known.impliedStrung())
                .put("targetStrung", plan.targetStrung())
                .put("sink", plan.sink())
                .put("targetSlack", plan.targetSlack());
        known.bodySink().ifPresent(sink -> fretLine.put("sinkBody", sink));
        known.disagreement().ifPresent(off -> fretLine.put("disagreement", off));
        known.basis()
                .reconciled()
                .ifPresent(one -> fretLine.putObject("reconciled")
                        .put("value", one.value())
                        .put("weightStrings", one.weightStrings()));
        fretLine.putObject("asRead")
                .put("strung", plan.strungAsRead())
                .put("slack", plan.slackAsRead())
                .put("middleOverEdge", known.basis().straightedge().middleOverEdge());
        plan.heel().ifPresent(heel -> heel(root.putObject("heel"), plan, heel));
        plan.extension()
                .ifPresent(extension -> root.putObject("extension")
                        .put("fallAwayAfter", extension.fallAwayAfter())
                        .put("wedge", extension.wedge()));
        plan.assumed().forEach(root.putArray("assumed")::add);
        return root;
    }

    private static void heel(ObjectNode node, Correction plan, HeelCut heel) {
        node.put("removalAtCap", heel.atCap()).put("ruleOfThumb", heel.ruleOfThumb());
        plan.heelByStrings().ifPresent(cut -> node.put("byStrings", cut));
        plan.heelByStraightedge().ifPresent(cut -> node.put("byStraightedge", cut));
        corners(node, heel);
    }

    /** The four corners of a heel cut, if its widths are known. */
    static void corners(ObjectNode node, HeelCut heel) {
        if (heel.widths().isPresent()) {
            HeelCut.Cheeks top = heel.cheeksAt(0);
            HeelCut.Cheeks cap = heel.cheeksAt(heel.height());
            ObjectNode corners = node.putObject("corners");
            corners.putObject("driftSide").put("top", top.driftSide()).put("cap", cap.driftSide());
            corners.putObject("otherSide").put("top", top.otherSide()).put("cap", cap.otherSide());
        }
    }
}
