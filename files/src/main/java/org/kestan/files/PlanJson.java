package org.kestan.files;

import java.util.List;
import java.util.Optional;
import org.kestan.geometry.HeelCut;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.notation.Length;
import org.kestan.plan.BridgePlan;
import org.kestan.plan.Clearance;
import org.kestan.plan.Crown;
import org.kestan.plan.Intonation;
import org.kestan.plan.JointPlan;
import org.kestan.plan.ProjectionPlan;
import org.kestan.plan.SaddlePlan;
import org.kestan.plan.WedgePlan;
import org.kestan.plan.WorkPlan;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Keyed;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.standards.Leaves;
import org.kestan.standards.ShopStandards;
import org.kestan.verdict.Wanted;
import org.kestan.ways.WayId;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A work plan as the JSON that other programs read. Millimetres, degrees and cents as plain numbers. */
public final class PlanJson {

    private PlanJson() {}

    /**
     * The plan of a job by some ways; where the job says no action the shop's usual one is aimed at.
     *
     * @param plan empty exactly when there are faults
     * @param faults what keeps it from being planned, each at its place
     */
    public record Planned(Optional<WorkPlan> plan, List<Fault> faults) {}

    /** Plans a job. */
    public static Planned plan(Job job, List<WayId> ways, ShopStandards shop) {
        Reckoning reckoning = Reckoning.of(Wanted.filled(job, shop), shop);
        if (!reckoning.faults().isEmpty()) {
            return new Planned(Optional.empty(), reckoning.faults());
        }
        WorkPlan plan = WorkPlan.of(reckoning, ways);
        if (plan.planned().isEmpty()) {
            return new Planned(
                    Optional.empty(),
                    List.of(new Fault(
                            "/instrument",
                            "this way can't be taken on it: see what kestan verdict says of it",
                            "a way that is possible here")));
        }
        return new Planned(Optional.of(plan), List.of());
    }

    /** Plans a job and prints the plan. */
    public static Solve.Outcome print(Job job, List<WayId> ways, ShopStandards shop) {
        Planned planned = plan(job, ways, shop);
        return new Solve.Outcome(planned.plan().map(plan -> Json.print(tree(plan))), planned.faults());
    }

    private static ObjectNode tree(WorkPlan plan) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        if (plan.ways().size() == 1) {
            root.put("way", plan.ways().get(0).key());
        } else {
            ArrayNode ways = root.putArray("way");
            plan.ways().stream().map(Keyed::key).forEach(ways::add);
        }
        JointPlan joint = JointPlan.of(plan);
        plan.heel().ifPresent(cut -> heel(root.putObject("heel"), cut, joint));
        ProjectionPlan.of(plan)
                .ifPresent(projection -> root.putObject("projection")
                        .put("slack", projection.slack())
                        .put("strung", projection.strung())
                        .put("overBridge", projection.overBridge()));
        SaddlePlan.of(plan).ifPresent(saddle -> saddle(root.putObject("saddle"), saddle));
        WedgePlan.of(plan).ifPresent(wedge -> wedge(root.putObject("wedge"), wedge));
        joint.cheekShim()
                .ifPresent(cap -> root.putObject("cheekShim").put("top", 0.0).put("cap", cap));
        joint.pocketShim().ifPresent(shim -> pocketShim(root.putObject("pocketShim"), shim));
        joint.kerfFiller().ifPresent(kerf -> root.put("kerfFiller", kerf));
        BridgePlan.of(plan).ifPresent(bridge -> bridge(root.putObject("bridge"), bridge));
        Clearance.of(plan).ifPresent(clearance -> clearance(root.putObject("clearance"), clearance));
        Intonation.of(plan).ifPresent(intonation -> intonation(root.putObject("intonation"), intonation));
        ArrayNode assumed = root.putArray("assumed");
        plan.reckoning().assumed().forEach(assumed::add);
        return root;
    }

    private static void heel(ObjectNode node, HeelCut cut, JointPlan joint) {
        ArrayNode stations = node.putArray("stations");
        cut.stations()
                .forEach(each -> stations.addObject()
                        .put("depth", each.depth())
                        .put("driftSide", each.driftSide())
                        .put("otherSide", each.otherSide()));
        Solve.corners(node, cut);
        joint.scribe().ifPresent(stack -> stack(node.putObject("scribe").put("thickness", cut.atCap()), stack));
        ArrayNode warnings = node.putArray("warnings");
        joint.warnings().forEach(warnings::add);
    }

    private static void stack(ObjectNode node, Leaves.Stack stack) {
        ArrayNode leaves = node.putArray("leaves");
        stack.leaves().stream().map(Length::text).forEach(leaves::add);
        node.put("error", stack.error());
    }

    private static void saddle(ObjectNode node, SaddlePlan saddle) {
        for (Side side : Side.values()) {
            ObjectNode one = node.putObject(side.word())
                    .put("off", saddle.off().get(side))
                    .put("height", saddle.out().get(side));
            stack(one.putObject("mark"), saddle.leaves().get(side));
        }
        saddle.crown().ifPresent(crown -> crown(node, crown));
        saddle.blank().ifPresent(blank -> {
            ObjectNode made = node.putObject("blank");
            VerdictJson.put(made, "length", blank.length());
            VerdictJson.put(made, "thickness", blank.thickness());
            made.put("slotDepth", blank.slot())
                    .put("bass", blank.height().bass())
                    .put("treble", blank.height().treble());
        });
        ArrayNode warnings = node.putArray("warnings");
        saddle.warnings().forEach(warnings::add);
    }

    private static void crown(ObjectNode node, Crown crown) {
        node.put("radius", crown.radius());
        ArrayNode points = node.putArray("crown");
        for (Crown.Point point : crown.strings()) {
            ObjectNode one = points.addObject()
                    .put("string", point.string())
                    .put("across", point.across())
                    .put("height", point.height());
            VerdictJson.put(one, "groove", point.groove());
        }
    }

    private static void wedge(ObjectNode node, WedgePlan wedge) {
        node.put("end", wedge.end()).put("fallAway", wedge.fallAway());
        ArrayNode profile = node.putArray("profile");
        wedge.profile()
                .forEach(point -> profile.addObject().put("at", point.at()).put("thickness", point.thickness()));
    }

    private static void pocketShim(ObjectNode node, JointPlan.PocketShim shim) {
        node.put("angleDeg", shim.degrees());
        VerdictJson.put(node, "thick", shim.thick());
        ArrayNode choices = node.putArray("choices");
        shim.choices()
                .forEach(choice -> VerdictJson.sides(
                        choices.addObject().put("angleDeg", choice.degrees()).putObject("action"),
                        choice.after().action()));
    }

    private static void bridge(ObjectNode node, BridgePlan bridge) {
        node.put("before", bridge.before()).put("after", bridge.after());
        if (!bridge.floating()) {
            node.put("off", bridge.before() - bridge.after()).put("proportion", bridge.proportion());
            return;
        }
        VerdictJson.sides(node.putObject("rise"), bridge.sides());
        node.put("trim", bridge.trim()).put("riser", bridge.riser());
        VerdictJson.put(node, "adjuster", bridge.adjuster());
    }

    private static void clearance(ObjectNode node, Clearance clearance) {
        node.putObject("fretLine").put("before", clearance.fretLineBefore()).put("after", clearance.fretLineAfter());
        node.putObject("string").put("before", clearance.stringBefore()).put("after", clearance.stringAfter());
        node.put("leastRotationDeg", Math.toDegrees(clearance.leastRotation()));
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
