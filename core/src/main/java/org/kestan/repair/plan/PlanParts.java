package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The parts of a work plan, in working order. To add one, write a class beside these, a line here, and its texts.
 */
public final class PlanParts {

    /** All of them, in working order. */
    public static final List<PlanPart> ALL = List.of(
            new SetupPart(),
            new NeckPart(),
            new JointPart(),
            new SaddlePart(),
            new BridgePart(),
            new ReplacementPart(),
            new AnchoragePart(),
            new StringSetPart(),
            new ClearancePart(),
            new IntonationPart(),
            new WedgePart(),
            new NutPart(),
            new LevelingPart(),
            new HeatPart());

    /** The numbers that steps may show, of all parts. */
    public static final List<PlanNumber> NUMBERS =
            ALL.stream().flatMap(part -> part.numbers().stream()).toList();

    private PlanParts() {}

    /** Whole minutes until the glue under a heated board lets go, if one of a step's numbers gives it in a plan. */
    public static OptionalInt heatMinutes(List<PlanNumber> numbers, WorkPlan plan) {
        return HeatPart.minutes(numbers, plan);
    }

    /** Returns the cards of a plan, in working order. */
    public static List<PartCard> cards(WorkPlan plan) {
        return ALL.stream()
                .map(part -> part.card(plan))
                .flatMap(Optional::stream)
                .toList();
    }
}
