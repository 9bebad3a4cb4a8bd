package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.kestan.analysis.neck.RodTravel;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.repair.plan.PlanNumber.Amount;

/** How the instrument plays afterward: action, relief, and the fret line at pitch. */
final class SetupPart implements PlanPart {

    /** Half of the last digit of an angle shown, degrees. */
    private static final double ANGLE_SHOWN = 0.005;

    private static final double EIGHTHS = 8;
    private static final double LEAST_TURN = 1 / 16.0;
    private static final Finding.Kind TIGHTER = Finding.kind("rod.tighter", Quantity.Plain.class);
    private static final Finding.Kind LOOSER = Finding.kind("rod.looser", Quantity.Plain.class);

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.planned()
                .map(after -> card(plan, plan.measured().orElseThrow(Expect.present("measured setup")), after));
    }

    private static PartCard card(WorkPlan plan, Setup before, Setup after) {
        PartCard.Writer card = PartCard.of("afterward");
        for (Side side : Side.values()) {
            double action = after.action().get(side);
            card.known(
                    card.words("action-then", Quantity.term(side)),
                    Quantity.length(action),
                    PlanFigure.of(side, PlanFigure.ACTION_BASS, PlanFigure.ACTION_TREBLE),
                    Quantity.difference(action - before.action().get(side)));
        }
        double higher = after.basis().fretsOverTop() - before.basis().fretsOverTop();
        if (Math.abs(higher) > Tolerances.SHOWN) {
            card.row("frets-over-top", Quantity.fine(after.basis().fretsOverTop()), Quantity.difference(higher));
        }
        if (!plan.isCorrection()) {
            Angle turned = after.rotation().minus(before.rotation());
            if (Math.abs(turned.degrees()) > ANGLE_SHOWN) {
                card.row("neck-angle", Quantity.turn(turned), card.said(turned.degrees() > 0 ? "set-back" : "forward"));
            }
            card.row(
                    "relief",
                    Quantity.fine(after.reliefGap()),
                    Quantity.difference(after.reliefGap() - before.reliefGap()));
            plan.projection()
                    .ifPresent(projection ->
                            card.row("strung", Quantity.length(projection.strung()), card.said("at-pitch")));
        }
        return card.card();
    }

    /** How far the rod has to be turned from where it was read, judging by its earlier turns. */
    private static Optional<Quantity> turns(WorkPlan plan) {
        return RodTravel.of(plan.job().visit())
                .filter(rod -> !rod.atEnd())
                .flatMap(rod -> plan.planned()
                        .flatMap(after ->
                                plan.measured().map(before -> rod.turns(before.reliefGap(), after.reliefGap()))))
                .filter(turns -> Math.abs(turns) >= LEAST_TURN)
                .map(turns -> new Quantity.Said((turns > 0 ? TIGHTER : LOOSER).of(new Quantity.Plain(eighths(turns)))));
    }

    /** Nobody turns a rod more finely than by eighths. */
    private static double eighths(double turns) {
        return Math.max(1, Math.round(Math.abs(turns) * EIGHTHS)) / EIGHTHS;
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(
                PlanNumber.one("rod-turns", SetupPart::turns),
                PlanNumber.one("relief", plan -> plan.planned().map(each -> Quantity.fine(each.reliefGap()))),
                new PlanNumber(
                        "action",
                        plan -> plan.planned()
                                .map(each -> Amount.both(each.action(), Quantity::length))
                                .orElse(List.of())));
    }

    @Override
    public Set<String> shows() {
        return Set.of("reliefGap", "neck", "strings", "basis", "rotation");
    }
}
