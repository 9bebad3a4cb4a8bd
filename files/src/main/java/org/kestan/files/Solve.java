package org.kestan.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.correction.Correction;
import org.kestan.correction.CorrectionSolver;
import org.kestan.geometry.HeelCut;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.notation.Length;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.standards.ShopStandards;
import org.kestan.trajectory.Trajectory;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A job solved, as the JSON that other programs read. Millimetres and degrees as plain numbers. */
public final class Solve {

    private Solve() {}

    /**
     * What came of solving.
     *
     * @param json the result; empty exactly when there are faults
     * @param faults what keeps the job from being solved, each at its place
     */
    public record Outcome(Optional<String> json, List<Fault> faults) {}

    /**
     * Solves a job. Relief, which the application may take as 0, has to be there: the contract of the job file says so.
     */
    public static Outcome solve(Job job, ShopStandards standards) {
        Reckoning reckoning = Reckoning.of(job, standards);
        List<Fault> faults = new ArrayList<>(reckoning.faults());
        if (job.length(Reading.RELIEF).isEmpty()) {
            faults.add(new Fault(Reading.RELIEF.pointer(), "the value is missing", Length.ACCEPTED));
        }
        missingAims(reckoning, faults);
        if (!faults.isEmpty()) {
            return new Outcome(Optional.empty(), List.copyOf(faults));
        }
        return new Outcome(Optional.of(Json.print(result(reckoning.correction().orElseThrow()))), List.of());
    }

    /** With no trajectory the target was not looked at yet: say at once what is missing there too. */
    private static void missingAims(Reckoning reckoning, List<Fault> faults) {
        if (reckoning.trajectory().isEmpty()) {
            faults.addAll(CorrectionSolver.missing(reckoning.job().target()));
        }
    }

    private static ObjectNode result(Correction plan) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        Trajectory known = plan.trajectory();
        ObjectNode strings = root.putObject("strings");
        for (Side side : Side.values()) {
            ObjectNode string = strings.putObject(side.word())
                    .put("nutHeight", known.strings().get(side).atNut())
                    .put("saddleHeight", known.saddleHeight(side))
                    .put("actionAfterRelief", plan.actionAfterRelief(side))
                    .put("saddleDrop", plan.saddleDrop(side));
            plan.protrusion().ifPresent(sides -> string.put("saddleProtrusion", sides.get(side)));
        }
        root.putObject("neck")
                .put("correctionDeg", Math.toDegrees(plan.angle()))
                .put("presentPitchDeg", Math.toDegrees(known.pitch()));
        ObjectNode fretLine = root.putObject("fretLine")
                .put("impliedStrung", known.impliedStrung())
                .put("targetStrung", plan.targetStrung())
                .put("sink", plan.sink())
                .put("targetSlack", plan.targetSlack());
        known.disagreement().ifPresent(off -> fretLine.put("disagreement", off));
        plan.heel().ifPresent(heel -> heel(root.putObject("heel"), heel));
        plan.extension()
                .ifPresent(extension -> root.putObject("extension")
                        .put("fallAwayAfter", extension.fallAwayAfter())
                        .put("wedge", extension.wedge()));
        plan.assumed().forEach(root.putArray("assumed")::add);
        return root;
    }

    private static void heel(ObjectNode node, HeelCut heel) {
        node.put("removalAtCap", heel.atCap()).put("ruleOfThumb", heel.ruleOfThumb());
        corners(node, heel);
    }

    /** The four corners of a heel cut, when its widths are known. */
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
