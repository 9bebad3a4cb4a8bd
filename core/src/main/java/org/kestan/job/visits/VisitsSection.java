package org.kestan.job.visits;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.LinesCodec;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.source.Made;
import org.kestan.job.source.Provenance;
import org.kestan.job.terms.Lines;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;
import org.kestan.job.tree.UnknownKeys;

/** The visits of a job: the one on the sheet under {@code survey}, the others under {@code surveys}. */
public final class VisitsSection extends Section<Visits> {

    private static final String CURRENT = "survey";
    private static final String OTHERS = "surveys";
    private static final LinesCodec LINES = new LinesCodec(Lines.OF_VISIT, Line::key);
    private static final ValueType<Defect> DEFECT = ValueType.choice(Defect.class);
    private static final ValueType<Severity> SEVERITY = ValueType.choice(Severity.class);
    private static final ValueType<Tool> TOOL = ValueType.choice(Tool.class);
    private static final ValueType<Made> MADE = ValueType.choice(Made.class);
    private static final ValueType<Double> HALF_WIDTH = ValueType.number(0, 100);

    /** Names the section. */
    public VisitsSection() {
        super("visits", Visits.BLANK);
    }

    @Override
    public Visits read(TreeCursor root) {
        List<Visit> others = new ArrayList<>();
        for (TreeCursor other : root.at(OTHERS).elements()) {
            other.expectObject();
            others.add(visit(other));
        }
        return new Visits(visit(root.at(CURRENT)), others);
    }

    private static Visit visit(TreeCursor at) {
        at.expectObject();
        if (at.entries().all().isEmpty()) {
            return Visit.BLANK;
        }
        Visit visit = new Visit(
                LINES.read(at),
                takes(at.at("takes")),
                tools(at.at("tools")),
                sources(at.at("sources")),
                provisional(at.at("provisional")),
                observations(at.at("condition")),
                UnknownKeys.NONE);
        return visit.withForeign(UnknownKeys.in(at.entries(), entries(visit)));
    }

    private static Map<Measurable, List<Length>> takes(TreeCursor at) {
        Map<Measurable, List<Length>> takes = new HashMap<>();
        at.children()
                .forEach((key, place) -> reading(key, place).ifPresent(reading -> {
                    List<Length> lengths = new ArrayList<>();
                    place.elements()
                            .forEach(each -> each.value(ValueType.LENGTH).ifPresent(lengths::add));
                    if (lengths.size() > 1) {
                        takes.put(reading, List.copyOf(lengths));
                    }
                }));
        return takes;
    }

    private static Map<Measurable, Tool> tools(TreeCursor at) {
        Map<Measurable, Tool> tools = new HashMap<>();
        at.children()
                .forEach((key, place) -> reading(key, place)
                        .ifPresent(reading -> place.value(TOOL).ifPresent(tool -> tools.put(reading, tool))));
        return tools;
    }

    private static Map<String, Provenance> sources(TreeCursor at) {
        Map<String, Provenance> sources = new HashMap<>();
        at.children().forEach((key, place) -> {
            place.expectObject();
            place.at("by")
                    .value(MADE)
                    .ifPresent(made -> sources.put(
                            key,
                            new Provenance(
                                    made,
                                    place.at("from").text().orElse(""),
                                    place.at("halfWidth")
                                            .value(HALF_WIDTH)
                                            .map(OptionalDouble::of)
                                            .orElse(OptionalDouble.empty()))));
        });
        return sources;
    }

    private static Tree.Entries entries(Provenance source) {
        Tree.Draft draft = new Tree.Draft().put("by", Tree.text(source.made().key()));
        if (!source.from().isEmpty()) {
            draft.put("from", Tree.text(source.from()));
        }
        source.halfWidth().ifPresent(half -> draft.put("halfWidth", new Tree.Num(BigDecimal.valueOf(half))));
        return draft.entries();
    }

    private static Set<Reading> provisional(TreeCursor at) {
        Set<Reading> marked = EnumSet.noneOf(Reading.class);
        at.elements()
                .forEach(each ->
                        each.text().flatMap(key -> reading(key, each)).ifPresent(taken -> marked.add(taken.reading())));
        return marked;
    }

