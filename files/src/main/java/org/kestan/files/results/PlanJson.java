package org.kestan.files.results;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.FileFinding;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.judgment.verdict.Targets;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.PartData;
import org.kestan.repair.plan.PlanParts;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.Wording;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A work plan as JSON for other programs. Millimeters, degrees and cents as plain numbers. */
public final class PlanJson {

    private final Wording words;

    private PlanJson(Wording words) {
        this.words = words;
    }

    /**
     * The plan of a job by some ways; if the job names no action, the shop's usual one is the target.
     *
     * @param analysis of the job with the shop's usual action filled in
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
        Optional<Way> misfit = ways.stream().filter(way -> !way.fitsJoint(job)).findFirst();
        if (misfit.isPresent()) {
            return new Planned(analysis, Optional.empty(), List.of(misfit(job, misfit.get())));
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

    /** The error for a way that does not fit the joint, with the neck ways that do. */
    private static Fault misfit(Job job, Way way) {
        List<Quantity> fitting = WayCatalog.ALL.stream()
                .filter(each -> each.has(Effect.TURNS_NECK) && !each.has(Effect.LAST_RESORT))
                .filter(each -> each.fitsJoint(job))
                .<Quantity>map(each -> Quantity.text(each.key()))
                .toList();
        return new Fault(
                "/instrument",
                FileFinding.WAY_NOT_FOR_JOINT.of(Quantity.text(way.key())),
                fitting.isEmpty()
                        ? FileFinding.A_POSSIBLE_WAY.of()
                        : FileFinding.ONE_OF.of(new Quantity.Several(fitting)));
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
        PartData data = new PartData();
        PlanParts.ALL.forEach(part -> part.data(plan, data));
        entries(data, root);
        ArrayNode assumed = root.putArray("assumed");
        plan.sheetAnalysis().assumed().forEach(assumed::add);
        return root;
    }

    private void entries(PartData data, ObjectNode node) {
        data.entries().forEach((key, value) -> node.set(key, tree(value)));
    }

    private JsonNode tree(Object value) {
        if (value instanceof PartData data) {
            ObjectNode node = JsonNodeFactory.instance.objectNode();
            entries(data, node);
            return node;
        }
        if (value instanceof List<?> list) {
            ArrayNode node = JsonNodeFactory.instance.arrayNode();
            list.forEach(each -> node.add(tree(each)));
            return node;
        }
        if (value instanceof Finding finding) {
            return JsonNodeFactory.instance.stringNode(words.say(finding));
        }
        if (value instanceof Double number) {
            return JsonNodeFactory.instance.numberNode(number);
        }
        if (value instanceof Integer number) {
            return JsonNodeFactory.instance.numberNode(number);
        }
        if (value instanceof Boolean flag) {
            return JsonNodeFactory.instance.booleanNode(flag);
        }
        if (value instanceof String text) {
            return JsonNodeFactory.instance.stringNode(text);
        }
        throw new IllegalArgumentException("no way to print " + value);
    }
}
