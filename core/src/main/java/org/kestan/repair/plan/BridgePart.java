package org.kestan.repair.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.repair.plan.PlanNumber.Amount;

/** The bridge: a pin bridge planed or replaced, a floating bridge set, trimmed, raised or made lower. */
final class BridgePart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.bridge()
                .filter(BridgePlan::changes)
                .map(bridge -> bridge.floating() ? floating(bridge) : pinned(bridge));
    }

    private static PartCard pinned(BridgePlan bridge) {
        PartCard.Writer card = PartCard.of("bridge-to-plane");
        return card.known(
                        card.words("thickness"),
                        Quantity.length(bridge.after()),
                        PlanFigure.BRIDGE,
                        Quantity.difference(bridge.after() - bridge.before()))
                .row("edges", card.said("times", new Quantity.Plain(bridge.proportion())), card.said("in-proportion"))
                .note(bridge.after() > bridge.before() ? "new-bridge" : "cautions")
                .card();
    }

    private static PartCard floating(BridgePlan bridge) {
        PartCard.Writer card = PartCard.of("bridge-to-fit");
        card.known(
                card.words("height"),
                Quantity.length(bridge.after()),
                PlanFigure.BRIDGE,
                Quantity.difference(bridge.after() - bridge.before()));
        for (Side side : Side.values()) {
            double rise = bridge.sides().get(side);
            card.known(
                    card.words("side", Quantity.term(side)),
                    Quantity.signed(rise),
                    PlanFigure.of(side, PlanFigure.RISE_BASS, PlanFigure.RISE_TREBLE),
                    card.said(rise > 0 ? "up" : "down"));
        }
        if (bridge.lower()) {
            card.row("lower", Quantity.length(bridge.after()), card.said("keep-old"));
        }
        if (bridge.trim() > Tolerances.SHOWN) {
            card.row("trim", Quantity.fine(bridge.trim()), card.said("past-wheels"));
        }
        if (bridge.riser() > Tolerances.SHOWN) {
            card.row("strips", Quantity.fine(bridge.riser()));
        }
        bridge.adjuster().ifPresent(up -> card.row("wheels", Quantity.length(up), card.said("above-lowest")));
        return card.note("fit-feet").worth(PlanFigure.RISE_BASS).card();
    }

    @Override
    public void figures(WorkPlan plan, Map<PlanFigure, Double> figures) {
        plan.bridge().ifPresent(bridge -> {
            figures.put(PlanFigure.BRIDGE, bridge.after());
            figures.put(PlanFigure.RISE_BASS, bridge.sides().bass());
            figures.put(PlanFigure.RISE_TREBLE, bridge.sides().treble());
        });
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(
                PlanNumber.one(
                        "bridge-height",
                        plan -> plan.bridge().filter(BridgePlan::changes).map(each -> Quantity.length(each.after()))),
                PlanNumber.one(
                        "bridge-off",
                        plan -> plan.bridge()
                                .filter(each -> !each.floating() && each.before() - each.after() > Tolerances.SHOWN)
                                .map(each -> Quantity.fine(each.before() - each.after()))),
                new PlanNumber(
                        "bridge-sides",
                        plan -> plan.bridge()
                                .filter(each -> each.floating() && each.changes())
                                .map(each -> Amount.both(each.sides(), Quantity::length))
                                .orElse(List.of())),
                new PlanNumber("feet-trim", plan -> above(plan.bridge().map(BridgePlan::trim))),
                new PlanNumber("riser", plan -> above(plan.bridge().map(BridgePlan::riser))),
                PlanNumber.one(
                        "wheels",
                        plan -> plan.bridge()
                                .map(BridgePlan::adjuster)
                                .filter(OptionalDouble::isPresent)
                                .map(up -> Quantity.length(up.getAsDouble()))),
                PlanNumber.one(
                        "bridge-proportion",
                        plan -> plan.bridge()
                                .filter(each -> !each.floating() && each.changes())
                                .map(each -> new Quantity.Plain(each.proportion()))));
    }

    private static List<Amount> above(Optional<Double> length) {
        return length.map(Amount::above).orElse(List.of());
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        plan.bridge().ifPresent(bridge -> {
            PartData node = root.object("bridge").put("before", bridge.before()).put("after", bridge.after());
            if (bridge.floating()) {
                node.sides("rise", bridge.sides())
                        .put("trim", bridge.trim())
                        .put("riser", bridge.riser())
                        .put("lower", bridge.lower())
                        .put("adjuster", bridge.adjuster());
            } else {
                node.put("off", bridge.before() - bridge.after()).put("proportion", bridge.proportion());
            }
        });
    }

    @Override
    public Set<String> shows() {
        return Set.of("bridgeThickness", "supportHeight");
    }
}
