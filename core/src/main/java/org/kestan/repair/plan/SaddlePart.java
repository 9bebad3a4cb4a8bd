package org.kestan.repair.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.School;
import org.kestan.repair.plan.PlanNumber.Amount;

/**
 * The saddle: how much comes off its bottom and the leaves that mark it, or a new blank; its crown string by string.
 */
final class SaddlePart implements PlanPart {

    private static final double THOU = 0.0254;
    /** A mark that is off by less than this is exact, thousandths of an inch. */
    private static final double TO_THE_MARK = 0.05;

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.saddle().map(saddle -> card(plan, saddle));
    }

    private static PartCard card(WorkPlan plan, SaddlePlan saddle) {
        PartCard.Writer card = PartCard.of("saddle-to-make");
        for (Side side : Side.values()) {
            off(card, saddle, side);
        }
        saddle.blank().ifPresent(blank -> {
            card.row("blank", PartCard.lengths(blank.height()), card.said("bottom-to-crown"));
            card.row(
                    card.words("long-thick"),
                    List.of(orAsk(blank.length(), card), orAsk(blank.thickness(), card)),
                    List.of(card.said("as-slot")),
                    Optional.empty());
            card.row("in-slot", Quantity.length(blank.slot()));
        });
        saddle.crown()
                .ifPresent(crown -> crown.strings()
                        .forEach(point -> card.row(
                                card.words("crown-at", Quantity.count(point.string())),
                                List.of(Quantity.length(point.height())),
                                point.groove().isPresent()
                                        ? List.of(card.said(
                                                "groove",
                                                Quantity.fine(point.groove().getAsDouble())))
                                        : List.of(),
                                Optional.empty())));
        if (!saddle.needs().isEmpty()) {
            card.row("read-more", Quantity.terms(saddle.needs()));
        }
        return card.notes(saddle.warnings())
                .note(plan.shop().holds(School.THROUGH_GLUED) ? "glued" : "snug")
                .worth(PlanFigure.OFF_BASS)
                .card();
    }

    private static Quantity orAsk(OptionalDouble length, PartCard.Writer card) {
        return length.isPresent() ? Quantity.fine(length.getAsDouble()) : card.said("not-read");
    }

    private static void off(PartCard.Writer card, SaddlePlan saddle, Side side) {
        double off = saddle.off().get(side);
        PlanFigure figure = PlanFigure.of(side, PlanFigure.OFF_BASS, PlanFigure.OFF_TREBLE);
        if (off >= Tolerances.SHOWN) {
            FeelerSet.Stack stack = saddle.leaves().get(side);
            Quantity leaves = JointPlan.leaves(stack);
            card.row(
                    card.words("off", Quantity.term(side)),
                    List.of(Quantity.fine(off)),
                    leaves instanceof Quantity.Stack && !stack.leaves().isEmpty()
                            ? List.of(leaves, mark(stack.error() / THOU))
                            : List.of(leaves),
                    Optional.of(figure));
        } else if (off <= -Tolerances.SHOWN) {
            card.known(card.words("taller", Quantity.term(side)), Quantity.fine(-off), figure, card.said("new-one"));
        } else {
            card.row(
                    card.words("saddle", Quantity.term(side)),
                    List.of(card.said("stays")),
                    List.of(),
                    Optional.empty());
        }
    }

    private static Quantity mark(double thou) {
        return new Quantity.Said(
                Math.abs(thou) < TO_THE_MARK
                        ? PlanFinding.TO_THE_MARK.of()
                        : PlanFinding.OFF_THE_MARK.of(new Quantity.Plain(thou)));
    }

    @Override
    public void figures(WorkPlan plan, Map<PlanFigure, Double> figures) {
        plan.saddle().ifPresent(saddle -> {
            figures.put(PlanFigure.OFF_BASS, saddle.off().bass());
            figures.put(PlanFigure.OFF_TREBLE, saddle.off().treble());
        });
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(
                new PlanNumber(
                        "saddle-out",
                        plan -> plan.planned()
                                .flatMap(Setup::protrusion)
                                .map(out -> Amount.both(out, Quantity::length))
                                .orElse(List.of())),
                new PlanNumber(
                        "saddle-off",
                        plan -> lowered(plan)
                                .map(each -> Amount.both(each.off(), Quantity::fine))
                                .orElse(List.of())),
                new PlanNumber(
                        "saddle-leaves",
                        plan -> lowered(plan)
                                .map(each -> Amount.both(each.leaves().map(SaddlePart::texts)))
                                .orElse(List.of())),
                new PlanNumber(
                        "saddle-blank",
                        plan -> plan.saddle()
                                .flatMap(SaddlePlan::blank)
                                .map(blank -> Amount.both(blank.height(), Quantity::length))
                                .orElse(List.of())));
    }

    private static Quantity texts(FeelerSet.Stack stack) {
        return Quantity.texts(stack.leaves().stream().map(Length::text));
    }

    /** A saddle that comes down, with neither side going up. */
    private static Optional<SaddlePlan> lowered(WorkPlan plan) {
        return plan.saddle()
                .filter(each -> Math.min(each.off().bass(), each.off().treble()) > -Tolerances.SHOWN && each.changes());
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        plan.saddle().ifPresent(saddle -> data(root.object("saddle"), saddle));
    }

    private static void data(PartData node, SaddlePlan saddle) {
        for (Side side : Side.values()) {
            PartData one = node.object(side.key())
                    .put("off", saddle.off().get(side))
                    .put("height", saddle.out().get(side));
            one.object("mark").stack(saddle.leaves().get(side));
        }
        saddle.crown().ifPresent(crown -> {
            node.put("radius", Double.isFinite(crown.radius()) ? (Object) crown.radius() : Length.FLAT.text());
            crown.strings()
                    .forEach(point -> node.item("crown")
                            .put("string", point.string())
                            .put("across", point.across())
                            .put("height", point.height())
                            .put("groove", point.groove()));
        });
        saddle.blank()
                .ifPresent(blank -> node.object("blank")
                        .put("length", blank.length())
                        .put("thickness", blank.thickness())
                        .put("slotDepth", blank.slot())
                        .sides(blank.height()));
        node.findings("warnings", saddle.warnings());
    }

    @Override
    public Set<String> shows() {
        return Set.of("protrusion", "supportHeight");
    }
}
