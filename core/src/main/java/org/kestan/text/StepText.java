package org.kestan.text;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Side;
import org.kestan.repair.plan.PlanNumber;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.StepCheck;

/**
 * A number of the plan as it is shown in a step, to be read from across the bench.
 *
 * @param label what it is
 * @param value the number with its unit
 * @param wide whether it is a row of leaves, which needs more room than a number
 */
public record StepText(String label, String value, boolean wide) {

    /** The numbers of a step, each side by itself. */
    public static List<StepText> of(List<PlanNumber> numbers, WorkPlan plan, Wording words) {
        List<StepText> all = new ArrayList<>();
        for (PlanNumber number : numbers) {
            for (PlanNumber.Amount amount : number.amounts(plan)) {
                String side = amount.side().map(StepText::side).orElse("");
                all.add(new StepText(
                        Wording.label(number) + side,
                        print(amount.value(), words),
                        amount.value() instanceof Quantity.Several));
            }
        }
        return all;
    }

    private static String side(Side side) {
        return ", " + Wording.lower(side);
    }

    private static String print(Quantity value, Wording words) {
        if (value instanceof Quantity.Several leaves) {
            return leaves.all().isEmpty()
                    ? Wording.text("plan.no-leaf")
                    : String.join(" + ", leaves.all().stream().map(words::print).toList());
        }
        return value instanceof Quantity.Plain plain
                ? "\u00d7 " + Numbers.decimals(plain.number(), 3)
                : words.print(value);
    }

    /** Says in a few words how a reading compares with its check. */
    public static String check(StepCheck check, Wording words) {
        if (check.isSink()) {
            return Wording.text(check.isOut() ? "advice.check-sink-out" : "advice.check-sink")
                    .replace("{0}", words.numbers().fine(check.read()));
        }
        String wanted = words.numbers().length(check.wanted());
        return check.isOut()
                ? Wording.text(check.off() > 0 ? "advice.check-over" : "advice.check-under")
                        .replace("{0}", words.numbers().fine(Math.abs(check.off())))
                        .replace("{1}", wanted)
                : Wording.text("advice.check-in").replace("{0}", wanted);
    }
}
