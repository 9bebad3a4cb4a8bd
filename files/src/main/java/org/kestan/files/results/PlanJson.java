package org.kestan.files.results;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Keyed;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.FileFinding;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.judgment.verdict.Targets;
import org.kestan.judgment.way.Way;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.BridgePlan;
import org.kestan.repair.plan.Clearance;
import org.kestan.repair.plan.Crown;
import org.kestan.repair.plan.Intonation;
import org.kestan.repair.plan.JointPlan;
import org.kestan.repair.plan.SaddlePlan;
import org.kestan.repair.plan.WedgePlan;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.Wording;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A work plan as the JSON that other programs read. Millimeters, degrees and cents as plain numbers. */
public final class PlanJson {

    private final Wording words;

    private PlanJson(Wording words) {
        this.words = words;
    }

    /**
     * The plan of a job by some ways; where the job says no action the shop's usual one is aimed at.
     *
     * @param dossier of the job with the shop's usual action filled in
     * @param plan empty exactly when there are faults
     * @param faults what keeps it from being planned, each at its place
     */
    public record Planned(JobAnalysis analysis, Optional<WorkPlan> plan, List<Fault> faults) {}

    /** Plans a job. */
    public static Planned plan(Job job, List<Way> ways, ShopStandards shop) {
        JobAnalysis analysis = JobAnalysis.of(Targets.filled(job, shop), shop);
        if (!analysis.faults().isEmpty()) {
            return new Planned(analysis, Optional.empty(), analysis.faults());
        }
        WorkPlan plan = WorkPlan.of(analysis.ways(), ways);
        return plan.planned().isPresent()
                ? new Planned(analysis, Optional.of(plan), List.of())
                : new Planned(
                        analysis,
                        Optional.empty(),
                        List.of(new Fault(
                                "/instrument", FileFinding.WAY_NOT_POSSIBLE.of(), FileFinding.A_POSSIBLE_WAY.of())));
    }

    /** Plans a job and prints the plan. */
    public static PrintedResult print(Job job, List<Way> ways, ShopStandards shop, Wording words) {
        Planned planned = plan(job, ways, shop);
        return planned.plan()
                .map(plan -> PrintedResult.of(Json.print(new PlanJson(words).tree(plan))))
                .orElseGet(() -> PrintedResult.faulty(planned.faults()));
    }

