package org.kestan.files;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.kestan.job.Details;
import org.kestan.job.Instrument;
import org.kestan.job.Job;
import org.kestan.job.Photo;
import org.kestan.job.StringSpec;
import org.kestan.job.Survey;
import org.kestan.notation.Length;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Keyed;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes the job file. What the job knows is laid over the text the job was read from, so that unknown keys and the order
 * of keys stay as they were.
 */
public final class JobWriter {

    static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private JobWriter() {}

    /** Returns the text of the job's file. Lengths are written as they were typed. */
    public static String write(Job job) {
        ObjectNode root = origin(job.origin());
        JsonOverlay.put(root, "kestan", Optional.of(NODES.numberNode(JobReader.VERSION)));
        instrument(root, job.instrument());
        JsonOverlay.put(root, "instrument.strings", strings(job.strings()));
        JsonOverlay.details(root, job.details(), Details.OF_JOB);
        ObjectNode survey = SurveyWriter.write(job.survey());
        JsonOverlay.put(root, "survey", survey.isEmpty() ? Optional.empty() : Optional.of(survey));
        for (Aim aim : Aim.values()) {
            JsonOverlay.put(
                    root, aim.path(), JsonOverlay.text(job.target().aim(aim).map(Length::text)));
        }
        JsonOverlay.put(root, "surveys", surveys(job.surveys()));
        JsonOverlay.put(root, "photos", photos(job.photos()));
        return Json.print(root);
    }

    static ObjectNode origin(String text) {
        return text.isEmpty() ? NODES.objectNode() : (ObjectNode) Json.MAPPER.readTree(text);
    }

    private static void instrument(ObjectNode root, Instrument instrument) {
        JsonOverlay.put(root, "instrument.name", JsonOverlay.text(said(instrument.name())));
        JsonOverlay.put(
                root, "instrument.form", JsonOverlay.text(instrument.form().map(Keyed::key)));
        JsonOverlay.put(
                root, "instrument.joint", JsonOverlay.text(instrument.joint().map(Keyed::key)));
        JsonOverlay.put(
                root, "instrument.scale", JsonOverlay.text(instrument.scale().map(Length::text)));
        JsonOverlay.put(root, "instrument.jointFret", fret(instrument.jointFret()));
        JsonOverlay.put(root, "instrument.body", JsonOverlay.text(said(instrument.body())));
        JsonOverlay.put(root, "instrument.collectible", instrument.collectible().map(NODES::booleanNode));
    }

    private static Optional<ArrayNode> strings(List<StringSpec> strings) {
        ArrayNode list = NODES.arrayNode();
        for (StringSpec string : strings) {
            ObjectNode each = list.addObject();
            string.gauge().ifPresent(gauge -> each.put("gauge", gauge.text()));
            each.put("wound", string.wound());
            if (!string.pitch().isEmpty()) {
                each.put("pitch", string.pitch());
            }
        }
        return filled(list);
    }

    private static Optional<ArrayNode> surveys(List<Survey> surveys) {
        ArrayNode list = NODES.arrayNode();
        surveys.forEach(survey -> list.add(SurveyWriter.write(survey)));
        return filled(list);
    }

    private static Optional<ArrayNode> photos(List<Photo> photos) {
        ArrayNode list = NODES.arrayNode();
        for (Photo photo : photos) {
            ObjectNode each = list.addObject().put("file", photo.file());
            if (!photo.caption().isEmpty()) {
                each.put("caption", photo.caption());
            }
        }
        return filled(list);
    }

    static Optional<ArrayNode> filled(ArrayNode list) {
        return list.isEmpty() ? Optional.empty() : Optional.of(list);
    }

    static Optional<JsonNode> fret(OptionalInt fret) {
        return fret.isPresent() ? Optional.of(NODES.numberNode(fret.getAsInt())) : Optional.empty();
    }

    private static Optional<String> said(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }
}
