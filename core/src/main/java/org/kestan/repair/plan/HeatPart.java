package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Minutes;
import org.kestan.base.finding.Quantity.Temperature;
import org.kestan.repair.heat.FirstKnife;

/**
 * How long the glue under a board takes to let go, and how warm everything gets in the meantime. It belongs to the
 * step that heats.
 */
final class HeatPart implements PlanPart {

    private static final Finding.Kind FIRST_KNIFE =
            Finding.kind("heat.first-knife", Minutes.class, Minutes.class, Minutes.class, Temperature.class);
    private static final Finding.Kind FINISH = Finding.kind("heat.finish", Temperature.class);
    private static final Finding.Kind INLAY = Finding.kind("heat.inlay", Temperature.class);

    private static final PlanNumber FRETBOARD =
            number("heat-fretboard", plan -> FirstKnife.underFretboard(plan.job(), plan.shop()));
    private static final PlanNumber BRIDGE =
            number("heat-bridge", plan -> FirstKnife.underBridge(plan.job(), plan.shop()));

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return Optional.empty();
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(FRETBOARD, BRIDGE);
    }

    /** Whole minutes until the first knife if one of a step's numbers gives it; empty if none does. */
    static OptionalInt minutes(List<PlanNumber> numbers, WorkPlan plan) {
        return numbers.stream()
                .flatMap(number -> number.amounts(plan).stream())
                .map(PlanNumber.Amount::value)
                .filter(Quantity.Said.class::isInstance)
                .map(said -> ((Quantity.Said) said).finding())
                .filter(finding -> finding.is(FIRST_KNIFE))
                .mapToInt(finding -> ((Minutes) finding.quantities().get(0)).whole())
                .findFirst();
    }

    private static PlanNumber number(String key, Function<WorkPlan, Optional<FirstKnife>> heat) {
        return new PlanNumber(
                key, plan -> heat.apply(plan).map(HeatPart::amounts).orElse(List.of()));
    }

    private static List<PlanNumber.Amount> amounts(FirstKnife knife) {
        List<Finding> said = new ArrayList<>();
        said.add(FIRST_KNIFE.of(
                new Minutes(knife.minutes()),
                new Minutes(knife.from()),
                new Minutes(knife.to()),
                new Temperature(knife.surface())));
        if (!knife.sparesFinish()) {
            said.add(FINISH.of(new Temperature(knife.glueLine())));
        }
        if (!knife.sparesInlay()) {
            said.add(INLAY.of(new Temperature(knife.surface())));
        }
        return said.stream()
                .map(each -> PlanNumber.Amount.of(new Quantity.Said(each)))
                .toList();
    }
}
