package org.kestan.files;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.kestan.job.Instrument;
import org.kestan.job.Job;
import org.kestan.job.Keyed;
import org.kestan.job.Survey;
import org.kestan.notation.Length;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes the job file. What the job knows is laid over the text the job was read from, so that unknown keys and the order
 * of keys stay as they were.
 */
public final class JobWriter {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private JobWriter() {}

    /** Returns the text of the job's file. Lengths are written as they were typed. */
    public static String write(Job job) {
        ObjectNode root = origin(job);
        put(root, "kestan", Optional.of(NODES.numberNode(JobReader.VERSION)));
        instrument(root, job.instrument());
        survey(root, job.survey());
        for (Aim aim : Aim.values()) {
            put(root, aim.path(), text(job.target().aim(aim).map(Length::text)));
        }
        return Json.print(root);
    }

    private static ObjectNode origin(Job job) {
        return job.origin().isEmpty() ? NODES.objectNode() : (ObjectNode) Json.MAPPER.readTree(job.origin());
    }

    private static void instrument(ObjectNode root, Instrument instrument) {
        put(root, "instrument.name", text(said(instrument.name())));
        put(root, "instrument.form", text(instrument.form().map(Keyed::key)));
        put(root, "instrument.joint", text(instrument.joint().map(Keyed::key)));
        put(root, "instrument.scale", text(instrument.scale().map(Length::text)));
        put(root, "instrument.jointFret", fret(instrument.jointFret()));
        put(root, "instrument.body", text(said(instrument.body())));
        put(root, "instrument.collectible", instrument.collectible().map(NODES::booleanNode));
    }

    private static void survey(ObjectNode root, Survey survey) {
        put(root, "survey.takenOn", text(survey.takenOn().map(Object::toString)));
        put(
                root,
                "survey.humidity",
                survey.humidity().isPresent()
                        ? Optional.of(NODES.numberNode(plain(survey.humidity().getAsDouble())))
                        : Optional.empty());
        for (Reading reading : Reading.values()) {
            put(root, reading.path(), text(survey.reading(reading).map(Length::text)));
        }
        put(
                root,
                "survey.relief.heldAt",
                survey.held().map(held -> NODES.arrayNode().add(held.low()).add(held.high())));
        put(root, "survey.relief.readAt", fret(survey.reliefReadAt()));
        put(root, "survey.action.fret", fret(survey.actionFret()));
        put(root, "survey.projection.over", text(survey.projectionOver().map(Keyed::key)));
        put(root, "survey.sideDrift.toward", text(survey.driftToward().map(Side::word)));
    }

    /** Sets or removes the value at a dotted path; objects that lose their last key by it go too. */
    private static void put(ObjectNode root, String path, Optional<? extends JsonNode> value) {
        put(root, List.of(path.split("\\.")), value);
    }

    private static void put(ObjectNode object, List<String> path, Optional<? extends JsonNode> value) {
        String key = path.get(0);
        if (path.size() == 1) {
            if (value.isEmpty()) {
                object.remove(key);
            } else if (!value.get().equals(object.get(key))) {
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

    private static Optional<JsonNode> text(Optional<String> value) {
        return value.map(NODES::stringNode);
    }

    private static Optional<JsonNode> fret(java.util.OptionalInt fret) {
        return fret.isPresent() ? Optional.of(NODES.numberNode(fret.getAsInt())) : Optional.empty();
    }

    private static Optional<String> said(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    private static BigDecimal plain(double number) {
        BigDecimal decimal = BigDecimal.valueOf(number);
        return decimal.stripTrailingZeros().scale() <= 0 ? decimal.setScale(0) : decimal;
    }
}
