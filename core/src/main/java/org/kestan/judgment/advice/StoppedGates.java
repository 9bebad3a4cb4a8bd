package org.kestan.judgment.advice;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.analysis.setup.Anchorage;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.uncertainty.Propagation;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Way;

/**
 * The gates that a change of the setup can bring to stop: saddle, break angle, bridge. A change counts against a way
 * only if it makes a gate worse (§6).
 */
final class StoppedGates {

    /** The gates that a neck is set for when its heel is cut. */
    private static final Set<GateId> SET_FOR_GOOD = Set.of(GateId.SADDLE, GateId.BRIDGE);

    /**
     * The effect of a change of the setup on the gates.
     *
     * @param worsened the first gate it brings to stop, or makes worse by more than its half-width; empty for none
     * @param remaining those that stay at stop and get no worse
     */
    record Change(Optional<GateId> worsened, List<GateId> remaining) {

        /** Takes an unmodifiable copy. */
        Change {
            remaining = List.copyOf(remaining);
        }

        /** Returns whether the instrument is no worse off afterward. */
        boolean sound() {
            return worsened.isEmpty();
        }
    }

    private final JudgmentContext context;

    StoppedGates(JudgmentContext context) {
        this.context = context;
    }

    /**
     * Compares the gates before and after some ways. A way that cuts the heel has to meet more: it may leave neither
     * saddle nor bridge at stop, since the neck is set to them for good.
     */
    Change between(Setup before, Setup after, List<Way> by) {
        Map<GateId, Double> was = past(before);
        Map<GateId, Double> is = past(after);
        boolean forGood = by.stream().anyMatch(way -> way.has(Effect.CUTS_HEEL));
        Predicate<GateId> worsened = gate -> !was.containsKey(gate)
                || forGood && SET_FOR_GOOD.contains(gate)
                || is.get(gate) > was.get(gate) + halfWidth(gate, before);
        return new Change(
                is.keySet().stream().filter(worsened).findFirst(),
                is.keySet().stream().filter(worsened.negate()).toList());
    }

    /** How far each stopped gate is past its limit: mm for saddle and bridge, radians for the break angle; positive. */
    private Map<GateId, Double> past(Setup setup) {
        Map<GateId, Double> past = new EnumMap<>(GateId.class);
        if (setup.protrusion().isPresent()) {
            Sides<Double> out = setup.protrusion().get();
            double under = context.least(setup) - Math.min(out.bass(), out.treble());
            double over = Math.max(out.bass(), out.treble()) - context.most();
            if (Math.max(under, over) > Tolerances.LEAF) {
                past.put(GateId.SADDLE, Math.max(under, over));
            }
        }
        Angle least = context.shop().angle(Standard.BREAK_ANGLE_LEAST);
        double flat = least.radians() - setup.leastBreakAngle().orElse(least).radians();
        if (context.shop().holds(School.BREAK_BY_ANGLE) && flat > 0) {
            past.put(GateId.BREAK_ANGLE, flat);
        }
        OptionalDouble thickness = setup.bridgeThickness();
        double cut = context.shop(Standard.BRIDGE_CUT) - thickness.orElse(Double.MAX_VALUE);
        if (cut > 0) {
            past.put(GateId.BRIDGE, cut);
        }
        return past;
    }

    /** How well a gate's value is known, in the unit of {@link #past}: the reading it is based on, at 95 %. */
    private double halfWidth(GateId gate, Setup setup) {
        return switch (gate) {
            case BRIDGE -> Propagation.COVERAGE * standard(Reading.BRIDGE_THICKNESS);
            case BREAK_ANGLE -> Propagation.COVERAGE * crown() / behind(setup.anchorage());
            default -> Propagation.COVERAGE * crown();
        };
    }

    private static double behind(Anchorage anchorage) {
        return anchorage.tailpieceDistance().orElse(anchorage.pinDistance());
    }

    private double crown() {
        return standard(context.job().floating() ? Reading.BRIDGE_HEIGHT : Reading.SADDLE_BASS);
    }

    private double standard(Reading reading) {
        return Repeatability.standard(context.job().visit(), reading, context.shop());
    }
}
