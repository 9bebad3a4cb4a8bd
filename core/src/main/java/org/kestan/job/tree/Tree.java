package org.kestan.job.tree;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Structured data, independent of a file format: strings, numbers, flags, lists and named entries in order. Sections
 * of a job read themselves from it and write themselves into it; its form in a file is up to the module {@code files}.
 */
public sealed interface Tree {

    /** A text. */
    record Text(String text) implements Tree {}

    /** A number, exact to the digit. */
    record Num(BigDecimal number) implements Tree {}

    /** True or false. */
    record Flag(boolean flag) implements Tree {}

    /** An explicit null. */
    record Nothing() implements Tree {}

    /** A list. */
    record Items(List<Tree> all) implements Tree {
        /** Takes an unmodifiable copy. */
        public Items {
            all = List.copyOf(all);
        }
    }

    /** Values under their keys, in order. */
    record Entries(Map<String, Tree> all) implements Tree {

        /** No entries. */
        public static final Entries NONE = new Entries(Map.of());

        /** Takes an unmodifiable copy that keeps the order. */
        public Entries {
            all = Collections.unmodifiableMap(new LinkedHashMap<>(all));
        }

        /** Returns the value under a key. */
        public Optional<Tree> get(String key) {
            return Optional.ofNullable(all.get(key));
        }
    }

    /** A text. */
    static Tree text(String text) {
        return new Text(text);
    }

    /** A whole number. */
    static Tree number(long number) {
        return new Num(BigDecimal.valueOf(number));
    }

    /** Entries under construction; a path is keys joined by dots. */
    final class Draft {

        private final Map<String, Object> entries = new LinkedHashMap<>();

        /** Starts with nothing. */
        public Draft() {}

        /** Sets a value at a path; objects along the way are created. */
        public Draft put(String path, Tree value) {
            int dot = path.indexOf('.');
            if (dot < 0) {
                entries.put(path, value);
            } else {
                under(path.substring(0, dot)).put(path.substring(dot + 1), value);
            }
            return this;
        }

        private Draft under(String key) {
            Object there = entries.get(key);
            if (there instanceof Draft draft) {
                return draft;
            }
            Draft fresh = new Draft();
            if (there instanceof Entries known) {
                known.all().forEach(fresh::put);
            }
            entries.put(key, fresh);
            return fresh;
        }

        /** Returns the result. */
        public Entries entries() {
            Map<String, Tree> all = new LinkedHashMap<>();
            entries.forEach(
                    (key, value) -> all.put(key, value instanceof Draft draft ? draft.entries() : (Tree) value));
            return new Entries(all);
        }
    }
}
