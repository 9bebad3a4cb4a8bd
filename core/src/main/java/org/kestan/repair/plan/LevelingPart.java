package org.kestan.repair.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.swing.Leveling;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Standard;

/** How much comes off which fret once everything else is done. */
final class LevelingPart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.leveling().map(leveling -> card(plan, leveling));
    }

    private static PartCard card(WorkPlan plan, Leveling leveling) {
        PartCard.Writer card = PartCard.of("levelling");
        leveling.off().stream()
                .filter(each -> each.off() >= Tolerances.SHOWN)
                .forEach(each -> card.row(
                        card.words("fret", Quantity.count(each.fret())),
                        List.of(Quantity.fine(each.off())),
                        List.of(),
                        Optional.empty()));
        if (leveling.offFirst() >= Tolerances.SHOWN) {
            card.note("nut-follows", Quantity.fine(leveling.offFirst()));
        }
        OptionalDouble height = plan.job().millimeters(Reading.FRET_HEIGHT);
        if (height.isEmpty()) {
            return card.note("read-height").card();
        }
        double least = plan.shop().get(Standard.FRET_LEAST);
        List<Integer> replace = leveling.tooLow(height.getAsDouble(), least);
        return (replace.isEmpty()
                        ? card.note("height-left", Quantity.fine(least))
                        : card.note(
                                "replace",
                                new Quantity.Several(replace.stream()
                                        .<Quantity>map(Quantity::count)
                                        .toList()),
                                Quantity.fine(least)))
                .card();
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(PlanNumber.one(
                "levelling",
                plan -> plan.leveling()
                        .flatMap(leveling -> leveling.off().stream().max(Comparator.comparingDouble(Leveling.Off::off)))
                        .map(most -> Quantity.fine(most.off()))));
    }
}
