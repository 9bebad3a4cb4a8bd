package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.repair.plan.PlanNumber.Amount;

/** A replacement bridge compared with the present one: what to widen, plug, move or plane before gluing. */
final class ReplacementPart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.replacement().map(ReplacementPart::card);
    }

    private static PartCard card(ReplacementBridge bridge) {
        PartCard.Writer card = PartCard.of("replacement");
        bridge.slotOff().ifPresent(off -> {
            for (Side side : Side.values()) {
                double by = off.get(side);
                double widen = bridge.widen().get(side);
                card.row(
                        card.words("slot", Quantity.term(side)),
                        List.of(Quantity.fine(Math.abs(by))),
                        List.of(
                                widen <= Tolerances.SHOWN
                                        ? card.said(by > 0 ? "file-crown-back" : "file-crown-front")
                                        : card.said(by > 0 ? "widen-back" : "widen-front", Quantity.fine(widen))),
                        Optional.empty());
            }
        });
        bridge.spacing()
                .ifPresent(wider -> card.row(
                        "spacing", Quantity.difference(wider), card.said(bridge.redrill() ? "redrill" : "holes-fit")));
        bridge.scar()
                .ifPresent(each -> card.row(
                        "scar",
                        Quantity.fine(Math.abs(each)),
                        card.said(each > Tolerances.SHOWN ? "shows" : "covered")));
        bridge.plane()
                .ifPresent(off -> card.row(
                        "plane",
                        Quantity.fine(Math.abs(off)),
                        card.said(off < -Tolerances.SHOWN ? "too-thin" : "plane-off")));
        return card.note(bridge.plug() ? "plug" : bridge.fits() ? "fits" : "before-glue")
                .card();
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(new PlanNumber(
                "slot-widen",
                plan -> plan.replacement()
                        .map(each -> Amount.both(each.widen(), Quantity::fine))
                        .orElse(List.of())));
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        plan.replacement().ifPresent(bridge -> {
            PartData node = root.object("newBridge");
            bridge.slotOff().ifPresent(off -> node.sides("slotOff", off).sides("widen", bridge.widen()));
            node.put("plug", bridge.plug())
                    .put("redrill", bridge.redrill())
                    .put("spacing", bridge.spacing())
                    .put("scar", bridge.scar())
                    .put("plane", bridge.plane());
        });
    }
}
