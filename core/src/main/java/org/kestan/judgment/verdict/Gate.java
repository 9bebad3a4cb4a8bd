package org.kestan.judgment.verdict;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;

/**
 * One gate of the verdict.
 *
 * @param id which
 * @param state how it stands
 * @param reasons the reasons; for an unknown gate, what to do to find out
 * @param numbers the numbers behind it
 * @param provisional whether an earlier gate stopped, so that this one may change afterward
 */
public record Gate(
        GateId id, GateState state, List<Finding> reasons, Map<GateNumber, Quantity> numbers, boolean provisional) {

    private static final Set<GateId> UNDER_TENSION = Set.of(GateId.RELIEF, GateId.NUT, GateId.ACTION);

    /** Takes unmodifiable copies. */
    public Gate {
        reasons = List.copyOf(reasons);
        EnumMap<GateNumber, Quantity> copy = new EnumMap<>(GateNumber.class);
        copy.putAll(numbers);
        numbers = Collections.unmodifiableMap(copy);
    }

    static Gate of(GateId id, GateState state, Finding... reasons) {
        return new Gate(id, state, List.of(reasons), Map.of(), false);
    }

    Gate with(GateNumber number, Quantity value) {
        EnumMap<GateNumber, Quantity> more = new EnumMap<>(GateNumber.class);
        more.putAll(numbers);
        more.put(number, value);
        return new Gate(id, state, reasons, more, provisional);
    }

    /** The same with one more reason. */
    Gate also(Finding reason) {
        return new Gate(
                id, state, Stream.concat(reasons.stream(), Stream.of(reason)).toList(), numbers, provisional);
    }

    /** The same as a warning instead of a pass. */
    Gate atLeastWarning() {
        return state == GateState.PASS ? new Gate(id, GateState.WARN, reasons, numbers, provisional) : this;
    }

    /** Returns one of the numbers behind it, if it is a length, mm. */
    OptionalDouble number(GateNumber which) {
        return numbers.get(which) instanceof Quantity.Distance distance
                ? OptionalDouble.of(distance.millimeters())
                : OptionalDouble.empty();
    }

    /** The same without asking for what can only be read under tension. */
    Gate untilMended() {
        boolean asks = state == GateState.UNKNOWN && UNDER_TENSION.contains(id);
        return asks ? new Gate(id, state, List.of(GateFinding.READ_WHEN_MENDED.of()), numbers, provisional) : this;
    }

    Gate asProvisional() {
        return new Gate(id, state, reasons, numbers, true);
    }
}
