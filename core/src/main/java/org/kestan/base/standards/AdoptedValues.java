package org.kestan.base.standards;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.kestan.base.notation.Length;

/**
 * What a shop has adopted from what its own jobs taught.
 *
 * @param sinks how far the body folds, by kind of instrument: in place of the one {@link Standard#SINK} for all
 * @param values standards whose value was learned
 */
public record AdoptedValues(Map<InstrumentKind, Length> sinks, Set<Standard> values) {

    /** Nothing. */
    public static final AdoptedValues NOTHING = new AdoptedValues(Map.of(), Set.of());

    /** Takes unmodifiable copies. */
    public AdoptedValues {
        sinks = Map.copyOf(sinks);
        values = Set.copyOf(values);
    }

    /** Returns this with a sink for a kind of instrument. */
    public AdoptedValues with(InstrumentKind kind, Length sink) {
        Map<InstrumentKind, Length> next = new LinkedHashMap<>(sinks);
        next.put(kind, sink);
        return new AdoptedValues(next, values);
    }

    /** Returns this without the sink for a kind of instrument. */
    public AdoptedValues without(InstrumentKind kind) {
        Map<InstrumentKind, Length> next = new LinkedHashMap<>(sinks);
        next.remove(kind);
        return new AdoptedValues(next, values);
    }

    /** Returns this with a standard marked as learned. */
    public AdoptedValues with(Standard standard) {
        Set<Standard> next = new TreeSet<>(values);
        next.add(standard);
        return new AdoptedValues(sinks, next);
    }

    /** Returns this with a standard no longer marked as learned. */
    public AdoptedValues without(Standard standard) {
        Set<Standard> next = new TreeSet<>(values);
        next.remove(standard);
        return new AdoptedValues(sinks, next);
    }
}
