package org.kestan.files;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.geometry.Frets;
import org.kestan.job.Details;
import org.kestan.job.Fault;
import org.kestan.job.Form;
import org.kestan.job.Instrument;
import org.kestan.job.Job;
import org.kestan.job.Joint;
import org.kestan.job.Photo;
import org.kestan.job.StringSpec;
import org.kestan.job.Survey;
import org.kestan.job.Target;
import org.kestan.notation.Length;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Dimension;
import tools.jackson.databind.JsonNode;

/** Reads the job file: into a job, or into a list of faults with their places. */
public final class JobReader {

    /** The version of the job file that is read and written. */
    public static final int VERSION = 1;

    static final String A_FRET = "the number of a fret, from 0 to " + Frets.HIGHEST;

    private JobReader() {}

    /**
     * What came of reading a file.
     *
     * @param job empty exactly when there are faults
     * @param faults each with the JSON pointer of its place
     */
    public record Outcome(Optional<Job> job, List<Fault> faults) {

        static Outcome faulty(List<Fault> faults) {
            return new Outcome(Optional.empty(), List.copyOf(faults));
        }
    }

    /** Reads a job from the bytes of a file, which must be UTF-8. */
    public static Outcome read(byte[] bytes) {
        return TextFile.decoded(bytes)
                .map(JobReader::read)
                .orElseGet(() -> Outcome.faulty(List.of(new Fault("", "is not UTF-8 text", "a JSON file in UTF-8"))));
    }

    /** Reads a job from the text of a file. A job that is incomplete is read all the same; what is wrong is a fault. */
    public static Outcome read(String text) {
        List<Fault> faults = new ArrayList<>();
        Optional<JsonNode> tree = Json.tree(text, "docs/job-file.md", faults);
        if (tree.isEmpty()) {
            return Outcome.faulty(faults);
        }
        JsonPlace root = JsonPlace.root(tree.get(), faults);
        root.expectObject();
        if (!faults.isEmpty()) {
            return Outcome.faulty(faults);
        }
        checkVersion(root);
        for (String section : List.of("instrument", "survey", "target")) {
            root.at(section).expectObject();
        }
        if (!faults.isEmpty()) {
            return Outcome.faulty(faults);
        }
        List<Survey> others = new ArrayList<>();
        for (JsonPlace other : root.at("surveys").elements()) {
            other.expectObject();
            others.add(SurveyReader.read(other));
        }
        Job job = new Job(
                instrument(root),
                SurveyReader.read(root.at("survey")),
                others,
                target(root),
                SurveyReader.details(root, Details.OF_JOB),
                strings(root.at("instrument.strings")),
                photos(root.at("photos")),
                text);
        return faults.isEmpty() ? new Outcome(Optional.of(job), List.of()) : Outcome.faulty(faults);
    }

    private static void checkVersion(JsonPlace root) {
        JsonPlace version = root.at("kestan");
        String accepted = "the number " + VERSION;
        if (!version.isPresent()) {
            version.fault("is missing: this is not a Kestan job file", accepted);
            return;
        }
        version.integer(accepted).ifPresent(said -> {
            if (said != VERSION) {
                version.fault(said > VERSION ? "is " + said + ": written by a newer program" : "is " + said, accepted);
            }
        });
    }

    private static Instrument instrument(JsonPlace root) {
        JsonPlace at = root.at("instrument");
        return new Instrument(
                at.at("name").text().orElse(""),
                at.at("form").choice(Form.class),
                at.at("joint").choice(Joint.class),
                root.at(Dimension.SCALE.path()).length(),
                at.at("jointFret").integer(A_FRET),
                at.at("body").text().orElse(""),
                at.at("collectible").flag());
    }

    private static List<StringSpec> strings(JsonPlace at) {
        List<StringSpec> strings = new ArrayList<>();
        for (JsonPlace string : at.elements()) {
            string.expectObject();
            strings.add(new StringSpec(
                    string.at("gauge").length(),
                    string.at("wound").flag().orElse(false),
                    string.at("pitch").text().orElse("")));
        }
        return strings;
    }

    private static List<Photo> photos(JsonPlace at) {
        List<Photo> photos = new ArrayList<>();
        for (JsonPlace photo : at.elements()) {
            photo.expectObject();
            photo.at("file")
                    .text()
                    .ifPresent(file -> photos.add(
                            new Photo(file, photo.at("caption").text().orElse(""))));
        }
        return photos;
    }

    private static Target target(JsonPlace root) {
        Map<Aim, Length> aims = new EnumMap<>(Aim.class);
        for (Aim aim : Aim.values()) {
            root.at(aim.path()).length().ifPresent(length -> aims.put(aim, length));
        }
        return new Target(aims);
    }
}
