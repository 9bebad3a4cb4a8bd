package org.kestan.files;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.standards.ShopStandards;
import org.kestan.verdict.Gate;
import org.kestan.verdict.Verdict;
import org.kestan.ways.Prediction;
import org.kestan.ways.Recommendation;
import org.kestan.ways.SchoolPlan;
import org.kestan.ways.Way;
import org.kestan.ways.Ways;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A job judged, as the JSON that other programs read. Millimetres, degrees, newtons and cents as plain numbers. */
public final class VerdictJson {

    private VerdictJson() {}

    /**
     * Judges a job. What was not read is unknown and no fault; what can't be is a fault.
     *
     * @return the JSON, or the faults at their places
     */
    public static Solve.Outcome judge(Job job, ShopStandards standards) {
        Reckoning reckoning = Reckoning.of(job, standards);
        List<Fault> wrong =
                reckoning.faults().stream().filter(fault -> !fault.isMissing()).toList();
        if (!wrong.isEmpty()) {
            return new Solve.Outcome(Optional.empty(), wrong);
        }
        BenchUnit unit = BenchUnit.MILLIMETRES;
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode gates = root.putArray("gates");
        Verdict.of(reckoning, unit).forEach(gate -> gate(gates.addObject(), gate));
        Ways ways = Ways.of(reckoning, unit);
        ArrayNode all = root.putArray("ways");
        ways.all().forEach(way -> way(all.addObject(), way));
        Recommendation recommendation = Recommendation.of(ways);
        ArrayNode recommended = root.putArray("recommended");
        recommendation.ways().forEach(id -> recommended.add(id.key()));
        root.put("recommendedBecause", recommendation.reason());
        ArrayNode schools = root.putArray("schools");
        SchoolPlan.of(reckoning).forEach(plan -> school(schools.addObject(), plan));
        ArrayNode assumed = root.putArray("assumed");
        reckoning.assumed().forEach(assumed::add);
        return new Solve.Outcome(Optional.of(Json.print(root)), List.of());
    }

    private static void gate(ObjectNode node, Gate gate) {
        node.put("id", gate.id().key()).put("state", gate.state().key()).put("reason", gate.reason());
        if (gate.provisional()) {
            node.put("provisional", true);
        }
        ObjectNode numbers = node.putObject("numbers");
        gate.numbers().forEach(numbers::put);
    }

    private static void way(ObjectNode node, Way way) {
        node.put("id", way.id().key())
                .put("possible", way.possible())
                .put("fit", way.fit().word());
        way.reasons().forEach(node.putArray("reasons")::add);
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
        put(node, "bridgeThickness", setup.bridgeThickness());
        put(node, "breakAngleDeg", degrees(setup.leastBreakAngle()));
        node.put("neckPitchDeg", Math.toDegrees(setup.pitch())).put("supportHeight", setup.supportHeight());
        if (predicted.pull().isPresent()) {
            ObjectNode load = node.putObject("load");
            put(load, "pull", predicted.pull());
            put(load, "press", predicted.press());
            put(load, "moment", predicted.moment());
        }
        predicted.sharpAtOctave().ifPresent(cents -> sides(node.putObject("centsAtFret12"), cents));
    }

    private static void school(ObjectNode node, SchoolPlan plan) {
        node.put("id", plan.school().key());
        put(node, "removalAtCap", plan.removalAtCap());
        node.put("protrusion", plan.protrusion())
                .put("targetSlack", plan.targetSlack())
                .put("targetStrung", plan.targetStrung());
    }

    static void sides(ObjectNode node, Sides<Double> sides) {
        for (Side side : Side.values()) {
            node.put(side.word(), sides.get(side));
        }
    }

    private static OptionalDouble degrees(OptionalDouble radians) {
        return radians.isPresent() ? OptionalDouble.of(Math.toDegrees(radians.getAsDouble())) : radians;
    }

    static void put(ObjectNode node, String key, OptionalDouble value) {
        value.ifPresent(number -> node.put(key, number));
    }
}
