package org.kestan.files.standards;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.ValueType;
import org.kestan.base.standards.AdoptedValues;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.SalesTax;
import org.kestan.base.standards.School;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.base.week.ShopWeek;
import org.kestan.files.FileFinding;
import org.kestan.files.json.Json;
import org.kestan.files.papers.Logo;
import org.kestan.files.text.TextFile;
import org.kestan.files.week.WeekTree;
import org.kestan.job.Job;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Shop standards as a JSON file: every value with its unit, and the schools chosen. Described in docs/standards.md. */
public final class StandardsFile {

    /** The version that is read and written. */
    public static final int VERSION = 1;

    private static final String KEY = "kestanStandards";
    private static final String DESCRIBED = "docs/standards.md";
    /** The key under which earlier versions stored what was learned. */
    private static final String LEARNED_BEFORE = "learnt";

    private StandardsFile() {}

    /**
     * The result of reading.
     *
     * @param standards the standards read; the starting ones if there are faults
     * @param faults each with the JSON pointer of its place
     */
    public record Outcome(ShopStandards standards, List<Fault> faults) {

        private static Outcome faulty(List<Fault> faults) {
            return new Outcome(ShopStandards.DEFAULT, List.copyOf(faults));
        }
    }

    /** Reads a file; what is left out keeps its default. */
    public static Outcome read(Path file) {
        return TextFile.read(file, FileFinding.A_STANDARDS_FILE.of(), StandardsFile::read, Outcome::faulty);
    }

    /** Reads a text. */
    public static Outcome read(String text) {
        Json.Read read = Json.read(text, DESCRIBED);
        if (read.tree().isEmpty()) {
            return Outcome.faulty(read.faults());
        }
        TreeCursor root = TreeCursor.root(read.tree().get());
        root.expectObject();
        if (!root.faults().isEmpty()) {
            return Outcome.faulty(root.faults());
        }
        TreeCursor version = root.at(KEY);
        Finding accepted = FileFinding.THE_NUMBER.of(Quantity.count(VERSION));
        if (!version.isPresent()) {
            version.fault(FileFinding.NO_STANDARDS.of(), accepted);
        }
        version.number(accepted).ifPresent(said -> {
            if (said.compareTo(BigDecimal.valueOf(VERSION)) != 0) {
                version.fault(FileFinding.OTHER_VERSION.of(Quantity.text(said.toString())), accepted);
            }
        });
        return standards(root);
    }

    /**
     * Reads the standards that a job includes under {@code standards}, so that another shop judges it alike.
     *
     * @return the starting ones if the job has none
     */
    public static Outcome inJob(Job job) {
        return standards(TreeCursor.root(job.foreign().skeleton()).at("standards"));
    }

    private static Outcome standards(TreeCursor at) {
        Map<Standard, String> values = values(at.at("values"));
        List<School> schools = schools(at.at("schools"));
        String currency = at.at("currency").text().orElse("");
        FeelerSet leaves = leaves(at.at("leaves"));
        Letterhead letterhead = letterhead(at.at("letterhead"));
        ShopWeek week = WeekTree.read(at.at("week"));
        AdoptedValues takenOver = takenOver(at.at("learned").isPresent() ? at.at("learned") : at.at(LEARNED_BEFORE));
        Optional<ShopStandards> read = ShopStandards.DEFAULT.withAll(values);
        List<Fault> faults = new ArrayList<>(at.faults());
        if (faults.isEmpty() && read.isEmpty()) {
            faults.add(disagreement(at.pointer(), values));
        }
        if (!faults.isEmpty()) {
            return Outcome.faulty(faults);
        }
        // Schools first, since a school's own values give way to those in the file.
        ShopStandards chosen = ShopStandards.DEFAULT;
        for (School school : schools) {
            chosen = chosen.with(school);
        }
        ShopStandards shop = chosen.withAll(values).orElse(read.get());
        return new Outcome(
                shop.withCurrency(currency)
                        .withLeaves(leaves)
                        .withLetterhead(letterhead)
                        .withWeek(week)
                        .withTakenOver(takenOver),
                List.of());
    }

