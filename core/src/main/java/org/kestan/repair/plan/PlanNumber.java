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
 * A number of the plan shown in a step, live: when the plan changes, so does the step.
 *
 * @param key its name in the step files
 * @param source how it is taken from a plan
 */
public record PlanNumber(String key, Function<WorkPlan, List<Amount>> source) implements Keyed {

    /**
     * One number.
     *
     * @param side the side it is of; empty for both or for none
     * @param value the number
     */
    public record Amount(Optional<Side> side, Quantity value) {

        /** A number without sides. */
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

        /** A length if it is worth showing; otherwise none. */
        static List<Amount> above(double length) {
            return length > Tolerances.SHOWN ? List.of(of(Quantity.fine(length))) : List.of();
        }
    }

    /** A number that is a single amount, if there is one. */
    static PlanNumber one(String key, Function<WorkPlan, Optional<Quantity>> source) {
        return new PlanNumber(
                key, plan -> source.apply(plan).stream().map(Amount::of).toList());
    }

    /** Returns its value in a plan, once or for each side; empty if the plan has no such number. */
    public List<Amount> amounts(WorkPlan plan) {
        return source.apply(plan);
    }

    @Override
    public String family() {
        return "step-number";
    }
}
