package org.kestan.repair.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.repair.plan.PlanNumber.Amount;

/** The wedge under the extension. Its rows are with the correction and with the frets, so it has no card of its own. */
final class WedgePart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return Optional.empty();
    }

    @Override
    public void figures(WorkPlan plan, Map<PlanFigure, Double> figures) {
        plan.wedge().ifPresent(wedge -> figures.put(PlanFigure.WEDGE, wedge.end()));
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(
                new PlanNumber(
                        "wedge",
                        plan -> plan.wedge()
                                .map(each -> Amount.above(each.end()))
                                .orElse(List.of())),
                new PlanNumber(
                        "board-rises",
                        plan -> plan.wedge()
                                .map(each -> Amount.above(each.rises()))
                                .orElse(List.of())));
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        plan.wedge().ifPresent(wedge -> {
            PartData node = root.object("wedge").put("end", wedge.end()).put("fallAway", wedge.fallAway());
            if (wedge.rises() > 0) {
                node.put("plane", wedge.rises());
            }
            node.put("width", wedge.width());
            wedge.profile()
                    .forEach(point -> node.item("profile").put("at", point.at()).put("thickness", point.thickness()));
        });
    }
}
