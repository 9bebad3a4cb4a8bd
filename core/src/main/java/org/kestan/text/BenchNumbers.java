package org.kestan.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.repair.plan.JointPlan;
import org.kestan.repair.plan.WorkPlan;

/**
 * One of the deciding numbers for the bench, to be printed large.
 *
 * @param label what it is
 * @param value the number with its unit
 * @param wide whether it needs a line of its own
 */
public record BenchNumbers(String label, String value, boolean wide) {

    /** The numbers of a plan, in working order; none if nothing is planned. */
    public static List<BenchNumbers> of(WorkPlan plan, Wording words) {
        List<BenchNumbers> all = new ArrayList<>();
        Numbers numbers = words.numbers();
        Optional<Setup> planned = plan.planned();
        if (planned.isEmpty()) {
            return all;
        }
        Optional<Sides<JointPlan.Scribe>> scribe = plan.joint().scribe();
        scribe.ifPresent(cheeks -> cheeks(
                cheeks,
                plan.correction().map(turn -> narrow("headline.neck-angle", Numbers.angle(turn.angle()))),
                words,
                all));
        Optional<BenchNumbers> straightedge =
                plan.projection().map(each -> narrow("headline.straightedge", numbers.length(each.slackAsRead())));
        boolean paired = scribe.filter(cheeks -> !alike(cheeks)).isPresent();
        if (paired) {
            straightedge.ifPresent(all::add);
        }
        Optional<Sides<Double>> saddle = planned.get().protrusion();
        if (saddle.isPresent()) {
            for (Side side : Side.values()) {
                all.add(new BenchNumbers(
                        of("bench-number.saddle", side),
                        numbers.length(saddle.get().get(side)),
                        false));
            }
        } else {
            all.add(narrow("bench-number.bridge", numbers.length(planned.get().supportHeight())));
        }
        if (scribe.isEmpty()) {
            for (Side side : Side.values()) {
                all.add(new BenchNumbers(
                        of("bench-number.action", side),
                        numbers.length(planned.get().action().get(side)),
                        false));
            }
        }
        if (!paired) {
            straightedge.ifPresent(all::add);
        }
        return all;
    }

    private static boolean alike(Sides<JointPlan.Scribe> cheeks) {
        return Math.abs(cheeks.bass().thickness() - cheeks.treble().thickness()) < Tolerances.SHOWN;
    }

    /** How much comes off each cheek at the cap, the leaves that stack to it, and the angle; once if both are equal. */
    private static void cheeks(
            Sides<JointPlan.Scribe> cheeks, Optional<BenchNumbers> angle, Wording words, List<BenchNumbers> all) {
        boolean alike = alike(cheeks);
        List<Side> sides = alike ? List.of(Side.BASS) : List.of(Side.values());
        for (Side side : sides) {
            String value = words.numbers().fine(cheeks.get(side).thickness());
            all.add(
                    alike
                            ? narrow("bench-number.each-cheek", value)
                            : new BenchNumbers(of("bench-number.cheek", side), value, false));
        }
        if (alike) {
            angle.ifPresent(all::add);
        }
        for (Side side : sides) {
            String stack = words.print(JointPlan.leaves(cheeks.get(side).stack()));
            all.add(new BenchNumbers(
                    alike ? Wording.text("bench-number.leaves") : of("bench-number.leaves-on", side), stack, true));
        }
        if (!alike) {
            angle.ifPresent(all::add);
        }
    }

    private static BenchNumbers narrow(String key, String value) {
        return new BenchNumbers(Wording.text(key), value, false);
    }

    private static String of(String key, Side side) {
        return Wording.text(key).replace("{0}", Wording.lower(side));
    }
}
