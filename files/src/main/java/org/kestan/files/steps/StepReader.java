package org.kestan.files.steps;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.ValueType;
import org.kestan.base.standards.School;
import org.kestan.files.FileFinding;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.picture.Operation;
import org.kestan.repair.plan.PlanParts;
import org.kestan.repair.steps.Fact;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepCondition;

/** Reads one step from a step file; what can't be read gives an error at its place. */
final class StepReader {

    /** The keys of a step, in the order they are written. */
    static final List<String> KEYS = List.of(
            "id",
            "title",
            "why",
            "do",
            "check",
            "otherwise",
            "cautions",
            "hands",
            "wait",
            "numbers",
            "reads",
            "into",
            "bags",
            "picture",
            "drawing",
            "tool",
            "when",
            "unless");

    /** Keys that only a shop's own file may have. */
    static final List<String> SHOP_KEYS = List.of("off", "after");

    /** Reads minutes of work. */
    static final ValueType<Integer> HANDS = ValueType.whole(0, 24 * 60);

    /** Minutes of a wait; 0 removes the default one. */
    private static final ValueType<Integer> MINUTES = ValueType.whole(0, 366 * 24 * 60);

    /** The name of a photograph, without a folder. */
    private static final Pattern PHOTOGRAPH = Pattern.compile("(?i)[^/\\\\:]{1,80}\\.(png|jpg|jpeg)");

    private static final List<String> CONDITIONS = List.of("joints", "forms", "schools", "ways", "facts", "needs");
    private static final ValueType<WaitKind> WAIT = ValueType.choice(WaitKind.class);
    private static final ValueType<Step.Into> INTO = ValueType.choice(Step.Into.class);
    private static final ValueType<Step.Tool> TOOL = ValueType.choice(Step.Tool.class);

    /** The lines of a visit, by path. */
    private static final Map<String, Line<?>> LINES = Lines.OF_VISIT.stream()
            .collect(Collectors.toMap(Line::path, line -> line, (one, other) -> one, LinkedHashMap::new));

    private StepReader() {}

    /** Reads a step; empty without an id. Missing keys are empty. */
    static Optional<Step> read(TreeCursor at, Step.Edits edits) {
        at.expectObject();
        keys(at, Stream.concat(KEYS.stream(), SHOP_KEYS.stream()).toList());
        TreeCursor wait = at.at("wait");
        wait.expectObject();
        keys(wait, List.of("kind", "minutes"));
        Optional<WaitKind> kind = wait.at("kind").value(WAIT);
        Optional<Integer> minutes = wait.at("minutes").value(MINUTES);
        if (wait.isPresent()) {
            lacks(wait, "kind");
            lacks(wait, "minutes");
        }
        at.at("off").flag();
        at.at("after").text();
        lacks(at, "id");
        Optional<String> id = at.at("id").text();
        Step step = new Step(
                id.orElse(""),
                new Step.Text(
                        text(at, "title"),
                        text(at, "why"),
                        text(at, "do"),
                        text(at, "check"),
                        text(at, "otherwise"),
                        texts(at.at("cautions")),
                        text(at, "picture"),
                        drawing(at.at("drawing"))),
                new Step.Work(
                        at.at("hands").value(HANDS).orElse(0),
                        kind.isPresent() && minutes.filter(each -> each > 0).isPresent()
                                ? Optional.of(new Step.Pause(kind.get(), minutes.get()))
                                : Optional.empty(),
                        keyed(at.at("numbers"), PlanParts.NUMBERS),
                        lines(at.at("reads")),
                        at.at("into").value(INTO).orElse(Step.Into.AFTER),
                        texts(at.at("bags")),
                        at.at("tool").value(TOOL)),
                condition(at.at("when")),
                condition(at.at("unless")),
                edits);
        return id.map(said -> step);
    }

    private static void lacks(TreeCursor at, String key) {
        if (!at.at(key).isPresent()) {
            at.fault(
                    TreeFinding.LACKS.of(Quantity.text(key)),
                    TreeFinding.LIKE.of(Quantity.text("\"" + key + "\": \u2026")));
        }
    }

    /** An unknown key would otherwise be skipped silently, and the change with it. */
    private static void keys(TreeCursor at, List<String> known) {
        at.children().forEach((key, place) -> {
            if (!known.contains(key)) {
                place.fault(FileFinding.NO_STEP_KEY.of(), ValueType.oneOf(known.stream()));
            }
        });
    }

    private static String text(TreeCursor at, String key) {
        return at.at(key).text().map(String::strip).orElse("");
    }