    /** What was adopted from the shop's jobs: which of the values, and the sink by kind of instrument. */
    private static AdoptedValues takenOver(TreeCursor at) {
        AdoptedValues all = AdoptedValues.NOTHING;
        for (TreeCursor value : at.at("values").elements()) {
            Optional<Standard> standard = value.text().flatMap(Standard::ofKey);
            if (standard.isEmpty()) {
                value.fault(FileFinding.NO_STANDARD.of(), FileFinding.KEYS_IN.of(Quantity.text(DESCRIBED)));
            } else {
                all = all.with(standard.get());
            }
        }
        for (TreeCursor kind : at.at("sinks").elements()) {
            Optional<Length> sink = kind.at("sink").value(ValueType.LENGTH);
            if (sink.isPresent() && Standard.SINK.parse(sink.get().text()) instanceof Parsed.Bad<Double> bad) {
                kind.at("sink").fault(bad.problem(), bad.accepted());
            } else if (sink.isPresent()) {
                all = all.with(
                        new InstrumentKind(
                                kind.at("family").text().orElse(""),
                                kind.at("body").text().orElse(""),
                                kind.at("bracing").text().orElse("")),
                        sink.get());
            }
        }
        return all;
    }

    private static Letterhead letterhead(TreeCursor at) {
        Letterhead blank = Letterhead.BLANK;
        return new Letterhead(
                at.at("name").text().orElse(blank.name()),
                at.at("address").text().orElse(blank.address()),
                at.at("terms").text().orElse(blank.terms()),
                at.at("validDays").value(ValueType.whole(0, 3650)).orElse(blank.validDays()),
                new SalesTax(
                        at.at("tax")
                                .value(ValueType.number(0, 100))
                                .orElse(blank.tax().percent()),
                        at.at("taxName").text().orElse(""),
                        at.at("taxNumber").text().orElse(""),
                        at.at("taxOnPartsOnly").flag().orElse(false)),
                logo(at.at("logo")));
    }

    /** A bad logo would otherwise be noticed only on the papers. */
    private static String logo(TreeCursor at) {
        String logo = at.text().orElse("");
        if (!logo.isEmpty() && !Logo.isOne(logo)) {
            at.fault(FileFinding.NO_LOGO.of(), FileFinding.A_LOGO.of());
            return "";
        }
        return logo;
    }

    /** The leaves listed; a usual set if there are none. */
    private static FeelerSet leaves(TreeCursor at) {
        List<Length> leaves = new ArrayList<>();
        for (TreeCursor leaf : at.elements()) {
            leaf.value(ValueType.LENGTH).ifPresent(length -> {
                if (length.millimeters() > 0) {
                    leaves.add(length);
                } else {
                    leaf.fault(FileFinding.NO_LEAF.of(), NotationFinding.THICKNESS_ABOVE_ZERO.of());
                }
            });
        }
        return leaves.isEmpty() ? FeelerSet.USUAL : new FeelerSet(leaves);
    }

