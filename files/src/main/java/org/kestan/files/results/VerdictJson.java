package org.kestan.files.results;

import java.time.LocalDate;
import java.util.List;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.files.json.Json;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.CloseCall;
import org.kestan.judgment.advice.RunnerUp;
import org.kestan.judgment.advice.SchoolPlan;
import org.kestan.judgment.verdict.Gate;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.holding.HoldingTime;
import org.kestan.text.Wording;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The verdict on a job as JSON for other programs. Millimeters, degrees, newtons and cents as plain numbers. */
public final class VerdictJson {

    private VerdictJson() {}

    /**
     * Judges a job. A missing reading is unknown and not an error; an impossible one is.
     *
     * @param words says the reasons
     * @return the JSON, or the faults at their places
     */
    public static PrintedResult judge(JobAnalysis analysis, Wording words) {
        List<Fault> wrong =
                analysis.faults().stream().filter(fault -> !fault.isMissing()).toList();
        if (!wrong.isEmpty()) {
            return PrintedResult.faulty(wrong);
        }
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode gates = root.putArray("gates");
        analysis.gates().forEach(gate -> gate(gates.addObject(), gate, words));
        ArrayNode all = root.putArray("ways");
        analysis.ways().all().forEach(way -> way(all.addObject(), way, analysis, words));
        ArrayNode recommended = root.putArray("recommended");
        analysis.recommendation().ways().forEach(way -> recommended.add(way.key()));
        root.put("recommendedBecause", words.say(analysis.recommendation().reasons()));
        analysis.close().ifPresent(call -> close(root.putObject("close"), call));
        ArrayNode runners = root.putArray("runnersUp");
        analysis.recommendation().runnersUp().forEach(each -> runnerUp(runners.addObject(), each, words));
        ArrayNode changes = root.putArray("wouldChange");
        analysis.changes().forEach(change -> {
            ObjectNode one = changes.addObject().put("if", words.say(change.condition()));
            ArrayNode then = one.putArray("ways");
            change.then().ways().forEach(way -> then.add(way.key()));
        });
        ArrayNode schools = root.putArray("schools");
        analysis.schools().forEach(plan -> school(schools.addObject(), plan));
        ArrayNode assumed = root.putArray("assumed");
        analysis.assumed().forEach(assumed::add);
        return PrintedResult.of(Json.print(root));
    }

    private static void close(ObjectNode node, CloseCall call) {
        node.put("chance", call.chance())
                .put("needs", call.needs())
                .put("settledBy", call.settledBy().path());
        ArrayNode ways = node.putArray("otherwise");
        call.otherwise().forEach(way -> ways.add(way.key()));
    }

    private static void runnerUp(ObjectNode node, RunnerUp runner, Wording words) {
        ArrayNode ways = node.putArray("ways");
        runner.ways().forEach(way -> ways.add(way.key()));
        node.put("because", words.say(runner.reason())).put("cost", runner.cost());
    }

    private static void gate(ObjectNode node, Gate gate, Wording words) {
        node.put("id", gate.id().key()).put("state", gate.state().key()).put("reason", words.say(gate.reasons()));
        if (gate.provisional()) {
            node.put("provisional", true);
        }
        ObjectNode numbers = node.putObject("numbers");
        gate.numbers().forEach((number, quantity) -> numbers.put(number.fileKey(), plain(quantity)));
    }

    /** A quantity as a plain number: mm, degrees, percent, a count, an amount. */
    private static double plain(Quantity quantity) {
        if (quantity instanceof Quantity.Distance distance) {
            return distance.millimeters();
        }
        if (quantity instanceof Quantity.Turn turn) {
            return turn.angle().degrees();
        }
        if (quantity instanceof Quantity.Percent percent) {
            return percent.percent();
        }
        if (quantity instanceof Quantity.Count count) {
            return count.number();
        }
        if (quantity instanceof Quantity.Money money) {
            return money.amount();
        }
        throw new IllegalArgumentException("no number behind a gate: " + quantity);
    }

    private static void way(ObjectNode node, Assessment way, JobAnalysis analysis, Wording words) {
        node.put("id", way.way().key()).put("possible", way.possible()).put("fit", Wording.label(way.fit()));
        way.reasons().stream().map(words::say).forEach(node.putArray("reasons")::add);
        way.predicted().ifPresent(predicted -> predicted(node.putObject("predicted"), predicted));
        node.put("reaches", way.reaches())
                .put("reversible", way.reversible())
                .put("kind", way.kind().key())
                .put("hours", way.price().hours())
                .put("cost", way.price().cost());
        way.predicted().filter(after -> way.possible()).ifPresent(after -> {
            HoldingTime holds = analysis.holds(
                    after.setup(), List.of(way.way()), way.price().cost(), LocalDate.now());
            node.putObject("holds")
                    .put("until", holds.until())
                    .put("from", holds.from())
                    .put("to", holds.to())
                    .put("pricePerYear", holds.pricePerYear());
        });
        way.outOfTolerance().ifPresent(chance -> node.put("outOfTolerance", chance));
    }

    private static void predicted(ObjectNode node, StrungSetup predicted) {
        Setup setup = predicted.setup();
        sides(node.putObject("action"), setup.action());
        setup.protrusion().ifPresent(out -> sides(node.putObject("protrusion"), out));
        setup.bridgeThickness().ifPresent(number -> node.put("bridgeThickness", number));
        setup.leastBreakAngle().ifPresent(angle -> node.put("breakAngleDeg", angle.degrees()));
        setup.pitch().ifPresent(pitch -> node.put("neckPitchDeg", pitch.degrees()));
        node.put("supportHeight", setup.supportHeight()).put("relief", setup.reliefGap());
        sides(node.putObject("nut"), setup.nut());
        if (predicted.pull().isPresent()) {
            ObjectNode load = node.putObject("load");
            predicted.pull().ifPresent(number -> load.put("pull", number));
            predicted.press().ifPresent(number -> load.put("press", number));
            predicted.moment().ifPresent(number -> load.put("moment", number));
        }
        predicted.sharpAtOctave().ifPresent(cents -> sides(node.putObject("centsAtFret12"), cents));
    }

    private static void school(ObjectNode node, SchoolPlan plan) {
        node.put("id", plan.school().key());
        plan.removalAtCap().ifPresent(number -> node.put("removalAtCap", number));
        node.put("protrusion", plan.protrusion())
                .put("targetSlack", plan.targetSlack())
                .put("targetStrung", plan.targetStrung())
                .putObject("asRead")
                .put("slack", plan.slackAsRead())
                .put("strung", plan.strungAsRead());
    }

    static void sides(ObjectNode node, Sides<Double> sides) {
        for (Side side : Side.values()) {
            node.put(side.key(), sides.get(side));
        }
    }
}
