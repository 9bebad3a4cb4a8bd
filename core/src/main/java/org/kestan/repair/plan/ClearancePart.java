package org.kestan.repair.plan;

import java.util.Optional;
import org.kestan.base.finding.Quantity;

/** The clearance over an obstacle under the strings. */
final class ClearancePart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.clearance().map(clearance -> {
            PartCard.Writer card = PartCard.of("clearance");
            card.row(
                            "fret-line",
                            Quantity.signed(clearance.fretLineAfter()),
                            card.said("now", Quantity.signed(clearance.fretLineBefore())))
                    .row(
                            "string",
                            Quantity.signed(clearance.stringAfter()),
                            card.said("now", Quantity.signed(clearance.stringBefore())))
                    .row("rotation", Quantity.turn(clearance.leastRotation()), card.said("from-now"));
            if (clearance.fretLineAfter() < 0 || clearance.stringAfter() < 0) {
                card.note("in-the-way");
            }
            return card.card();
        });
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        plan.clearance().ifPresent(clearance -> {
            PartData node = root.object("clearance");
            node.object("fretLine").put("before", clearance.fretLineBefore()).put("after", clearance.fretLineAfter());
            node.object("string").put("before", clearance.stringBefore()).put("after", clearance.stringAfter());
            node.put("leastRotationDeg", clearance.leastRotation().degrees());
        });
    }
}
