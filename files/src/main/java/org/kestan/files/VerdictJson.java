package org.kestan.files;

import java.util.List;
import org.kestan.dossier.Dossier;
import org.kestan.following.loads.Prediction;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Fault;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.sheet.Side;
import org.kestan.ground.sheet.Sides;
import org.kestan.judgement.advice.Assessment;
import org.kestan.judgement.advice.RunnerUp;
import org.kestan.judgement.advice.SchoolPlan;
import org.kestan.judgement.verdict.Gate;
import org.kestan.words.Words;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A job judged, as the JSON that other programs read. Millimetres, degrees, newtons and cents as plain numbers. */
public final class VerdictJson {

    private VerdictJson() {}

    /**
     * Judges a job. What was not read is unknown and no fault; what can't be is a fault.
     *
     * @param words says the reasons
     * @return the JSON, or the faults at their places
     */
    public static Printed judge(Dossier dossier, Words words) {
        List<Fault> wrong =
                dossier.faults().stream().filter(fault -> !fault.isMissing()).toList();
        if (!wrong.isEmpty()) {
            return Printed.faulty(wrong);
        }
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode gates = root.putArray("gates");
        dossier.gates().forEach(gate -> gate(gates.addObject(), gate, words));
        ArrayNode all = root.putArray("ways");
        dossier.ways().all().forEach(way -> way(all.addObject(), way, words));
        ArrayNode recommended = root.putArray("recommended");
        dossier.recommendation().ways().forEach(way -> recommended.add(way.key()));
        root.put("recommendedBecause", words.say(dossier.recommendation().reasons()));
        ArrayNode runners = root.putArray("runnersUp");
        dossier.recommendation().runnersUp().forEach(each -> runnerUp(runners.addObject(), each, words));
        ArrayNode changes = root.putArray("wouldChange");
        dossier.changes().forEach(change -> {
            ObjectNode one = changes.addObject().put("if", words.say(change.condition()));
            ArrayNode then = one.putArray("ways");
            change.then().ways().forEach(way -> then.add(way.key()));
        });
        ArrayNode schools = root.putArray("schools");
        dossier.schools().forEach(plan -> school(schools.addObject(), plan));
        ArrayNode assumed = root.putArray("assumed");
        dossier.assumed().forEach(assumed::add);
        return Printed.of(Json.print(root));
    }

    private static void runnerUp(ObjectNode node, RunnerUp runner, Words words) {
        ArrayNode ways = node.putArray("ways");
        runner.ways().forEach(way -> ways.add(way.key()));
        node.put("because", words.say(runner.reason())).put("cost", runner.cost());
    }

    private static void gate(ObjectNode node, Gate gate, Words words) {
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
            return distance.millimetres();
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

    private static void way(ObjectNode node, Assessment way, Words words) {
        node.put("id", way.way().key()).put("possible", way.possible()).put("fit", Words.label(way.fit()));
        way.reasons().stream().map(words::say).forEach(node.putArray("reasons")::add);
        way.predicted().ifPresent(predicted -> predicted(node.putObject("predicted"), predicted));
        node.put("reaches", way.reaches())
                .put("reversible", way.reversible())
                .put("hours", way.hours())
                .put("cost", way.cost());
    }

    private static void predicted(ObjectNode node, Prediction predicted) {
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
