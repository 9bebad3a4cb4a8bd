package org.kestan.job.section;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Line;

/** Values under their lines, each of its line's type. Immutable; missing values are absent. */
public final class Values {

    /** No values. */
    public static final Values NONE = new Values(Map.of());

    private final Map<Line<?>, Object> all;

    private Values(Map<Line<?>, Object> all) {
        this.all = all;
    }

    /** Returns a value, empty if it is missing. */
    public <T> Optional<T> get(Line<T> line) {
        // A value is only ever put in under a line of its own type, by with().
        @SuppressWarnings("unchecked")
        T value = (T) all.get(line);
        return Optional.ofNullable(value);
    }

    /** Returns a length in mm, empty if it is missing. */
    public OptionalDouble millimeters(Line<Length> line) {
        Length length = (Length) all.get(line);
        return length == null ? OptionalDouble.empty() : OptionalDouble.of(length.millimeters());
    }

    /** Returns the text of a value in the form used in files and fields; empty if it is missing. */
    public <T> Optional<String> text(Line<T> line) {
        return get(line).map(line.type()::write);
    }

    /** Returns these values with one set. */
    public <T> Values with(Line<T> line, T value) {
        Map<Line<?>, Object> copy = new LinkedHashMap<>(all);
        copy.put(line, value);
        return new Values(copy);
    }

    /** Returns these values without one. */
    public Values without(Line<?> line) {
        Map<Line<?>, Object> copy = new LinkedHashMap<>(all);
        copy.remove(line);
        return new Values(copy);
    }

    /** Returns the lines that have a value. */
    public Set<Line<?>> lines() {
        return all.keySet();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Values that && all.equals(that.all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }

    @Override
    public String toString() {
        return all.toString();
    }
}
