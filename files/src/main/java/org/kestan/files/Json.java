package org.kestan.files;

import java.util.List;
import java.util.Optional;
import org.kestan.job.Fault;
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

/** The one way JSON is read and printed here: strict, decimals kept to the digit, two blanks of indent. */
final class Json {

    static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();

    private static final DefaultPrettyPrinter PRINTER = new DefaultPrettyPrinter(Separators.createDefaultInstance()
                    .withObjectNameValueSpacing(Separators.Spacing.AFTER)
                    .withObjectEmptySeparator("")
                    .withArrayEmptySeparator(""))
            .withObjectIndenter(new DefaultIndenter("  ", "\n"));

    private Json() {}

    /** Prints a tree with a line end after it. */
    static String print(JsonNode tree) {
        return MAPPER.writer().with(PRINTER).writeValueAsString(tree) + "\n";
    }

    /**
     * Reads a text; empty with a fault when it is no JSON.
     *
     * @param described where the format is described, for the fault
     */
    static Optional<JsonNode> tree(String text, String described, List<Fault> faults) {
        try (JsonParser parser = MAPPER.createParser(text)) {
            try {
                JsonNode tree = MAPPER.readTree(parser);
                if (tree == null || tree.isMissingNode()) {
                    faults.add(new Fault("", "is empty", "a JSON object"));
                    return Optional.empty();
                }
                return Optional.of(tree);
            } catch (JacksonException broken) {
                faults.add(new Fault(
                        parser.streamReadContext().pathAsPointer().toString(),
                        "is not JSON at line " + parser.currentLocation().getLineNr() + ": "
                                + broken.getOriginalMessage(),
                        "a JSON file as described in " + described));
                return Optional.empty();
            }
        }
    }
}
