package org.kestan.repair.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.FeelerSet;
import org.kestan.repair.plan.BridgePlan;
import org.kestan.repair.plan.JointPlan;
import org.kestan.repair.plan.WorkPlan;

/** A number of the plan as a step shows it, live: a change of the plan changes it in the step. */
public enum StepNumber implements Keyed {
    HEEL_CUT(plan -> cheeks(plan, (side, cheek) -> Quantity.fine(cheek.thickness()))),
    LEAVES(plan -> cheeks(plan, (side, cheek) -> leaves(cheek.stack()))),
    NECK_ANGLE(plan -> plan.correction().stream()
            .filter(each -> plan.turnsNeck())
            .map(each -> Amount.of(Quantity.turn(each.angle().radians())))
            .toList()),
    STRAIGHTEDGE_SLACK(plan -> plan.projection().stream()
            .map(each -> Amount.of(Quantity.length(each.slackAsRead())))
            .toList()),
    STRAIGHTEDGE_STRUNG(plan -> plan.projection().stream()
            .map(each -> Amount.of(Quantity.length(each.strungAsRead())))
            .toList()),
    SINK(plan -> plan.projection().stream()
            .map(each -> Amount.of(Quantity.length(each.sink())))
            .toList()),
    RELIEF(plan -> plan.planned().stream()
            .map(each -> Amount.of(Quantity.fine(each.reliefGap())))
            .toList()),
    ACTION(plan -> plan.planned().stream()
            .flatMap(each -> both(each.action(), Quantity::length).stream())
            .toList()),
    NUT(plan -> plan.planned().stream()
            .flatMap(each -> both(each.nut(), Quantity::fine).stream())
            .toList()),
    SADDLE_OUT(plan -> plan.planned()
            .flatMap(Setup::protrusion)
            .map(out -> both(out, Quantity::length))
            .orElse(List.of())),
    SADDLE_OFF(plan -> plan.saddle()
            .filter(each -> Math.min(each.off().bass(), each.off().treble()) > -Tolerances.SHOWN && each.changes())
            .map(each -> both(each.off(), Quantity::fine))
            .orElse(List.of())),
    SADDLE_LEAVES(plan -> plan.saddle()
            .filter(each -> Math.min(each.off().bass(), each.off().treble()) > -Tolerances.SHOWN && each.changes())
            .map(each -> Amount.both(each.leaves().map(StepNumber::leaves)))
            .orElse(List.of())),
    SADDLE_BLANK(plan -> plan.saddle()
            .flatMap(each -> each.blank())
            .map(blank -> both(blank.height(), Quantity::length))
            .orElse(List.of())),
    BRIDGE_HEIGHT(plan -> plan.bridge().stream()
            .filter(BridgePlan::changes)
            .map(each -> Amount.of(Quantity.length(each.after())))
            .toList()),
    BRIDGE_OFF(plan -> plan.bridge().stream()
            .filter(each -> !each.floating() && each.before() - each.after() > Tolerances.SHOWN)
            .map(each -> Amount.of(Quantity.fine(each.before() - each.after())))
            .toList()),
    BRIDGE_SIDES(plan -> plan.bridge()
            .filter(each -> each.floating() && each.changes())
            .map(each -> both(each.sides(), Quantity::length))
            .orElse(List.of())),
    FEET_TRIM(plan -> above(plan.bridge().map(BridgePlan::trim))),
    RISER(plan -> above(plan.bridge().map(BridgePlan::riser))),
    WHEELS(plan -> plan.bridge()
            .map(BridgePlan::adjuster)
            .filter(OptionalDouble::isPresent)
            .map(up -> List.of(Amount.of(Quantity.length(up.getAsDouble()))))
            .orElse(List.of())),
    WEDGE(plan -> above(plan.wedge().map(each -> each.end()))),
    BOARD_RISES(plan -> above(plan.wedge().map(each -> each.rises()))),
    TAIL_SHIM(plan -> plan.joint().cheekShim().isPresent()
            ? List.of(Amount.of(Quantity.fine(plan.joint().cheekShim().getAsDouble())))
            : List.of()),
    POCKET_SHIM(plan -> plan.joint().pocketShim().stream()
            .map(each -> Amount.of(Quantity.turn(each.angle().radians())))
            .toList()),
    POCKET_THICK(plan -> plan.joint()
            .pocketShim()
            .map(JointPlan.PocketShim::thick)
            .filter(OptionalDouble::isPresent)
            .map(thick -> List.of(Amount.of(Quantity.fine(thick.getAsDouble()))))
            .orElse(List.of())),
    KERF(plan -> plan.joint().kerfFiller().isPresent()
            ? List.of(Amount.of(Quantity.fine(plan.joint().kerfFiller().getAsDouble())))
            : List.of()),
    SADDLE_LINE(plan -> plan.intonation()
            .flatMap(each -> each.line())
            .map(line -> both(line, Quantity::length))
            .orElse(List.of())),
    LEVELLING(plan -> plan.levelling().stream()
            .flatMap(each -> each.off().stream())
            .max((one, other) -> Double.compare(one.off(), other.off()))
            .map(most -> List.of(Amount.of(Quantity.fine(most.off()))))
            .orElse(List.of())),
    BRIDGE_PROPORTION(plan -> plan.bridge().stream()
            .filter(each -> !each.floating() && each.changes())
            .map(each -> Amount.of(new Quantity.Plain(each.proportion())))
            .toList());

    /**
     * One number.
     *
     * @param side the side it is of; empty for both or for none
     * @param value the number
     */
    public record Amount(Optional<Side> side, Quantity value) {

        private static Amount of(Quantity value) {
            return new Amount(Optional.empty(), value);
        }

        private static List<Amount> both(Sides<? extends Quantity> sides) {
            List<Amount> both = new ArrayList<>();
            for (Side side : Side.values()) {
                both.add(new Amount(Optional.of(side), sides.get(side)));
            }
            return both;
        }
    }

    private interface OfCheek {
        Quantity of(Side side, JointPlan.Scribe cheek);
    }

    private final Function<WorkPlan, List<Amount>> source;

    StepNumber(Function<WorkPlan, List<Amount>> source) {
        this.source = source;
    }

    /** Returns what it comes to in a plan, once or for each side; nothing where the plan has no such number. */
    public List<Amount> amounts(WorkPlan plan) {
        return source.apply(plan);
    }

    private static List<Amount> cheeks(WorkPlan plan, OfCheek of) {
        Optional<Sides<JointPlan.Scribe>> scribe = plan.joint().scribe();
        if (scribe.isEmpty()) {
            return List.of();
        }
        Sides<JointPlan.Scribe> cheeks = scribe.get();
        boolean alike = Math.abs(cheeks.bass().thickness() - cheeks.treble().thickness()) < Tolerances.SHOWN;
        return alike
                ? List.of(Amount.of(of.of(Side.BASS, cheeks.bass())))
                : Amount.both(Sides.of(side -> of.of(side, cheeks.get(side))));
    }

    private static Quantity leaves(FeelerSet.Stack stack) {
        return Quantity.texts(stack.leaves().stream().map(Length::text));
    }

    private static List<Amount> both(Sides<Double> sides, Function<Double, Quantity> as) {
        return Amount.both(sides.map(as));
    }

    private static List<Amount> above(Optional<Double> length) {
        return length.filter(each -> each > Tolerances.SHOWN).stream()
                .map(each -> Amount.of(Quantity.fine(each)))
                .toList();
    }

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String family() {
        return "step-number";
    }
}