    /** An operation that is drawn, or a photograph beside the file. */
    private static String drawing(TreeCursor at) {
        String said = at.text().map(String::strip).orElse("");
        if (!said.isEmpty()
                && !isPhotograph(said)
                && Keyed.find(Operation.class, said).isEmpty()) {
            at.fault(
                    FileFinding.NO_DRAWING.of(),
                    ValueType.oneOf(
                            Stream.concat(Stream.of(Operation.values()).map(Operation::key), Stream.of("bridge.jpg"))));
            return "";
        }
        return said;
    }

    /** Returns whether a drawing is a photograph, by its name. */
    static boolean isPhotograph(String drawing) {
        return PHOTOGRAPH.matcher(drawing).matches();
    }

    private static List<String> texts(TreeCursor at) {
        List<String> all = new ArrayList<>();
        at.elements().forEach(each -> each.text().ifPresent(all::add));
        return all;
    }

    private static StepCondition condition(TreeCursor at) {
        at.expectObject();
        keys(at, CONDITIONS);
        return new StepCondition(
                keyed(at.at("joints"), List.of(Joint.values())),
                keyed(at.at("forms"), List.of(Form.values())),
                keyed(at.at("schools"), List.of(School.values())),
                ways(at.at("ways")),
                keyed(at.at("facts"), List.of(Fact.values())),
                keyed(at.at("needs"), PlanParts.NUMBERS));
    }

    private static List<Way> ways(TreeCursor at) {
        return keyed(at, WayCatalog.ALL);
    }

    private static <T extends Keyed> List<T> keyed(TreeCursor at, List<T> among) {
        List<T> all = new ArrayList<>();
        at.elements()
                .forEach(each -> each.text()
                        .ifPresent(said -> among.stream()
                                .filter(one -> one.key().equals(said))
                                .findFirst()
                                .ifPresentOrElse(
                                        all::add,
                                        () -> each.fault(
                                                NotationFinding.NOT_KNOWN.of(Quantity.text(said)),
                                                ValueType.oneOf(among.stream().map(Keyed::key))))));
        return all;
    }

    private static List<Line<?>> lines(TreeCursor at) {
        List<Line<?>> all = new ArrayList<>();
        at.elements()
                .forEach(each -> each.text().ifPresent(said -> {
                    Line<?> line = LINES.get(said);
                    if (line == null) {
                        each.fault(FileFinding.NO_LINE.of(), FileFinding.A_LINE_OF_THE_SHEET.of());
                    } else {
                        all.add(line);
                    }
                }));
        return all;
    }

    /** The schema of a step. */
    static Tree.Entries schema() {
        SchemaDraft step = SchemaDraft.object("id");
        for (String key : List.of("id", "title", "why", "do", "check", "otherwise", "picture", "drawing", "after")) {
            step.put(key, SchemaDraft.of(ValueType.TEXT));
        }
        Tree texts = SchemaDraft.list(SchemaDraft.of(ValueType.TEXT));
        return step.put("cautions", texts)
                .put("hands", SchemaDraft.of(HANDS))
                .put(
                        "wait",
                        SchemaDraft.object("kind", "minutes")
                                .put("kind", SchemaDraft.of(WAIT))
                                .put("minutes", SchemaDraft.of(MINUTES))
                                .entries())
                .put("numbers", keys(PlanParts.NUMBERS.stream()))
                .put("reads", SchemaDraft.list(SchemaDraft.oneOf(List.copyOf(LINES.keySet()))))
                .put("into", SchemaDraft.of(INTO))
                .put("bags", texts)
                .put("tool", SchemaDraft.of(TOOL))
                .put("when", conditionSchema())
                .put("unless", conditionSchema())
                .put("off", SchemaDraft.of(ValueType.FLAG))
                .entries();
    }

    private static Tree.Entries conditionSchema() {
        return SchemaDraft.object()
                .put("joints", keys(Stream.of(Joint.values())))
                .put("forms", keys(Stream.of(Form.values())))
                .put("schools", keys(Stream.of(School.values())))
                .put("ways", keys(WayCatalog.ALL.stream()))
                .put("facts", keys(Stream.of(Fact.values())))
                .put("needs", keys(PlanParts.NUMBERS.stream()))
                .entries();
    }

    private static Tree.Entries keys(Stream<? extends Keyed> among) {
        return SchemaDraft.list(
                SchemaDraft.oneOf(among.map(Keyed::key).distinct().toList()));
    }

    /** The keys of one entry that describe the step itself. */
    static Set<String> said(Tree.Entries entry) {
        Set<String> said = new HashSet<>(entry.all().keySet());
        said.retainAll(KEYS);
        said.remove("id");
        return said;
    }
}
