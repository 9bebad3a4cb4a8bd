package org.kestan.words;

import java.util.ArrayList;
import java.util.List;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.sheet.Side;
import org.kestan.work.plan.WorkPlan;
import org.kestan.work.steps.StepCheck;
import org.kestan.work.steps.StepNumber;

/**
 * A number of the plan as it stands in a step, to be read from across the bench.
 *
 * @param label what it is
 * @param value the number with its unit
 * @param wide whether it is a row of leaves, which needs more room than a number
 */
public record StepWords(String label, String value, boolean wide) {

    /** The numbers of a step, each side by itself. */
    public static List<StepWords> of(List<StepNumber> numbers, WorkPlan plan, Words words) {
        List<StepWords> all = new ArrayList<>();
        for (StepNumber number : numbers) {
            for (StepNumber.Amount amount : number.amounts(plan)) {
                String side = amount.side().map(StepWords::side).orElse("");
                all.add(new StepWords(
                        Words.label(number) + side,
                        print(amount.value(), words),
                        amount.value() instanceof Quantity.Several));
            }
        }
        return all;
    }

    private static String side(Side side) {
        return ", " + Words.lower(side);
    }

    private static String print(Quantity value, Words words) {
        if (value instanceof Quantity.Several leaves) {
            return leaves.all().isEmpty()
                    ? Words.text("plan.no-leaf")
                    : String.join(" + ", leaves.all().stream().map(words::print).toList());
        }
        return value instanceof Quantity.Plain plain
                ? "\u00d7 " + Numbers.decimals(plain.number(), 3)
                : words.print(value);
    }

    /** Says how a reading stands to its check, in a few words. */
    public static String check(StepCheck check, Words words) {
        if (check.isSink()) {
            return Words.text(check.isOut() ? "advice.check-sink-out" : "advice.check-sink")
                    .replace("{0}", words.numbers().fine(check.read()));
        }
        String wanted = words.numbers().length(check.wanted());
        return check.isOut()
                ? Words.text(check.off() > 0 ? "advice.check-over" : "advice.check-under")
                        .replace("{0}", words.numbers().fine(Math.abs(check.off())))
                        .replace("{1}", wanted)
                : Words.text("advice.check-in").replace("{0}", wanted);
    }
}
