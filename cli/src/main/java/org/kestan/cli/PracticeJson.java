package org.kestan.cli;

import org.kestan.base.sheet.Side;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Frame;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A practice case as the JSON that other programs read. Millimeters, degrees, newtons. */
final class PracticeJson {

    private static final double STEP = 10;

    private PracticeJson() {}

    /** What a case is called. */
    static String name(PracticeCase given) {
        return CliText.text("practice.name", given.seed(), given.kind().key());
    }

    private static ObjectNode head(PracticeCase given) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("version", PracticeCase.VERSION)
                .put("seed", given.seed())
                .put("level", given.level().key())
                .put("family", given.kind().key());
    }

    /** What the owner says and the eye sees; nothing of what is wrong is named. */
    static ObjectNode told(PracticeCase given) {
        ObjectNode root = head(given);
        ArrayNode says = root.putArray("owner");
        ArrayNode sees = root.putArray("seen");
        for (InstrumentFault fault : given.faults()) {
            says.add(CliText.text("practice.says." + fault.key()));
            sees.add(CliText.text("practice.sees." + fault.key()));
        }
        return root;
    }

    /** The true shape with the strings at pitch and with none on. */
    static ObjectNode truth(PracticeCase given) {
        ObjectNode root = head(given);
        root.set("strung", shape(Equilibrium.strung(given.instrument())));
        root.set("slack", shape(Equilibrium.slack(given.instrument())));
        return root;
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
