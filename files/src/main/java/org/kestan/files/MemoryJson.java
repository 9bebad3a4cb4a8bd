package org.kestan.files;

import org.kestan.ground.standards.InstrumentKind;
import org.kestan.work.memory.Learnt;
import org.kestan.work.memory.Memory;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What a shop has learnt, as the JSON that other programs read. Millimetres, hours. */
public final class MemoryJson {

    private MemoryJson() {}

    /** Prints a memory. */
    public static String print(Memory memory) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode sink = root.putArray("sink");
        memory.sink().forEach((kind, each) -> learnt(kind(sink.addObject(), kind), each));
        ArrayNode hours = root.putArray("hours");
        memory.hours().forEach((ways, each) -> learnt(hours.addObject().put("ways", ways), each));
        ArrayNode error = root.putArray("error");
        memory.error().forEach((kind, each) -> learnt(kind(error.addObject(), kind), each));
        ArrayNode rate = root.putArray("rate");
        memory.rates().forEach((grit, each) -> learnt(rate.addObject().put("grit", grit), each));
        ArrayNode release = root.putArray("release");
        memory.release().forEach(each -> learnt(release.addObject(), each));
        return Json.print(root);
    }

    private static ObjectNode kind(ObjectNode node, InstrumentKind kind) {
        return node.put("family", kind.family()).put("body", kind.body()).put("bracing", kind.bracing());
    }

    private static void learnt(ObjectNode node, Learnt learnt) {
        node.put("n", learnt.n())
                .put("median", learnt.median())
                .put("spread", learnt.spread())
                .put("offered", learnt.offered());
    }
}
