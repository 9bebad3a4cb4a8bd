package org.kestan.files;

import java.math.BigDecimal;
import java.util.Optional;
import org.kestan.job.Details;
import org.kestan.job.Finding;
import org.kestan.job.Survey;
import org.kestan.notation.Length;
import org.kestan.sheet.Keyed;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes one survey of the job file, over the text it was read from. */
final class SurveyWriter {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private SurveyWriter() {}

    static ObjectNode write(Survey survey) {
        ObjectNode root = JobWriter.origin(survey.origin());
        JsonOverlay.put(root, "takenOn", JsonOverlay.text(survey.takenOn().map(Object::toString)));
        JsonOverlay.put(root, "humidity", humidity(survey));
        for (Reading reading : Reading.values()) {
            JsonOverlay.put(
                    root,
                    reading.key(),
                    JsonOverlay.text(survey.reading(reading).map(Length::text)));
        }
        JsonOverlay.put(
                root,
                "relief.heldAt",
                survey.held().map(held -> NODES.arrayNode().add(held.low()).add(held.high())));
        JsonOverlay.put(root, "relief.readAt", JobWriter.fret(survey.reliefReadAt()));
        JsonOverlay.put(root, "action.fret", JobWriter.fret(survey.actionFret()));
        JsonOverlay.put(
                root,
                "projection.over",
                JsonOverlay.text(survey.projectionOver().map(Keyed::key)));
        JsonOverlay.put(
                root, "sideDrift.toward", JsonOverlay.text(survey.driftToward().map(Side::word)));
        JsonOverlay.details(root, survey.details(), Details.OF_SURVEY);
        JsonOverlay.put(root, "condition", condition(survey));
        JsonOverlay.put(root, "takes", takes(survey));
        JsonOverlay.put(root, "tools", tools(survey));
        ArrayNode provisional = NODES.arrayNode();
        survey.provisional().forEach(reading -> provisional.add(reading.key()));
        JsonOverlay.put(root, "provisional", JobWriter.filled(provisional));
        return root;
    }

    private static Optional<JsonNode> humidity(Survey survey) {
        return survey.humidity().isPresent()
                ? Optional.of(NODES.numberNode(
                        BigDecimal.valueOf(survey.humidity().getAsDouble())
                                .stripTrailingZeros()
                                .setScale(Math.max(
                                        0,
                                        BigDecimal.valueOf(survey.humidity().getAsDouble())
                                                .stripTrailingZeros()
                                                .scale()))))
                : Optional.empty();
    }

    private static Optional<ArrayNode> condition(Survey survey) {
        ArrayNode list = NODES.arrayNode();
        for (Finding finding : survey.findings()) {
            ObjectNode each = list.addObject()
                    .put("what", finding.what().key())
                    .put("severity", finding.severity().key());
            if (!finding.note().isEmpty()) {
                each.put("note", finding.note());
            }
        }
        return JobWriter.filled(list);
    }

    private static Optional<ObjectNode> takes(Survey survey) {
        ObjectNode object = NODES.objectNode();
        survey.takes().forEach((reading, lengths) -> {
            ArrayNode list = object.putArray(reading.key());
            lengths.forEach(length -> list.add(length.text()));
        });
        return object.isEmpty() ? Optional.empty() : Optional.of(object);
    }

    private static Optional<ObjectNode> tools(Survey survey) {
        ObjectNode object = NODES.objectNode();
        survey.tools().forEach((reading, tool) -> object.put(reading.key(), tool.key()));
        return object.isEmpty() ? Optional.empty() : Optional.of(object);
    }
}
