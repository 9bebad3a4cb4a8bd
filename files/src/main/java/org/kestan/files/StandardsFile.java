package org.kestan.files;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.job.Fault;
import org.kestan.notation.Length;
import org.kestan.notation.Parsed;
import org.kestan.standards.Leaves;
import org.kestan.standards.School;
import org.kestan.standards.SchoolQuestion;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Shop standards as a JSON file: every value with its unit, and the schools chosen. Described in docs/standards.md. */
public final class StandardsFile {

    /** The version that is read and written. */
    public static final int VERSION = 1;

    private static final String KEY = "kestanStandards";

    private StandardsFile() {}

    /**
     * What came of reading.
     *
     * @param standards what was read; those a shop starts with when there are faults
     * @param faults each with the JSON pointer of its place
     */
    public record Outcome(ShopStandards standards, List<Fault> faults) {

        private static Outcome faulty(List<Fault> faults) {
            return new Outcome(ShopStandards.DEFAULT, List.copyOf(faults));
        }
    }

    /** Reads a file; what it does not say is as a shop starts with. */
    public static Outcome read(Path file) {
        return TextFile.read(file, "a file of shop standards", StandardsFile::read, Outcome::faulty);
    }

    /** Reads a text. */
    public static Outcome read(String text) {
        List<Fault> faults = new ArrayList<>();
        Optional<JsonNode> tree = Json.tree(text, "docs/standards.md", faults);
        if (tree.isEmpty()) {
            return Outcome.faulty(faults);
        }
        JsonPlace root = JsonPlace.root(tree.get(), faults);
        root.expectObject();
        if (!faults.isEmpty()) {
            return Outcome.faulty(faults);
        }
        JsonPlace version = root.at(KEY);
        if (!version.isPresent()) {
            version.fault("is missing: these are no shop standards", "the number " + VERSION);
        }
        version.integer("the number " + VERSION).ifPresent(said -> {
            if (said != VERSION) {
                version.fault("is " + said, "the number " + VERSION);
            }
        });
        return standards(root, faults);
    }

    /**
     * Reads the standards a job file brings with it under {@code standards}, so that another shop judges it alike.
     *
     * @param text the text of a job file that can be read
     * @return those a shop starts with where the file brings none
     */
    public static Outcome inJob(String text) {
        List<Fault> faults = new ArrayList<>();
        return Json.tree(text, "docs/job-file.md", faults)
                .map(tree -> standards(JsonPlace.root(tree, faults).at("standards"), faults))
                .orElseGet(() -> Outcome.faulty(faults));
    }

    private static Outcome standards(JsonPlace at, List<Fault> faults) {
        Map<Standard, String> values = values(at.at("values"));
        List<School> schools = schools(at.at("schools"));
        String currency = at.at("currency").text().orElse("");
        Leaves leaves = leaves(at.at("leaves"));
        Optional<ShopStandards> read = ShopStandards.DEFAULT.withAll(values);
        if (faults.isEmpty() && read.isEmpty()) {
            faults.add(disagreement(at.pointer(), values));
        }
        if (!faults.isEmpty()) {
            return Outcome.faulty(faults);
        }
        // Schools first: one that brings standards of its own gives way to what the file says of them.
        ShopStandards chosen = ShopStandards.DEFAULT;
        for (School school : schools) {
            chosen = chosen.with(school);
        }
        ShopStandards shop = chosen.withAll(values).orElse(read.get());
        return new Outcome(shop.withCurrency(currency).withLeaves(leaves), List.of());
    }

    /** The leaves listed; those of a usual set where none are. */
    private static Leaves leaves(JsonPlace at) {
        List<Length> leaves = new ArrayList<>();
        for (JsonPlace leaf : at.elements()) {
            leaf.length().ifPresent(length -> {
                if (length.millimetres() > 0) {
                    leaves.add(length);
                } else {
                    leaf.fault("is no leaf", "a thickness above zero");
                }
            });
        }
        return leaves.isEmpty() ? Leaves.USUAL : new Leaves(leaves);
    }

    private static Map<Standard, String> values(JsonPlace at) {
        Map<Standard, String> values = new EnumMap<>(Standard.class);
        at.entries().forEach((key, place) -> {
            Optional<Standard> standard = Standard.ofKey(key);
            if (standard.isEmpty()) {
                place.fault("is no standard known here", "one of the keys in docs/standards.md");
                return;
            }
            Optional<String> written =
                    standard.get().quantity().isText() ? place.text() : place.plainNumber("a number");
            written.ifPresent(text -> {
                // Each alone: how they agree with each other is seen once all are there.
                if (standard.get().parse(text) instanceof Parsed.Bad<Double> bad) {
                    place.fault(bad.problem(), bad.accepted());
                } else {
                    values.put(standard.get(), text);
                }
            });
        });
        return values;
    }

    private static Fault disagreement(String pointer, Map<Standard, String> values) {
        ShopStandards one = ShopStandards.DEFAULT;
        Fault fault =
                new Fault(pointer + "/values", "some values are out of order", "limits that rise from least to most");
        for (Map.Entry<Standard, String> entry : values.entrySet()) {
            Parsed<ShopStandards> next = one.with(entry.getKey(), entry.getValue());
            if (next instanceof Parsed.Bad<ShopStandards> bad) {
                return new Fault(pointer + "/values/" + entry.getKey().key(), bad.problem(), bad.accepted());
            }
            one = next.optional().orElseThrow();
        }
        return fault;
    }

    private static List<School> schools(JsonPlace at) {
        List<School> schools = new ArrayList<>();
        at.entries().forEach((key, place) -> {
            Optional<SchoolQuestion> question = SchoolQuestion.ofKey(key);
            if (question.isEmpty()) {
                place.fault("is no question known here", "one of the keys in docs/standards.md");
                return;
            }
            List<String> keys =
                    question.get().schools().stream().map(School::key).toList();
            place.choice(keys, said -> School.ofKey(question.get(), said)).ifPresent(schools::add);
        });
        return schools;
    }

    /** Writes standards, all of them, as text. */
    public static String write(ShopStandards standards) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put(KEY, VERSION);
        root.put("currency", standards.currency());
        ObjectNode values = root.putObject("values");
        for (Standard standard : Standard.values()) {
            String text = standards.text(standard);
            if (standard.quantity().isText()) {
                values.put(standard.key(), text);
            } else {
                values.put(standard.key(), new BigDecimal(text));
            }
        }
        ArrayNode leaves = root.putArray("leaves");
        standards.leaves().all().forEach(leaf -> leaves.add(leaf.text()));
        ObjectNode schools = root.putObject("schools");
        for (SchoolQuestion question : SchoolQuestion.values()) {
            schools.put(question.key(), standards.school(question).key());
        }
        return Json.print(root);
    }

    /**
     * Writes standards to a file, whole or not at all.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(ShopStandards standards, Path file) throws IOException {
        TextFile.write(write(standards), file);
    }
}
