package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.repair.plan.PlanNumber.Amount;

/** The neck joint: scribe lines and leaves, tail shims, a pocket shim, the filler in a saw kerf. */
final class JointPart implements PlanPart {

    private interface OfCheek {
        Quantity of(JointPlan.Scribe cheek);
    }

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        if (plan.planned().isEmpty()) {
            return Optional.empty();
        }
        JointPlan joint = plan.joint();
        PartCard.Writer card = PartCard.of("joint");
        joint.scribe().ifPresent(cheeks -> scribe(card, cheeks));
        joint.cheekShim().ifPresent(cap -> card.row("tail-shim", Quantity.fine(cap), card.said("at-cap")));
        joint.pocketShim().ifPresent(shim -> pocketShim(card, shim));
        joint.kerfFiller().ifPresent(kerf -> card.row("kerf", Quantity.fine(kerf)));
        return card.notes(joint.warnings()).cardIfAny();
    }

    /** A single line if both cheeks lose the same. */
    private static void scribe(PartCard.Writer card, Sides<JointPlan.Scribe> cheeks) {
        boolean alike = alike(cheeks);
        for (Side side : alike ? List.of(Side.BASS) : List.of(Side.values())) {
            JointPlan.Scribe cheek = cheeks.get(side);
            card.row(
                    alike ? card.words("scribe") : card.words("scribe-on", Quantity.term(side)),
                    List.of(JointPlan.leaves(cheek.stack())),
                    List.of(card.said("for", Quantity.fine(cheek.thickness()))),
                    Optional.empty());
        }
    }

    private static void pocketShim(PartCard.Writer card, JointPlan.PocketShim shim) {
        card.row(
                "pocket-shim",
                Quantity.turn(shim.angle()),
                card.said(shim.angle().radians() > 0 ? "toward-bridge" : "toward-nut"));
        card.row(
                "thick-end",
                shim.thick().isPresent() ? Quantity.fine(shim.thick().getAsDouble()) : card.said("read-pocket"));
        shim.choices()
                .forEach(choice -> card.row(
                        card.words("with", Quantity.turn(choice.angle())),
                        PartCard.lengths(choice.after().action()),
                        List.of(card.said("action")),
                        Optional.empty()));
    }

    private static boolean alike(Sides<JointPlan.Scribe> cheeks) {
        return Math.abs(cheeks.bass().thickness() - cheeks.treble().thickness()) < Tolerances.SHOWN;
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(
                new PlanNumber("heel-cut", plan -> cheeks(plan, cheek -> Quantity.fine(cheek.thickness()))),
                new PlanNumber(
                        "leaves",
                        plan -> cheeks(
                                plan,
                                cheek -> Quantity.texts(
                                        cheek.stack().leaves().stream().map(Length::text)))),
                PlanNumber.one("tail-shim", plan -> fine(plan.joint().cheekShim())),
                PlanNumber.one(
                        "pocket-shim",
                        plan -> plan.joint()
                                .pocketShim()
                                .map(each -> Quantity.turn(each.angle().radians()))),
                PlanNumber.one("pocket-thick", plan -> plan.joint().pocketShim().flatMap(shim -> fine(shim.thick()))),
                PlanNumber.one("kerf", plan -> fine(plan.joint().kerfFiller())));
    }

    private static Optional<Quantity> fine(OptionalDouble length) {
        return length.isPresent() ? Optional.of(Quantity.fine(length.getAsDouble())) : Optional.empty();
    }

    private static List<Amount> cheeks(WorkPlan plan, OfCheek of) {
        return plan.joint()
                .scribe()
                .map(cheeks ->
                        alike(cheeks) ? List.of(Amount.of(of.of(cheeks.bass()))) : Amount.both(cheeks.map(of::of)))
                .orElse(List.of());
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        JointPlan joint = plan.joint();
        plan.heel().ifPresent(cut -> heel(root.object("heel"), cut, joint));
        joint.cheekShim()
                .ifPresent(cap -> root.object("cheekShim").put("top", 0.0).put("cap", cap));
        joint.pocketShim().ifPresent(shim -> {
            PartData node = root.object("pocketShim")
                    .put("angleDeg", shim.angle().degrees())
                    .put("thick", shim.thick());
            node.list("choices");
            shim.choices()
                    .forEach(choice -> node.item("choices")
                            .put("angleDeg", choice.angle().degrees())
                            .sides("action", choice.after().action()));
        });
        root.put("kerfFiller", joint.kerfFiller());
    }

    private static void heel(PartData node, HeelCut cut, JointPlan joint) {
        node.list("stations");
        cut.stations()
                .forEach(each -> node.item("stations")
                        .put("depth", each.depth())
                        .put("driftSide", each.driftSide())
                        .put("otherSide", each.otherSide()));
        if (cut.widths().isPresent()) {
            HeelCut.Cheeks top = cut.cheeksAt(0);
            HeelCut.Cheeks cap = cut.cheeksAt(cut.height());
            PartData corners = node.object("corners");
            corners.object("driftSide").put("top", top.driftSide()).put("cap", cap.driftSide());
            corners.object("otherSide").put("top", top.otherSide()).put("cap", cap.otherSide());
        }
        joint.scribe().ifPresent(cheeks -> {
            for (Side side : Side.values()) {
                JointPlan.Scribe cheek = cheeks.get(side);
                node.object("scribe")
                        .object(side.key())
                        .put("thickness", cheek.thickness())
                        .stack(cheek.stack());
            }
        });
        node.findings("warnings", joint.warnings());
    }
}
