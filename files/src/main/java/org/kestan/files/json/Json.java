package org.kestan.files.json;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.files.FileFinding;
import org.kestan.job.tree.Tree;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.util.DefaultIndenter;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.core.util.Separators;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads and prints JSON in one way everywhere: strict, decimals exact to the digit, indented by two spaces. */
public final class Json {

    public static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final DefaultPrettyPrinter PRINTER = new DefaultPrettyPrinter(Separators.createDefaultInstance()
                    .withObjectNameValueSpacing(Separators.Spacing.AFTER)
                    .withObjectEmptySeparator("")
                    .withArrayEmptySeparator(""))
            .withObjectIndenter(new DefaultIndenter("  ", "\n"));

    private Json() {}

    /** Prints a tree, ending with a line break. */
    public static String print(JsonNode tree) {
        List<String> leftOut = new ArrayList<>();
        finite(tree, "", leftOut);
        if (tree instanceof ObjectNode root && !leftOut.isEmpty()) {
            ArrayNode said = root.putArray("leftOut");
            leftOut.forEach(said::add);
        }
        return MAPPER.writer().with(PRINTER).writeValueAsString(tree) + "\n";
    }

    /** Removes what is not a number, since JSON has no way to write it. */
    private static void finite(JsonNode node, String pointer, List<String> leftOut) {
        if (node instanceof ObjectNode object) {
            List<String> odd = object.properties().stream()
                    .filter(entry -> isOdd(entry.getValue()))
                    .map(Map.Entry::getKey)
                    .toList();
            odd.forEach(key -> {
                object.remove(key);
                leftOut.add(pointer + "/" + key);
            });
            object.properties().forEach(entry -> finite(entry.getValue(), pointer + "/" + entry.getKey(), leftOut));
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                finite(list.get(i), pointer + "/" + i, leftOut);
            }
        }
    }

    private static boolean isOdd(JsonNode node) {
        return node.isFloatingPointNumber() && !node.isBigDecimal() && !Double.isFinite(node.asDouble());
    }

    /** Prints structured data, ending with a line break. */
    public static String print(Tree tree) {
        return print(node(tree));
    }

    /** The result of reading a text: structured data, or the error that prevented it. */
    public record Read(Optional<Tree> tree, List<Fault> faults) {

        private static Read faulty(Fault fault) {
            return new Read(Optional.empty(), List.of(fault));
        }
    }

    /**
     * Reads a text.
     *
     * @param described where the format is described, for the fault
     */
    public static Read read(String text, String described) {
        try (JsonParser parser = MAPPER.createParser(text)) {
            try {
                JsonNode tree = MAPPER.readTree(parser);
                return tree == null || tree.isMissingNode()
                        ? Read.faulty(new Fault("", FileFinding.EMPTY.of(), FileFinding.A_JSON_OBJECT.of()))
                        : new Read(Optional.of(tree(tree)), List.of());
            } catch (JacksonException broken) {
                return Read.faulty(new Fault(
                        parser.streamReadContext().pathAsPointer().toString(),
                        FileFinding.NOT_JSON.of(
                                Quantity.count(parser.currentLocation().getLineNr()),
                                Quantity.text(broken.getOriginalMessage())),
                        FileFinding.JSON_AS_IN.of(Quantity.text(described))));
            } catch (NumberFormatException tooLarge) {
                return Read.faulty(new Fault(
                        parser.streamReadContext().pathAsPointer().toString(),
                        FileFinding.NUMBER_TOO_LARGE.of(),
                        FileFinding.JSON_AS_IN.of(Quantity.text(described))));
            }
        }
    }

    private static Tree tree(JsonNode node) {
        return switch (node.getNodeType()) {
            case OBJECT -> {
                Map<String, Tree> entries = new LinkedHashMap<>();
                node.properties().forEach(entry -> entries.put(entry.getKey(), tree(entry.getValue())));
                yield new Tree.Entries(entries);
            }
            case ARRAY -> new Tree.Items(node.valueStream().map(Json::tree).toList());
            case NUMBER -> new Tree.Num(node.decimalValue());
            case BOOLEAN -> new Tree.Flag(node.asBoolean());
            case STRING -> new Tree.Text(node.asString());
            default -> new Tree.Nothing();
        };
    }

    private static JsonNode node(Tree tree) {
        if (tree instanceof Tree.Entries entries) {
            ObjectNode object = NODES.objectNode();
            entries.all().forEach((key, value) -> object.set(key, node(value)));
            return object;
        }
        if (tree instanceof Tree.Items items) {
            ArrayNode list = NODES.arrayNode();
            items.all().forEach(each -> list.add(node(each)));
            return list;
        }
        if (tree instanceof Tree.Num number) {
            return number(number.number());
        }
        if (tree instanceof Tree.Text text) {
            return NODES.stringNode(text.text());
        }
        return tree instanceof Tree.Flag flag ? NODES.booleanNode(flag.flag()) : NODES.nullNode();
    }

    private static JsonNode number(BigDecimal number) {
        return number.scale() == 0 ? NODES.numberNode(number.toBigInteger()) : NODES.numberNode(number);
    }
}