    private static Map<Standard, String> values(TreeCursor at) {
        Map<Standard, String> values = new EnumMap<>(Standard.class);
        at.children().forEach((key, place) -> {
            Optional<Standard> standard = Standard.ofKey(key);
            if (standard.isEmpty()) {
                place.fault(FileFinding.NO_STANDARD.of(), FileFinding.KEYS_IN.of(Quantity.text(DESCRIBED)));
                return;
            }
            Optional<String> written = standard.get().measure().isText()
                    ? place.text()
                    : place.number(TreeFinding.A_NUMBER.of()).map(BigDecimal::toString);
            written.ifPresent(text -> {
                // Each by itself; whether they agree is checked once all are there.
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
        for (Map.Entry<Standard, String> entry : values.entrySet()) {
            Parsed<ShopStandards> next = one.with(entry.getKey(), entry.getValue());
            if (next instanceof Parsed.Bad<ShopStandards> bad) {
                return new Fault(pointer + "/values/" + entry.getKey().key(), bad.problem(), bad.accepted());
            }
            one = next.optional().orElseThrow(Expect.present("valid value"));
        }
        return new Fault(pointer + "/values", FileFinding.OUT_OF_ORDER.of(), FileFinding.RISING_LIMITS.of());
    }

    private static List<School> schools(TreeCursor at) {
        List<School> schools = new ArrayList<>();
        at.children().forEach((key, place) -> {
            Optional<SchoolQuestion> question = SchoolQuestion.ofKey(key);
            if (question.isEmpty()) {
                place.fault(FileFinding.NO_QUESTION.of(), FileFinding.KEYS_IN.of(Quantity.text(DESCRIBED)));
                return;
            }
            place.text()
                    .ifPresent(said -> School.ofKey(question.get(), said)
                            .ifPresentOrElse(
                                    schools::add,
                                    () -> place.fault(
                                            NotationFinding.NOT_KNOWN.of(Quantity.text(said)),
                                            ValueType.oneOf(question.get().schools().stream()
                                                    .map(School::key)))));
        });
        return schools;
    }

    /** Returns all standards as text. */
    public static String write(ShopStandards standards) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put(KEY, VERSION);
        root.put("currency", standards.currency());
        ObjectNode values = root.putObject("values");
        for (Standard standard : Standard.values()) {
            String text = standards.text(standard);
            if (standard.measure().isText()) {
                values.put(standard.key(), text);
            } else {
                values.put(standard.key(), new BigDecimal(text));
            }
        }
        ArrayNode leaves = root.putArray("leaves");
        standards.leaves().all().forEach(leaf -> leaves.add(leaf.text()));
        Letterhead letterhead = standards.letterhead();
        if (!letterhead.equals(Letterhead.BLANK)) {
            root.putObject("letterhead")
                    .put("name", letterhead.name())
                    .put("address", letterhead.address())
                    .put("terms", letterhead.terms())
                    .put("validDays", letterhead.validDays())
                    .put("tax", letterhead.tax().percent())
                    .put("taxName", letterhead.tax().name())
                    .put("taxNumber", letterhead.tax().number())
                    .put("taxOnPartsOnly", letterhead.tax().partsOnly())
                    .put("logo", letterhead.logo());
        }
        if (!standards.week().equals(ShopWeek.USUAL)) {
            root.set("week", WeekTree.write(standards.week()));
        }
        writeTakenOver(root, standards.takenOver());
        ObjectNode schools = root.putObject("schools");
        for (SchoolQuestion question : SchoolQuestion.values()) {
            schools.put(question.key(), standards.school(question).key());
        }
        return Json.print(root);
    }

    private static void writeTakenOver(ObjectNode root, AdoptedValues all) {
        if (all.equals(AdoptedValues.NOTHING)) {
            return;
        }
        ObjectNode learned = root.putObject("learned");
        ArrayNode values = learned.putArray("values");
        Arrays.stream(Standard.values()).filter(all.values()::contains).forEach(each -> values.add(each.key()));
        ArrayNode sinks = learned.putArray("sinks");
        all.sinks().entrySet().stream()
                .sorted(Comparator.comparing(each -> each.getKey().toString()))
                .forEach(each -> sinks.addObject()
                        .put("family", each.getKey().family())
                        .put("body", each.getKey().body())
                        .put("bracing", each.getKey().bracing())
                        .put("sink", each.getValue().text()));
    }

    /**
     * Writes standards to a file, completely or not at all.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(ShopStandards standards, Path file) throws IOException {
        TextFile.write(write(standards), file);
    }
}