    private ObjectNode tree(WorkPlan plan) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        if (plan.ways().size() == 1) {
            root.put("way", plan.ways().get(0).key());
        } else {
            ArrayNode ways = root.putArray("way");
            plan.ways().stream().map(Keyed::key).forEach(ways::add);
        }
        JointPlan joint = plan.joint();
        plan.heel().ifPresent(cut -> heel(root.putObject("heel"), cut, joint));
        plan.projection()
                .ifPresent(projection -> root.putObject("projection")
                        .put("slack", projection.slack())
                        .put("strung", projection.strung())
                        .put("overBridge", projection.overBridge())
                        .putObject("asRead")
                        .put("slack", projection.slackAsRead())
                        .put("strung", projection.strungAsRead()));
        plan.saddle().ifPresent(saddle -> saddle(root.putObject("saddle"), saddle));
        plan.wedge().ifPresent(wedge -> wedge(root.putObject("wedge"), wedge));
        joint.cheekShim()
                .ifPresent(cap -> root.putObject("cheekShim").put("top", 0.0).put("cap", cap));
        joint.pocketShim().ifPresent(shim -> pocketShim(root.putObject("pocketShim"), shim));
        joint.kerfFiller().ifPresent(kerf -> root.put("kerfFiller", kerf));
        plan.bridge().ifPresent(bridge -> bridge(root.putObject("bridge"), bridge));
        plan.clearance().ifPresent(clearance -> clearance(root.putObject("clearance"), clearance));
        plan.intonation().ifPresent(intonation -> intonation(root.putObject("intonation"), intonation));
        ArrayNode assumed = root.putArray("assumed");
        plan.sheetAnalysis().assumed().forEach(assumed::add);
        return root;
    }

    private void heel(ObjectNode node, HeelCut cut, JointPlan joint) {
        ArrayNode stations = node.putArray("stations");
        cut.stations()
                .forEach(each -> stations.addObject()
                        .put("depth", each.depth())
                        .put("driftSide", each.driftSide())
                        .put("otherSide", each.otherSide()));
        SolveJson.corners(node, cut);
        joint.scribe().ifPresent(cheeks -> {
            ObjectNode scribe = node.putObject("scribe");
            for (Side side : Side.values()) {
                JointPlan.Scribe cheek = cheeks.get(side);
                stack(scribe.putObject(side.key()).put("thickness", cheek.thickness()), cheek.stack());
            }
        });
        ArrayNode warnings = node.putArray("warnings");
        joint.warnings().stream().map(words::say).forEach(warnings::add);
    }

    private static void stack(ObjectNode node, FeelerSet.Stack stack) {
        ArrayNode leaves = node.putArray("leaves");
        stack.leaves().stream().map(Length::text).forEach(leaves::add);
        node.put("error", stack.error());
    }

    private void saddle(ObjectNode node, SaddlePlan saddle) {
        for (Side side : Side.values()) {
            ObjectNode one = node.putObject(side.key())
                    .put("off", saddle.off().get(side))
                    .put("height", saddle.out().get(side));
            stack(one.putObject("mark"), saddle.leaves().get(side));
        }
        saddle.crown().ifPresent(crown -> crown(node, crown));
        saddle.blank().ifPresent(blank -> {
            ObjectNode made = node.putObject("blank");
            blank.length().ifPresent(number -> made.put("length", number));
            blank.thickness().ifPresent(number -> made.put("thickness", number));
            made.put("slotDepth", blank.slot())
                    .put("bass", blank.height().bass())
                    .put("treble", blank.height().treble());
        });
        ArrayNode warnings = node.putArray("warnings");
        saddle.warnings().stream().map(words::say).forEach(warnings::add);
    }

    private static void crown(ObjectNode node, Crown crown) {
        if (Double.isFinite(crown.radius())) {
            node.put("radius", crown.radius());
        } else {
            node.put("radius", Length.FLAT.text());
        }
        ArrayNode points = node.putArray("crown");
        for (Crown.Point point : crown.strings()) {
            ObjectNode one = points.addObject()
                    .put("string", point.string())
                    .put("across", point.across())
                    .put("height", point.height());
            point.groove().ifPresent(number -> one.put("groove", number));
        }
    }

    private static void wedge(ObjectNode node, WedgePlan wedge) {
        node.put("end", wedge.end()).put("fallAway", wedge.fallAway());
        if (wedge.rises() > 0) {
            node.put("plane", wedge.rises());
        }
        wedge.width().ifPresent(width -> node.put("width", width));
        ArrayNode profile = node.putArray("profile");
        wedge.profile()
                .forEach(point -> profile.addObject().put("at", point.at()).put("thickness", point.thickness()));
    }

    private static void pocketShim(ObjectNode node, JointPlan.PocketShim shim) {
        node.put("angleDeg", shim.angle().degrees());
        shim.thick().ifPresent(number -> node.put("thick", number));
        ArrayNode choices = node.putArray("choices");
        shim.choices()
                .forEach(choice -> VerdictJson.sides(
                        choices.addObject()
                                .put("angleDeg", choice.angle().degrees())
                                .putObject("action"),
                        choice.after().action()));
    }

    private static void bridge(ObjectNode node, BridgePlan bridge) {
        node.put("before", bridge.before()).put("after", bridge.after());
        if (!bridge.floating()) {
            node.put("off", bridge.before() - bridge.after()).put("proportion", bridge.proportion());
            return;
        }
        VerdictJson.sides(node.putObject("rise"), bridge.sides());
        node.put("trim", bridge.trim()).put("riser", bridge.riser()).put("lower", bridge.lower());
        bridge.adjuster().ifPresent(number -> node.put("adjuster", number));
    }

    private static void clearance(ObjectNode node, Clearance clearance) {
        node.putObject("fretLine").put("before", clearance.fretLineBefore()).put("after", clearance.fretLineAfter());
        node.putObject("string").put("before", clearance.stringBefore()).put("after", clearance.stringAfter());
        node.put("leastRotationDeg", clearance.leastRotation().degrees());
    }

    private static void intonation(ObjectNode node, Intonation intonation) {
        node.put("stringLengthChange", intonation.lengthChange()).put("cents", Sides.mean(intonation.centsChange()));
        VerdictJson.sides(node.putObject("centsBySide"), intonation.centsChange());
        intonation.setBack().ifPresent(back -> VerdictJson.sides(node.putObject("setBack"), back));
        if (!intonation.compensation().isEmpty()) {
            ArrayNode strings = node.putArray("compensation");
            intonation
                    .compensation()
                    .forEach(each ->
                            strings.addObject().put("string", each.string()).put("back", each.back()));
        }
        intonation.line().ifPresent(line -> VerdictJson.sides(node.putObject("saddleLine"), line));
    }
}
