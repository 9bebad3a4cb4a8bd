package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.kestan.analysis.setup.Anchorage;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.repair.plan.PlanNumber.Amount;

/**
 * Where the strings go behind the saddle, if that changes: ramps at the pins, the tailpiece, and the new break angle.
 */
final class AnchoragePart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return changed(plan)
                .map(after -> card(plan, plan.measured().orElseThrow(Expect.present("measured setup")), after));
    }

    private static Optional<Setup> changed(WorkPlan plan) {
        return plan.planned()
                .filter(after -> !after.anchorage()
                        .equals(plan.measured()
                                .orElseThrow(Expect.present("measured setup"))
                                .anchorage()));
    }

    private static PartCard card(WorkPlan plan, Setup before, Setup after) {
        PartCard.Writer card = PartCard.of("anchorage");
        if (after.anchorage().ramp() != before.anchorage().ramp()) {
            card.row(
                    "ramp",
                    Quantity.length(after.anchorage().ramp()),
                    Quantity.difference(
                            after.anchorage().ramp() - before.anchorage().ramp()));
        }
        tailpiece(after.anchorage())
                .ifPresent(height -> card.row(
                        "tailpiece",
                        Quantity.length(height),
                        Quantity.difference(
                                height - tailpiece(before.anchorage()).orElse(height))));
        for (Side side : Side.values()) {
            after.breakAngle(side)
                    .ifPresent(angle -> card.row(
                            card.words("break-angle", Quantity.term(side)),
                            List.of(Quantity.turn(angle)),
                            before.breakAngle(side)
                                    .map(now -> List.of(card.said("now", Quantity.turn(now))))
                                    .orElse(List.of()),
                            Optional.empty()));
        }
        OptionalDouble now = plan.strung(before).press();
        OptionalDouble then = plan.strung(after).press();
        if (now.isPresent() && then.isPresent()) {
            card.row(
                    "press",
                    new Quantity.Force(then.getAsDouble()),
                    card.said("now", new Quantity.Force(now.getAsDouble())));
        }
        return card.note("strings-straight").card();
    }

    private static Optional<Double> tailpiece(Anchorage anchorage) {
        return anchorage.tailpieceHeight().isPresent()
                ? Optional.of(anchorage.tailpieceHeight().getAsDouble())
                : Optional.empty();
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(
                PlanNumber.one(
                        "ramp",
                        plan -> changed(plan)
                                .filter(after -> after.protrusion().isPresent())
                                .map(after -> Quantity.length(after.anchorage().ramp()))),
                PlanNumber.one(
                        "tailpiece-height",
                        plan -> changed(plan)
                                .flatMap(after -> tailpiece(after.anchorage()))
                                .map(Quantity::length)),
                new PlanNumber(
                        "break-angle",
                        plan -> plan.planned()
                                .filter(after -> after.leastBreakAngle().isPresent())
                                .map(after -> Amount.both(Sides.of(side -> turn(after.breakAngle(side)))))
                                .orElse(List.of())));
    }

    private static Quantity turn(Optional<Angle> angle) {
        return Quantity.turn(angle.orElse(Angle.ZERO));
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        changed(plan).ifPresent(after -> {
            Setup before = plan.measured().orElseThrow(Expect.present("measured setup"));
            PartData node = root.object("anchorage");
            if (after.protrusion().isPresent()) {
                node.object("ramp")
                        .put("before", before.anchorage().ramp())
                        .put("after", after.anchorage().ramp());
            }
            tailpiece(after.anchorage())
                    .ifPresent(height -> node.object("tailpieceHeight")
                            .put("before", before.anchorage().tailpieceHeight())
                            .put("after", height));
            angles(node.object("breakAngleDeg"), "before", before);
            angles(node.object("breakAngleDeg"), "after", after);
            node.object("press")
                    .put("before", plan.strung(before).press())
                    .put("after", plan.strung(after).press());
        });
    }

    private static void angles(PartData node, String key, Setup setup) {
        for (Side side : Side.values()) {
            setup.breakAngle(side).ifPresent(angle -> node.object(key).put(side.key(), angle.degrees()));
        }
    }

    @Override
    public Set<String> shows() {
        return Set.of("anchorage");
    }
}
