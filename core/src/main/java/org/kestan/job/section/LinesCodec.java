package org.kestan.job.section;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import org.kestan.ground.notation.Length;
import org.kestan.ground.sheet.AtFret;
import org.kestan.ground.sheet.Line;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.sheet.ValueType;
import org.kestan.job.tree.Branch;
import org.kestan.job.tree.Tree;

/**
 * Reads and writes values under their lines.
 *
 * @param lines the lines there are, in the order they are written
 * @param path where a line's value lies
 */
public record LinesCodec(Collection<? extends Line<?>> lines, Function<Line<?>, String> path) {

    private static final String FRET = "fret";

    /** Reads what is said of the lines. An empty text says nothing. */
    public Values read(Branch at) {
        Values values = Values.NONE;
        for (Line<?> line : lines) {
            values = line instanceof Reading reading && reading.perFret()
                    ? readPerFret(at, reading, values)
                    : read(at, line, values);
        }
        return values;
    }

    private <T> Values read(Branch at, Line<T> line, Values values) {
        return at.at(path.apply(line))
                .value(line.type())
                .filter(value -> !line.type().write(value).isEmpty())
                .map(value -> values.with(line, value))
                .orElse(values);
    }

    private Values readPerFret(Branch at, Reading reading, Values values) {
        String whole = path.apply(reading);
        String member = whole.substring(whole.lastIndexOf('.') + 1);
        Values read = values;
        for (Branch each : at.at(whole.substring(0, whole.lastIndexOf('.'))).elements()) {
            each.expectObject();
            var fret = each.at(FRET).value(ValueType.FRET).filter(number -> number >= 1);
            var length = each.at(member).value(ValueType.LENGTH);
            if (fret.isPresent() && length.isPresent()) {
                read = read.with(reading.at(fret.get()), length.get());
            }
        }
        return read;
    }

    /** Writes what is said of the lines. */
    public void write(Values values, Tree.Draft draft) {
        for (Line<?> line : lines) {
            if (line instanceof Reading reading && reading.perFret()) {
                writePerFret(values, reading, draft);
            } else {
                values.text(line)
                        .filter(text -> !text.isEmpty())
                        .ifPresent(text ->
                                draft.put(path.apply(line), tree(line.type().form(), text)));
            }
        }
    }

    private void writePerFret(Values values, Reading reading, Tree.Draft draft) {
        Map<Integer, Length> read = new TreeMap<>();
        for (Line<?> line : values.lines()) {
            if (line instanceof AtFret at && at.reading() == reading) {
                read.put(at.fret(), values.get(at).orElseThrow());
            }
        }
        String whole = path.apply(reading);
        String member = whole.substring(whole.lastIndexOf('.') + 1);
        List<Tree> items = new ArrayList<>();
        read.forEach((fret, length) -> items.add(new Tree.Draft()
                .put(FRET, Tree.number(fret))
                .put(member, Tree.text(length.text()))
                .entries()));
        if (!items.isEmpty()) {
            draft.put(whole.substring(0, whole.lastIndexOf('.')), new Tree.Items(items));
        }
    }

    private static Tree tree(ValueType.Form form, String text) {
        return switch (form) {
            case TEXT -> Tree.text(text);
            case NUMBER -> new Tree.Num(new BigDecimal(text));
            case FLAG -> new Tree.Flag(Boolean.parseBoolean(text));
            case PAIR -> {
                List<Tree> both = new ArrayList<>();
                for (String word : text.split("[^\\d-]+")) {
                    both.add(Tree.number(Long.parseLong(word)));
                }
                yield new Tree.Items(both);
            }
        };
    }

    /** Says what may stand in place of the lines. */
    public void schema(SchemaDraft draft) {
        for (Line<?> line : lines) {
            String whole = path.apply(line);
            if (line instanceof Reading reading && reading.perFret()) {
                draft.put(
                        whole.substring(0, whole.lastIndexOf('.')),
                        SchemaDraft.list(SchemaDraft.object(FRET)
                                .put(FRET, SchemaDraft.of(ValueType.FRET))
                                .put(whole.substring(whole.lastIndexOf('.') + 1), SchemaDraft.of(ValueType.LENGTH))
                                .entries()));
            } else {
                draft.put(whole, draft.described(line));
            }
        }
    }
}
