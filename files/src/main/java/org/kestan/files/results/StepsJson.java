package org.kestan.files.results;

import java.util.List;
import org.kestan.base.finding.Quantity;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.judgment.way.Way;
import org.kestan.repair.plan.PlanNumber;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The steps at the bench for some ways, as JSON for other programs. Millimeters and degrees. */
public final class StepsJson {

    private StepsJson() {}

    /** Puts together the steps of a job done by some ways. */
    public static PrintedResult compose(Job job, List<Way> ways, ShopStandards shop, StepBook book) {
        PlanJson.Planned planned = PlanJson.plan(job, ways, shop);
        if (planned.plan().isEmpty()) {
            return PrintedResult.faulty(planned.faults());
        }
        WorkPlan plan = planned.plan().get();
        ArrayNode root = JsonNodeFactory.instance.arrayNode();
        book.compose(plan).forEach(step -> root.add(tree(step, plan)));
        return PrintedResult.of(Json.print(root));
    }

    private static ObjectNode tree(Step step, WorkPlan plan) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("id", step.id())
                .put("title", step.text().title());
        text(node, "why", step.text().why());
        text(node, "do", step.text().doing());
        text(node, "check", step.text().check());
        text(node, "otherwise", step.text().failing());
        node.put("hands", step.work().hands());
        step.work()
                .pause()
                .ifPresent(pause ->
                        node.putObject("wait").put("kind", pause.kind().key()).put("minutes", pause.minutes()));
        step.text().cautions().forEach(node.putArray("cautions")::add);
        ArrayNode numbers = node.putArray("numbers");
        step.work().numbers().forEach(number -> numbers(number, plan, numbers));
        step.work().reads().forEach(line -> node.withArray("reads").add(line.path()));
        if (step.work().reads().isEmpty()) {
            node.putArray("reads");
        } else {
            node.put("into", step.work().into().key());
        }
        step.work().bags().forEach(node.putArray("bags")::add);
        text(node, "picture", step.text().picture());
        step.work().tool().ifPresent(tool -> node.put("tool", tool.key()));
        return node;
    }

    private static void text(ObjectNode node, String key, String text) {
        if (!text.isEmpty()) {
            node.put(key, text);
        }
    }

    private static void numbers(PlanNumber number, WorkPlan plan, ArrayNode all) {
        for (PlanNumber.Amount amount : number.amounts(plan)) {
            ObjectNode node = all.addObject().put("id", number.key());
            amount.side().ifPresent(side -> node.put("side", side.key()));
            Quantity value = amount.value();
            if (value instanceof Quantity.Distance distance) {
                node.put("mm", distance.millimeters());
            } else if (value instanceof Quantity.Turn turn) {
                node.put("deg", turn.angle().degrees());
            } else if (value instanceof Quantity.Plain plain) {
                node.put("ratio", plain.number());
            } else if (value instanceof Quantity.Several several) {
                ArrayNode leaves = node.putArray("leaves");
                several.all().forEach(each -> leaves.add(((Quantity.Verbatim) each).text()));
            }
        }
    }
}
