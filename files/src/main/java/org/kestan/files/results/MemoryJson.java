package org.kestan.files.results;

import org.kestan.base.standards.InstrumentKind;
import org.kestan.files.json.Json;
import org.kestan.repair.memory.LearnedValue;
import org.kestan.repair.memory.Memory;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What a shop has learned, as JSON for other programs. Millimeters, hours. */
public final class MemoryJson {

    private MemoryJson() {}

    /** Prints a memory. */
    public static String print(Memory memory) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode sink = root.putArray("sink");
        memory.sink().forEach((kind, each) -> learned(kind(sink.addObject(), kind), each));
        ArrayNode hours = root.putArray("hours");
        memory.hours().forEach((ways, each) -> learned(hours.addObject().put("ways", ways), each));
        ArrayNode error = root.putArray("error");
        memory.error().forEach((kind, each) -> learned(kind(error.addObject(), kind), each));
        ArrayNode rate = root.putArray("rate");
        memory.rates().forEach((grit, each) -> learned(rate.addObject().put("grit", grit), each));
        ArrayNode release = root.putArray("release");
        memory.release().forEach(each -> learned(release.addObject(), each));
        ArrayNode heat = root.putArray("heat");
        memory.heat().forEach(each -> learned(heat.addObject(), each));
        return Json.print(root);
    }

    private static ObjectNode kind(ObjectNode node, InstrumentKind kind) {
        return node.put("family", kind.family()).put("body", kind.body()).put("bracing", kind.bracing());
    }

    private static void learned(ObjectNode node, LearnedValue learned) {
        node.put("n", learned.n())
                .put("median", learned.median())
                .put("spread", learned.spread())
                .put("offered", learned.offered());
    }
}
