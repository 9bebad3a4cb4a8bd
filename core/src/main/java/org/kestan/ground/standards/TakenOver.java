package org.kestan.ground.standards;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.kestan.ground.notation.Length;

/**
 * What a shop has taken over of what its own jobs taught.
 *
 * @param sinks how far the body folds, by kind of instrument: in place of the one {@link Standard#SINK} for all
 * @param values standards whose value was learnt
 */
public record TakenOver(Map<InstrumentKind, Length> sinks, Set<Standard> values) {

    /** Nothing. */
    public static final TakenOver NOTHING = new TakenOver(Map.of(), Set.of());

    /** Takes unmodifiable copies. */
    public TakenOver {
        sinks = Map.copyOf(sinks);
        values = Set.copyOf(values);
    }

    /** Returns this with the sink of a kind. */
    public TakenOver with(InstrumentKind kind, Length sink) {
        Map<InstrumentKind, Length> next = new LinkedHashMap<>(sinks);
        next.put(kind, sink);
        return new TakenOver(next, values);
    }

    /** Returns this without the sink of a kind. */
    public TakenOver without(InstrumentKind kind) {
        Map<InstrumentKind, Length> next = new LinkedHashMap<>(sinks);
        next.remove(kind);
        return new TakenOver(next, values);
    }

    /** Returns this with a standard counted as learnt. */
    public TakenOver with(Standard standard) {
        Set<Standard> next = new TreeSet<>(values);
        next.add(standard);
        return new TakenOver(sinks, next);
    }

    /** Returns this with a standard that is learnt no longer. */
    public TakenOver without(Standard standard) {
        Set<Standard> next = new TreeSet<>(values);
        next.remove(standard);
        return new TakenOver(sinks, next);
    }
}
