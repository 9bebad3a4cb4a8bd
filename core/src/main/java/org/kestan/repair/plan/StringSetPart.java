package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.standards.Standard;
import org.kestan.job.strings.StringSpec;

/** The strings if their pull changes: tuned down, or a different set, with the slots and grooves to adjust. */
final class StringSetPart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return changed(plan).map(after -> card(plan, after));
    }

    private static Optional<Setup> changed(WorkPlan plan) {
        return plan.planned()
                .filter(after -> after.stepsDown() != 0 || after.otherStrings().isPresent());
    }

    private static PartCard card(WorkPlan plan, Setup after) {
        PartCard.Writer card = PartCard.of("string-set");
        if (after.stepsDown() != 0) {
            card.row("down", new Quantity.Plain(after.stepsDown()), card.said("half-steps"));
        }
        OptionalDouble now = pull(plan.loads());
        loads(plan, after)
                .ifPresent(loads -> card.row(
                        card.words("pull"),
                        List.of(new Quantity.Force(loads.totalTunedDown(after.stepsDown()))),
                        now.isPresent() ? List.of(card.said("now", new Quantity.Force(now.getAsDouble()))) : List.of(),
                        Optional.empty()));
        after.otherStrings().ifPresent(set -> gauges(plan, set, card));
        return card.card();
    }

    private static OptionalDouble pull(Optional<StringLoads> loads) {
        return loads.isPresent() ? OptionalDouble.of(loads.get().total()) : OptionalDouble.empty();
    }

    private static Optional<StringLoads> loads(WorkPlan plan, Setup after) {
        return plan.strung(after).strings();
    }

    private static void gauges(WorkPlan plan, List<StringSpec> set, PartCard.Writer card) {
        List<StringSpec> now = plan.job().strings();
        double share = plan.shop().get(Standard.GROOVE_SHARE);
        List<Quantity> wider = new ArrayList<>();
        List<Quantity> narrower = new ArrayList<>();
        for (int i = 0; i < set.size(); i++) {
            Optional<Length> gauge = set.get(i).gauge();
            if (gauge.isEmpty()) {
                continue;
            }
            double width = gauge.get().millimeters();
            int number = set.size() - i;
            card.row(
                    card.words("string", Quantity.count(number)),
                    List.of(Quantity.fine(width)),
                    List.of(card.said("groove", Quantity.fine(width * share))),
                    Optional.empty());
            double was =
                    i < now.size() ? now.get(i).gauge().map(Length::millimeters).orElse(width) : width;
            if (width - was > Tolerances.SHOWN) {
                wider.add(Quantity.count(number));
            } else if (was - width > Tolerances.SHOWN) {
                narrower.add(Quantity.count(number));
            }
        }
        if (!wider.isEmpty()) {
            card.note("slots-wider", new Quantity.Several(wider));
        }
        if (!narrower.isEmpty()) {
            card.note("slots-narrower", new Quantity.Several(narrower));
        }
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(PlanNumber.one(
                "string-pull",
                plan -> changed(plan)
                        .flatMap(after -> loads(plan, after)
                                .map(loads -> new Quantity.Force(loads.totalTunedDown(after.stepsDown()))))));
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        changed(plan).ifPresent(after -> {
            PartData node = root.object("strings").put("stepsDown", after.stepsDown());
            node.object("pull").put("before", pull(plan.loads()));
            Optional<StringLoads> loads = loads(plan, after);
            loads.ifPresent(all -> node.object("pull").put("after", all.totalTunedDown(after.stepsDown())));
            after.otherStrings().ifPresent(set -> each(plan, set, loads, node));
        });
    }

    private static void each(WorkPlan plan, List<StringSpec> set, Optional<StringLoads> loads, PartData node) {
        double share = plan.shop().get(Standard.GROOVE_SHARE);
        for (int i = 0; i < set.size(); i++) {
            int number = set.size() - i;
            PartData string = node.item("each").put("string", number);
            set.get(i)
                    .gauge()
                    .map(Length::millimeters)
                    .ifPresent(gauge -> string.put("gauge", gauge).put("groove", gauge * share));
            loads.stream()
                    .flatMap(all -> all.strings().stream())
                    .filter(each -> each.number() == number)
                    .forEach(each -> string.put("tension", each.tension()));
        }
    }

    @Override
    public Set<String> shows() {
        return Set.of("stepsDown", "otherStrings");
    }
}
