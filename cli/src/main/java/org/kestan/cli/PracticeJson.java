package org.kestan.cli;

import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.practice.reckoning.FaultCheck;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.practice.text.PracticeText;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Frame;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A practice case as JSON for other programs. Millimeters, degrees, newtons. */
final class PracticeJson {

    private static final double STEP = 10;

    private PracticeJson() {}

    private static ObjectNode head(PracticeCase given) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("version", PracticeCase.VERSION)
                .put("seed", given.seed())
                .put("level", given.level().key())
                .put("family", given.kind().key());
    }

    /** What the owner says and what you can see; no fault is named. */
    static ObjectNode told(PracticeCase given) {
        ObjectNode root = head(given);
        ArrayNode says = root.putArray("owner");
        ArrayNode sees = root.putArray("seen");
        for (InstrumentFault fault : given.faults()) {
            says.add(PracticeText.says(fault));
            sees.add(PracticeText.sees(fault, given.kind().floating()));
        }
        return root;
    }

    /** The true shape with the strings at pitch and without strings. */
    static ObjectNode truth(PracticeCase given) {
        ObjectNode root = head(given);
        root.set("strung", shape(Equilibrium.strung(given.instrument())));
        root.set("slack", shape(Equilibrium.slack(given.instrument())));
        return root;
    }

    /** Kestan's own work on it, carried out to the end, and the true result. */
    static ObjectNode solved(PracticeCase given, PracticeSolver.Solved solved) {
        ObjectNode root = head(given);
        ArrayNode ways = root.putArray("ways");
        solved.ways().forEach(way -> ways.add(way.key()));
        sides(root.putObject("wanted"), solved.wanted());
        came(root.putObject("before"), solved.before());
        came(root.putObject("strungUp"), solved.strungUp());
        came(root.putObject("after"), solved.after());
        return root.put("rounds", solved.rounds())
                .put("hours", solved.hours())
                .put("cost", solved.cost())
                .put("reaches", solved.reaches())
                .put("met", solved.reaches() && solved.isWithin(FaultCheck.ACTION));
    }

    private static void came(ObjectNode node, VirtualInstrument of) {
        sides(node.putObject("action"), PracticeSolver.Solved.action(of));
        if (!of.bridge().floating()) {
            sides(node.putObject("protrusion"), of.bridge().protrusion());
        }
        node.put("drift", of.heel().drift());
    }

    private static void sides(ObjectNode node, Sides<Double> sides) {
        node.put("bass", sides.bass()).put("treble", sides.treble());
    }

    private static ObjectNode shape(State state) {
        VirtualInstrument of = state.instrument();
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        ArrayNode frets = node.putArray("frets");
        for (int fret = 1; fret <= of.lastFret(); fret++) {
            frets.addObject()
                    .put("fret", fret)
                    .put("x", of.frets().at(fret))
                    .put("bass", state.crown(fret, Side.BASS))
                    .put("treble", state.crown(fret, Side.TREBLE));
        }
        node.putObject("nut").put("x", 0.0).put("bass", state.nut(Side.BASS)).put("treble", state.nut(Side.TREBLE));
        node.putObject("saddle")
                .put("x", of.saddleAt())
                .put("bass", state.saddle(Side.BASS))
                .put("treble", state.saddle(Side.TREBLE));
        ArrayNode soundboard = node.putArray("soundboard");
        for (double x = of.jointAt(); x < of.saddleAt(); x += STEP) {
            soundboard.addObject().put("x", x).put("z", state.soundboard(x));
        }
        soundboard.addObject().put("x", of.saddleAt()).put("z", state.soundboard(of.saddleAt()));
        return node.put("bridgeTop", state.bridgeTop())
                .put("neckAngleDeg", Math.toDegrees(state.pitch()))
                .put("tension", state.tension())
                .put("reliefUnderEdge", new Frame(of).relief(state));
    }
}
