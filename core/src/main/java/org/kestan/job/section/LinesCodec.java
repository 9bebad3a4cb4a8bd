package org.kestan.job.section;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Across;
import org.kestan.base.sheet.AtFret;
import org.kestan.base.sheet.Detail;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Part;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Row;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;

/**
 * Reads and writes values under their lines.
 *
 * @param lines the lines there are, in the order they are written
 * @param path where a line's value lies
 */
public record LinesCodec(Collection<? extends Line<?>> lines, Function<Line<?>, String> path) {

    private static final String FRET = "fret";

    /** Reads the values of the lines. An empty text counts as no value. */
    public Values read(TreeCursor at) {
        Values values = Values.NONE;
        for (Line<?> line : lines) {
            if (!fretByFret(line)) {
                values = read(at, line, values);
            }
        }
        for (Map.Entry<String, List<Reading>> list : lists().entrySet()) {
            values = readPerFret(at.at(list.getKey()), list.getValue(), values);
        }
        return values;
    }

    private static boolean fretByFret(Line<?> line) {
        return line instanceof Reading reading && reading.perFret();
    }

    /** The lists of fret-by-fret readings, each with the readings that its items may hold. */
    private Map<String, List<Reading>> lists() {
        Map<String, List<Reading>> lists = new LinkedHashMap<>();
        for (Line<?> line : lines) {
            if (fretByFret(line)) {
                String whole = path.apply(line);
                lists.computeIfAbsent(whole.substring(0, whole.lastIndexOf('.')), list -> new ArrayList<>())
                        .add((Reading) line);
            }
        }
        return lists;
    }

    private static String member(Reading reading) {
        return reading.path().substring(reading.path().lastIndexOf('.') + 1);
    }

    private <T> Values read(TreeCursor at, Line<T> line, Values values) {
        return at.at(path.apply(line))
                .value(line.type())
                .filter(value -> !line.type().write(value).isEmpty())
                .map(value -> values.with(line, value))
                .orElse(values);
    }

    private static Values readPerFret(TreeCursor list, List<Reading> readings, Values values) {
        Values read = values;
        Set<Integer> frets = new HashSet<>();
        for (TreeCursor each : list.elements()) {
            each.expectObject();
            Optional<Integer> fret = each.at(FRET).value(ValueType.FRET);
            if (!each.at(FRET).isPresent()
                    || readings.stream().noneMatch(one -> each.at(member(one)).isPresent())) {
                each.fault(TreeFinding.LACKS.of(lacking(each, readings)), TreeFinding.LIKE.of(example(readings)));
            }
            if (fret.isEmpty()) {
                continue;
            }
            if (fret.get() < 1 || !frets.add(fret.get())) {
                each.at(FRET)
                        .fault(
                                fret.get() < 1 ? TreeFinding.NOT_A_FRET.of() : TreeFinding.FRET_TWICE.of(),
                                TreeFinding.A_FRET_ONCE.of());
                continue;
            }
            for (Reading reading : readings) {
                Optional<Length> length = each.at(member(reading)).value(ValueType.LENGTH);
                read = length.isPresent() ? read.with(reading.at(fret.get()), length.get()) : read;
            }
            if (readings.contains(Reading.FRET_PROUD)) {
                Detail<Across> line = Across.at(fret.get());
                Optional<Across> across = each.at(Across.KEY).value(line.type());
                read = across.isPresent() ? read.with(line, across.get()) : read;
            }
        }
        return read;
    }

    private static Quantity.Verbatim lacking(TreeCursor item, List<Reading> readings) {
        return Quantity.text(item.at(FRET).isPresent() ? member(readings.get(0)) : FRET);
    }

    private static Quantity.Verbatim example(List<Reading> readings) {
        return Quantity.text("{\"" + FRET + "\": 9, \"" + member(readings.get(0)) + "\": \"0.05 mm\"}");
    }

    /** Writes the values of the lines. */
    public void write(Values values, Tree.Draft draft) {
        for (Line<?> line : lines) {
            if (!fretByFret(line)) {
                values.text(line)
                        .filter(text -> !text.isEmpty())
                        .ifPresent(text -> draft.put(path.apply(line), tree(line.type(), text)));
            }
        }
        lists().forEach((list, readings) -> writePerFret(values, list, readings, draft));
    }

    private static void writePerFret(Values values, String list, List<Reading> readings, Tree.Draft draft) {
        Map<Integer, Tree.Draft> items = new TreeMap<>();
        for (Reading reading : readings) {
            for (Line<?> line : values.lines()) {
                if (line instanceof AtFret at && at.reading() == reading) {
                    items.computeIfAbsent(at.fret(), fret -> new Tree.Draft().put(FRET, Tree.number(fret)))
                            .put(
                                    member(reading),
                                    Tree.text(values.get(at)
                                            .orElseThrow(Expect.present("at"))
                                            .text()));
                }
            }
        }
        if (readings.contains(Reading.FRET_PROUD)) {
            items.forEach((fret, item) ->
                    values.get(Across.at(fret)).ifPresent(across -> item.put(Across.KEY, Tree.text(across.key()))));
        }
        if (!items.isEmpty()) {
            draft.put(
                    list,
                    new Tree.Items(items.values().stream()
                            .<Tree>map(Tree.Draft::entries)
                            .toList()));
        }
    }

    private static <T> Tree tree(ValueType<T> type, String text) {
        return switch (type.form()) {
            case TEXT -> Tree.text(text);
            case NUMBER -> new Tree.Num(new BigDecimal(text));
            case FLAG -> new Tree.Flag(Boolean.parseBoolean(text));
            case REASON -> text.equals(ValueType.YES) ? new Tree.Flag(true) : Tree.text(text);
            case PAIR -> {
                List<Tree> both = new ArrayList<>();
                for (String word : text.split("[^\\d-]+")) {
                    both.add(Tree.number(Long.parseLong(word)));
                }
                yield new Tree.Items(both);
            }
            case ROWS ->
                new Tree.Items(rows(type.parse(text).optional().orElseThrow(Expect.present("rows"))).stream()
                        .map(row -> row(type.parts(), row))
                        .toList());
        };
    }

    private static List<Row> rows(Object value) {
        return ((List<?>) value).stream().map(Row.class::cast).toList();
    }

    private static Tree row(List<Part> parts, Row row) {
        Tree.Draft draft = new Tree.Draft();
        parts.stream()
                .filter(part -> row.texts().containsKey(part.name()))
                .forEach(part ->
                        draft.put(part.name(), tree(part.type(), row.texts().get(part.name()))));
        return draft.entries();
    }

    /** Describes what the lines may hold. */
    public void schema(SchemaDraft draft) {
        for (Line<?> line : lines) {
            if (!fretByFret(line)) {
                draft.put(path.apply(line), draft.described(line));
            }
        }
        lists().forEach((list, readings) -> {
            SchemaDraft item = SchemaDraft.object(FRET).put(FRET, SchemaDraft.of(ValueType.FRET));
            readings.forEach(reading -> item.put(member(reading), SchemaDraft.of(ValueType.LENGTH)));
            if (readings.contains(Reading.FRET_PROUD)) {
                item.put(Across.KEY, SchemaDraft.of(Across.at(1).type()));
            }
            draft.put(list, SchemaDraft.list(item.entries()));
        });
    }
}