    private static List<Observation> observations(TreeCursor at) {
        List<Observation> all = new ArrayList<>();
        for (TreeCursor each : at.elements()) {
            each.expectObject();
            Optional<Defect> what = each.at("what").value(DEFECT);
            Optional<Severity> severity = each.at("severity").value(SEVERITY);
            String note = each.at("note").text().orElse("");
            if (what.isPresent() && severity.isPresent()) {
                Observation seen = new Observation(what.get(), severity.get(), note);
                all.add(new Observation(
                        what.get(), severity.get(), note, UnknownKeys.in(each.entries(), entries(seen))));
            } else if (!each.at("what").isPresent() || !each.at("severity").isPresent()) {
                each.fault(
                        TreeFinding.LACKS.of(Quantity.text("what or severity")),
                        TreeFinding.LIKE.of(Quantity.text("{\"what\": \"brace-loose\", \"severity\": \"slight\"}")));
            }
        }
        return all;
    }

    private static Optional<Measurable> reading(String key, TreeCursor place) {
        Optional<Measurable> found = Reading.ofKey(key);
        if (found.isEmpty()) {
            place.fault(
                    VisitFinding.NO_READING.of(Quantity.text(key)),
                    VisitFinding.ONE_OF_READINGS.of(
                            Quantity.texts(Stream.of(Reading.values()).map(Keyed::key))));
        }
        return found;
    }

    @Override
    public void write(Visits visits, Tree.Draft root) {
        Tree.Entries current = whole(visits.current());
        if (!current.all().isEmpty()) {
            root.put(CURRENT, current);
        }
        items(root, OTHERS, visits.others().stream().map(VisitsSection::whole));
    }

    private static Tree.Entries whole(Visit visit) {
        return visit.foreign().under(entries(visit));
    }

    private static Tree.Entries entries(Visit visit) {
        Tree.Draft draft = new Tree.Draft();
        LINES.write(visit.values(), draft);
        items(
                draft,
                "condition",
                visit.observations().stream().map(seen -> seen.foreign().under(entries(seen))));
        put(
                draft,
                "takes",
                flat(
                        visit.takes(),
                        lengths -> new Tree.Items(lengths.stream()
                                .map(each -> Tree.text(each.text()))
                                .toList())));
        put(draft, "tools", flat(visit.tools(), tool -> Tree.text(tool.key())));
        Map<String, Tree> sources = new LinkedHashMap<>();
        visit.sources().forEach((key, source) -> sources.put(key, entries(source)));
        put(draft, "sources", new Tree.Entries(sources));
        items(draft, "provisional", visit.provisional().stream().map(reading -> Tree.text(reading.key())));
        return draft.entries();
    }

    /** The names of readings are keys here, including their dots. */
    private static <V> Tree.Entries flat(Map<Measurable, V> all, Function<V, Tree> value) {
        Map<String, Tree> entries = new LinkedHashMap<>();
        all.forEach((reading, each) -> entries.put(reading.key(), value.apply(each)));
        return new Tree.Entries(entries);
    }

    private static void put(Tree.Draft draft, String key, Tree.Entries entries) {
        if (!entries.all().isEmpty()) {
            draft.put(key, entries);
        }
    }

    private static Tree.Entries entries(Observation seen) {
        Tree.Draft draft = new Tree.Draft()
                .put("what", Tree.text(seen.what().key()))
                .put("severity", Tree.text(seen.severity().key()));
        if (!seen.note().isEmpty()) {
            draft.put("note", Tree.text(seen.note()));
        }
        return draft.entries();
    }

    @Override
    public void schema(SchemaDraft root) {
        SchemaDraft visit = root.nested();
        LINES.schema(visit);
        visit.put(
                "condition",
                SchemaDraft.list(SchemaDraft.object("what", "severity")
                        .put("what", SchemaDraft.of(DEFECT))
                        .put("severity", SchemaDraft.of(SEVERITY))
                        .put("note", SchemaDraft.of(ValueType.TEXT))
                        .entries()));
        visit.put("takes", SchemaDraft.map(SchemaDraft.list(SchemaDraft.of(ValueType.LENGTH))));
        visit.put("tools", SchemaDraft.map(SchemaDraft.of(TOOL)));
        visit.put(
                "sources",
                SchemaDraft.map(SchemaDraft.object("by")
                        .put("by", SchemaDraft.of(MADE))
                        .put("from", SchemaDraft.of(ValueType.TEXT))
                        .put("halfWidth", SchemaDraft.of(HALF_WIDTH))
                        .entries()));
        visit.put("provisional", SchemaDraft.list(SchemaDraft.of(ValueType.TEXT)));
        root.put(CURRENT, visit.entries());
        root.put(OTHERS, SchemaDraft.list(SchemaDraft.reference("#/properties/" + CURRENT)));
    }
}
