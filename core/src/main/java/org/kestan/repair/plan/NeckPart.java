package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.kestan.base.finding.Quantity;

/** Where the straightedge has to land. Its numbers are on the cards of the correction, so it has no card of its own. */
final class NeckPart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return Optional.empty();
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(
                PlanNumber.one(
                        "neck-angle",
                        plan -> plan.correction()
                                .filter(each -> plan.turnsNeck())
                                .map(each -> Quantity.turn(each.angle().radians()))),
                PlanNumber.one(
                        "straightedge-slack", plan -> plan.projection().map(each -> Quantity.fine(each.slackAsRead()))),
                PlanNumber.one(
                        "straightedge-strung",
                        plan -> plan.projection().map(each -> Quantity.fine(each.strungAsRead()))),
                PlanNumber.one("sink", plan -> plan.projection().map(each -> Quantity.fine(each.sink()))));
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        plan.projection()
                .ifPresent(projection -> root.object("projection")
                        .put("slack", projection.slack())
                        .put("strung", projection.strung())
                        .put("overBridge", projection.overBridge())
                        .object("asRead")
                        .put("slack", projection.slackAsRead())
                        .put("strung", projection.strungAsRead()));
    }

    @Override
    public Set<String> shows() {
        return Set.of("rotation");
    }
}
