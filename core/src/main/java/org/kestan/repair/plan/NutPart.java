package org.kestan.repair.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.loads.StringOffset;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.PlanNumber.Amount;

/** The strings over fret 1 afterward, and what the frets past the joint need. */
final class NutPart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.planned()
                .map(after -> card(plan, plan.measured().orElseThrow(Expect.present("measured setup")), after));
    }

    private static PartCard card(WorkPlan plan, Setup before, Setup after) {
        PartCard.Writer card = PartCard.of("nut-and-frets");
        for (Side side : Side.values()) {
            double height = after.nut().get(side);
            card.row(
                    card.words("over-first", Quantity.term(side)),
                    List.of(Quantity.fine(height)),
                    List.of(Quantity.difference(height - before.nut().get(side))),
                    Optional.empty());
        }
        slots(plan, after, card);
        double low = Math.min(after.nut().bass(), after.nut().treble());
        double least = plan.shop().get(Standard.NUT_LOW, plan.job().family());
        return card.note(
                        low < least - Tolerances.SHOWN
                                ? card.words("nut-too-low", Quantity.fine(least - low))
                                : card.words("nut-again"))
                .note(frets(plan, card))
                .card();
    }

    /** How much each slot that was read individually has to lose, or to gain, to be in line with the outer two. */
    private static void slots(WorkPlan plan, Setup after, PartCard.Writer card) {
        plan.loads().map(loads -> StringOffset.of(plan.job(), plan.shop())).orElse(Map.of()).entrySet().stream()
                .filter(each -> Math.abs(each.getValue().first()) > Tolerances.SHOWN)
                .sorted(Map.Entry.comparingByKey())
                .forEach(each -> card.row(
                        card.words(
                                each.getValue().first() > 0 ? "slot-deeper" : "slot-fill",
                                Quantity.count(each.getKey())),
                        List.of(Quantity.fine(Math.abs(each.getValue().first()))),
                        List.of(),
                        Optional.empty()));
        List<Quantity> files = plan.strung(after).strings().map(StringLoads::strings).orElse(List.of()).stream()
                .flatMap(string ->
                        plan.job().strings().get(plan.job().strings().size() - string.number()).gauge().stream())
                .<Quantity>map(
                        gauge -> Quantity.fine(gauge.millimeters() + plan.shop().get(Standard.NUT_FILE_ROOM)))
                .toList();
        boolean cut = plan.ways().contains(WayCatalog.NUT);
        if (cut && !files.isEmpty()) {
            card.row(card.words("files"), files, List.of(card.said("bass-to-treble")), Optional.empty());
        }
    }

    private static Finding frets(WorkPlan plan, PartCard.Writer card) {
        if (plan.wedge().isEmpty()) {
            boolean unread = plan.turnsNeck() && !plan.has(Effect.SLACKENS_STRINGS);
            return card.words(unread ? "read-extension" : "frets-stay");
        }
        WedgePlan wedge = plan.wedge().get();
        if (wedge.end() > Tolerances.SHOWN) {
            return card.words("wedge-moves");
        }
        return wedge.rises() > 0
                ? card.words("plane", Quantity.fine(wedge.rises()))
                : card.words("no-wedge", Quantity.fine(wedge.fallAway()));
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(new PlanNumber(
                "nut",
                plan -> plan.planned()
                        .map(each -> Amount.both(each.nut(), Quantity::fine))
                        .orElse(List.of())));
    }

    @Override
    public Set<String> shows() {
        return Set.of("strings");
    }
}
