package org.kestan.job.section;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Part;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.tree.Tree;

/** The schema of an object under construction: what is allowed under which path (JSON Schema, draft 2020-12). */
public final class SchemaDraft {

    /** The place of the schema for a length, for references. */
    public static final String LENGTH = "#/$defs/length";

    /** The place of the schema for a length above zero. */
    public static final String POSITIVE_LENGTH = "#/$defs/positiveLength";

    private final Map<String, Object> properties = new LinkedHashMap<>();
    private final List<String> required;
    private final Function<Line<?>, Optional<String>> describe;

    private SchemaDraft(List<String> required, Function<Line<?>, Optional<String>> describe) {
        this.required = required;
        this.describe = describe;
    }

    /** An object in which some keys are required. */
    public static SchemaDraft object(String... required) {
        return new SchemaDraft(List.of(required), line -> Optional.empty());
    }

    /**
     * The root of a job.
     *
     * @param describe gives the note on a line, if there is one
     */
    public static SchemaDraft root(List<String> required, Function<Line<?>, Optional<String>> describe) {
        return new SchemaDraft(required, describe);
    }

    /** Returns an object with the same definitions. */
    public SchemaDraft nested() {
        return new SchemaDraft(List.of(), describe);
    }

    /** Puts a schema at a path; objects along the way are created. */
    public SchemaDraft put(String path, Tree schema) {
        int dot = path.indexOf('.');
        if (dot < 0) {
            properties.put(path, schema);
            return this;
        }
        SchemaDraft below = (SchemaDraft) properties.computeIfAbsent(path.substring(0, dot), key -> nested());
        below.put(path.substring(dot + 1), schema);
        return this;
    }

    /** Returns the schema of a line's value with its description. */
    Tree described(Line<?> line) {
        Tree.Draft draft = new Tree.Draft();
        Tree.Entries value = line instanceof LengthLine length && length.mustBePositive()
                ? length.type().equals(ValueType.RADIUS) ? radius() : reference(POSITIVE_LENGTH)
                : of(line.type());
        value.all().forEach(draft::put);
        describe.apply(line).ifPresent(text -> draft.put("description", Tree.text(text)));
        return draft.entries();
    }

    /** Returns the schema of a list. */
    public static Tree.Entries list(Tree items) {
        return new Tree.Draft()
                .put("type", Tree.text("array"))
                .put("items", items)
                .entries();
    }

    /** Returns the schema of an object with free keys and values of one type. */
    public static Tree.Entries map(Tree values) {
        return new Tree.Draft()
                .put("type", Tree.text("object"))
                .put("additionalProperties", values)
                .entries();
    }

    /** Returns a reference to a schema. */
    public static Tree.Entries reference(String to) {
        return new Tree.Entries(Map.of("$ref", Tree.text(to)));
    }

    private static Tree.Entries radius() {
        return new Tree.Entries(Map.of(
                "anyOf", new Tree.Items(List.of(reference(POSITIVE_LENGTH), oneOf(List.of(Length.FLAT.text()))))));
    }

    /** Returns the schema of a choice. */
    public static Tree.Entries oneOf(List<String> keys) {
        return new Tree.Entries(
                Map.of("enum", new Tree.Items(keys.stream().map(Tree::text).toList())));
    }

    /** Returns the schema of a value. */
    public static <T> Tree.Entries of(ValueType<T> type) {
        if (type.equals(ValueType.LENGTH)) {
            return reference(LENGTH);
        }
        if (type.equals(ValueType.ANGLE)) {
            return pattern("^\\s*[+\u2212-]?(\\d{1,3}(\\.\\d{0,6})?|\\.\\d{1,6}) ?(deg|\u00b0)\\s*$");
        }
        if (type.equals(ValueType.DAY)) {
            return pattern("^\\d{4}-\\d{2}-\\d{2}$");
        }
        if (type.equals(ValueType.MOMENT)) {
            return pattern("^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}(:\\d{2}(\\.\\d{1,9})?)?(Z|[+-]\\d{2}:\\d{2})$");
        }
        return switch (type.form()) {
            case FLAG -> new Tree.Entries(Map.of("type", Tree.text("boolean")));
            case REASON ->
                new Tree.Entries(Map.of("type", new Tree.Items(List.of(Tree.text("boolean"), Tree.text("string")))));
            case PAIR ->
                new Tree.Draft()
                        .put("type", Tree.text("array"))
                        .put("items", new Tree.Entries(Map.of("type", Tree.text("integer"))))
                        .put("minItems", Tree.number(2))
                        .put("maxItems", Tree.number(2))
                        .entries();
            case ROWS -> list(row(type.parts()));
            case NUMBER -> number(type);
            case TEXT ->
                type.choices().isEmpty()
                        ? new Tree.Entries(Map.of("type", Tree.text("string")))
                        : oneOf(type.choices().stream().map(type::write).toList());
        };
    }

    private static Tree.Entries row(List<Part> parts) {
        SchemaDraft row =
                object(parts.stream().filter(Part::needed).map(Part::name).toArray(String[]::new));
        parts.forEach(part -> row.put(part.name(), of(part.type())));
        return row.entries();
    }

    private static Tree.Entries number(ValueType<?> type) {
        Tree.Draft draft = new Tree.Draft().put("type", Tree.text(type.range().whole() ? "integer" : "number"));
        type.range().least().ifPresent(least -> draft.put("minimum", new Tree.Num(BigDecimal.valueOf(least))));
        type.range().greatest().ifPresent(most -> draft.put("maximum", new Tree.Num(BigDecimal.valueOf(most))));
        return draft.entries();
    }

    private static Tree.Entries pattern(String pattern) {
        return new Tree.Draft()
                .put("type", Tree.text("string"))
                .put("pattern", Tree.text(pattern))
                .entries();
    }

    /** Returns the schema of the object. */
    public Tree.Entries entries() {
        Map<String, Tree> below = new LinkedHashMap<>();
        properties.forEach(
                (key, value) -> below.put(key, value instanceof SchemaDraft draft ? draft.entries() : (Tree) value));
        Map<String, Tree> all = new LinkedHashMap<>();
        all.put("type", Tree.text("object"));
        if (!required.isEmpty()) {
            all.put("required", new Tree.Items(required.stream().map(Tree::text).toList()));
        }
        all.put("properties", new Tree.Entries(below));
        return new Tree.Entries(all);
    }
}
