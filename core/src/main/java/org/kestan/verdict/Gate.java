package org.kestan.verdict;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * One gate of the verdict.
 *
 * @param id which
 * @param state how it stands
 * @param reason why, in one plain sentence; for an unknown gate what to do to know
 * @param numbers the numbers behind it by name: mm, degrees, percent
 * @param provisional whether an earlier gate stopped, so that this one may stand otherwise afterwards
 */
public record Gate(GateId id, GateState state, String reason, Map<String, Double> numbers, boolean provisional) {

    /** Takes an unmodifiable copy that keeps the order. */
    public Gate {
        numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
    }

    static Gate of(GateId id, GateState state, String reason) {
        return new Gate(id, state, reason, Map.of(), false);
    }

    Gate with(String name, double number) {
        Map<String, Double> more = new LinkedHashMap<>(numbers);
        more.put(name, number);
        return new Gate(id, state, reason, more, provisional);
    }

    Gate asProvisional() {
        return new Gate(id, state, reason, numbers, true);
    }
}
