package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.kestan.base.finding.Finding;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.FeelerSet;

/**
 * Named values of a plan for other programs, independent of a format: numbers, flags, texts, findings, lists and
 * nested entries, in order.
 */
public final class PartData {

    private final Map<String, Object> entries = new LinkedHashMap<>();

    /** Creates data without entries. */
    public PartData() {
        // Nothing yet.
    }

    /** Adds a number, a flag, a text or a finding. */
    PartData put(String key, Object value) {
        entries.put(key, value);
        return this;
    }

    /** Adds a number if there is one. */
    PartData put(String key, OptionalDouble value) {
        value.ifPresent(number -> entries.put(key, number));
        return this;
    }

    /** Adds both sides under a key. */
    PartData sides(String key, Sides<Double> sides) {
        object(key).sides(sides);
        return this;
    }

    /** Adds both sides here. */
    PartData sides(Sides<Double> sides) {
        return put("bass", sides.bass()).put("treble", sides.treble());
    }

    /** Adds findings as a list, which may be empty. */
    PartData findings(String key, List<Finding> findings) {
        entries.put(key, new ArrayList<Object>(findings));
        return this;
    }

    /** Adds the leaves of a stack and its error. */
    PartData stack(FeelerSet.Stack stack) {
        entries.put(
                "leaves",
                new ArrayList<Object>(stack.leaves().stream().map(Length::text).toList()));
        return put("error", stack.error());
    }

    /** Returns the entries under a key, added if there are none. */
    PartData object(String key) {
        return (PartData) entries.computeIfAbsent(key, none -> new PartData());
    }

    /** Adds entries to a list under a key, and returns them. */
    PartData item(String key) {
        PartData item = new PartData();
        list(key).add(item);
        return item;
    }

    /** Returns the list under a key, added if there is none. */
    @SuppressWarnings("unchecked")
    List<Object> list(String key) {
        return (List<Object>) entries.computeIfAbsent(key, none -> new ArrayList<>());
    }

    /**
     * Returns the entries in order. A value is a {@link Double}, {@link Integer}, {@link Boolean}, {@link String},
     * {@link Finding}, {@link List} of these, or {@link PartData}.
     */
    public Map<String, Object> entries() {
        return Collections.unmodifiableMap(entries);
    }
}
