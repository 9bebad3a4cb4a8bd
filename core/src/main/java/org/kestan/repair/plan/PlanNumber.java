package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;

/**
 * A number of the plan as a step shows it, live: a change of the plan changes it in the step.
 *
 * @param key its name in the step files
 * @param source what it comes to in a plan
 */
public record PlanNumber(String key, Function<WorkPlan, List<Amount>> source) implements Keyed {

    /**
     * One number.
     *
     * @param side the side it is of; empty for both or for none
     * @param value the number
     */
    public record Amount(Optional<Side> side, Quantity value) {

        /** A number of no side. */
        static Amount of(Quantity value) {
            return new Amount(Optional.empty(), value);
        }

        /** A number on each side. */
        static List<Amount> both(Sides<? extends Quantity> sides) {
            List<Amount> both = new ArrayList<>();
            for (Side side : Side.values()) {
                both.add(new Amount(Optional.of(side), sides.get(side)));
            }
            return both;
        }

        static List<Amount> both(Sides<Double> sides, Function<Double, Quantity> as) {
            return both(sides.map(as));
        }

        /** A length that is worth showing; none where it is not. */
        static List<Amount> above(double length) {
            return length > Tolerances.SHOWN ? List.of(of(Quantity.fine(length))) : List.of();
        }
    }

    /** A number that is one amount where there is one. */
    static PlanNumber one(String key, Function<WorkPlan, Optional<Quantity>> source) {
        return new PlanNumber(
                key, plan -> source.apply(plan).stream().map(Amount::of).toList());
    }

    /** Returns what it comes to in a plan, once or for each side; nothing where the plan has no such number. */
    public List<Amount> amounts(WorkPlan plan) {
        return source.apply(plan);
    }

    @Override
    public String family() {
        return "step-number";
    }
}
