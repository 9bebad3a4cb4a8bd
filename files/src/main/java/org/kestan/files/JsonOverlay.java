package org.kestan.files;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.kestan.job.Details;
import org.kestan.sheet.Detail;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Lays values over a JSON tree and leaves everything else in it alone. */
final class JsonOverlay {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private JsonOverlay() {}

    /** Sets or removes the value at a dotted path; objects that lose their last key by it go too. */
    static void put(ObjectNode root, String path, Optional<? extends JsonNode> value) {
        put(root, List.of(path.split("\\.")), value);
    }

    private static void put(ObjectNode object, List<String> path, Optional<? extends JsonNode> value) {
        String key = path.get(0);
        if (path.size() == 1) {
            if (value.isEmpty()) {
                object.remove(key);
            } else if (!same(value.get(), object.get(key))) {
                object.set(key, value.get());
            }
            return;
        }
        ObjectNode child = object.get(key) instanceof ObjectNode there ? there : null;
        if (child == null) {
            if (value.isEmpty()) {
                return;
            }
            child = object.putObject(key);
        }
        boolean wasEmpty = child.isEmpty();
        put(child, path.subList(1, path.size()), value);
        if (child.isEmpty() && !wasEmpty) {
            object.remove(key);
        }
    }

    /** Equal values stay as they are written: 47 and 47.0 are one number. */
    private static boolean same(JsonNode next, JsonNode there) {
        return there != null
                && (next.equals(there)
                        || next.isNumber()
                                && there.isNumber()
                                && next.decimalValue().compareTo(there.decimalValue()) == 0);
    }

    /** Lays details over the object they lie in. */
    static void details(ObjectNode root, Details details, List<Detail<?>> all) {
        all.forEach(detail -> put(root, SurveyReader.relative(detail), value(details, detail)));
    }

    private static <T> Optional<JsonNode> value(Details details, Detail<T> detail) {
        return details.text(detail).filter(text -> !text.isEmpty()).map(text -> switch (detail.form()) {
            case TEXT -> NODES.stringNode(text);
            case NUMBER -> NODES.numberNode(new BigDecimal(text));
            case FLAG -> NODES.booleanNode(Boolean.parseBoolean(text));
            case WORDS -> words(text);
        });
    }

    private static JsonNode words(String text) {
        ArrayNode list = NODES.arrayNode();
        for (String word : text.split("\\s+")) {
            list.add(word);
        }
        return list;
    }

    static Optional<JsonNode> text(Optional<String> value) {
        return value.map(NODES::stringNode);
    }
}
