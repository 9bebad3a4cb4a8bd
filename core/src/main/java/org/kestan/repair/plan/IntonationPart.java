package org.kestan.repair.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.strings.NutCompensation;
import org.kestan.repair.plan.PlanNumber.Amount;

/** How the work changes the strings' length and fret 12 compared with the octave. */
final class IntonationPart implements PlanPart {

    @Override
    public Optional<PartCard> card(WorkPlan plan) {
        return plan.intonation().map(IntonationPart::card);
    }

    private static PartCard card(Intonation intonation) {
        PartCard.Writer card = PartCard.of("intonation");
        card.row("length", Quantity.far(intonation.lengthAfter()), Quantity.difference(intonation.lengthChange()));
        card.row(
                card.words("octave"),
                List.of(
                        new Quantity.Cents(intonation.centsChange().get(Side.BASS)),
                        new Quantity.Cents(intonation.centsChange().get(Side.TREBLE))),
                List.of(card.said(intonation.stringsKnown() ? "change-both" : "by-lengths")),
                Optional.empty());
        intonation.setBack().ifPresent(back -> card.row("back", PartCard.fines(back), card.said("to-sound-octave")));
        if (!intonation.compensation().isEmpty()) {
            perString(card, intonation, "compensation", "bass-to-treble", each -> Quantity.fine(each.back()));
            perString(card, intonation, "first-frets", "mean-of-four", each -> new Quantity.Cents(mean(each.nut())));
            perString(
                    card,
                    intonation,
                    "nut-forward",
                    "evens-them",
                    each -> Quantity.fine(each.nut().forward()));
        }
        intonation
                .line()
                .ifPresent(line -> card.row(
                        card.words("new-line"),
                        List.of(Quantity.far(line.bass()), Quantity.far(line.treble())),
                        List.of(card.said(intonation.setBack().isPresent() ? "by-the-cents" : "the-least")),
                        Optional.empty()));
        if (intonation.oddLine()) {
            card.note("odd-line");
        }
        return card.note(intonation.setBack().isPresent() ? "plugged" : "read-octave")
                .card();
    }

    private static void perString(
            PartCard.Writer card,
            Intonation intonation,
            String row,
            String note,
            Function<Intonation.Compensation, Quantity> figure) {
        card.row(
                card.words(row),
                intonation.compensation().stream().map(figure).toList(),
                List.of(card.said(note)),
                Optional.empty());
    }

    private static double mean(NutCompensation nut) {
        return nut.sharp().stream().mapToDouble(each -> each).average().orElseThrow();
    }

    @Override
    public void figures(WorkPlan plan, Map<PlanFigure, Double> figures) {
        plan.intonation().ifPresent(intonation -> figures.put(PlanFigure.LENGTH, intonation.lengthChange()));
    }

    @Override
    public List<PlanNumber> numbers() {
        return List.of(new PlanNumber(
                "saddle-line",
                plan -> plan.intonation()
                        .flatMap(Intonation::line)
                        .map(line -> Amount.both(line, Quantity::length))
                        .orElse(List.of())));
    }

    @Override
    public void data(WorkPlan plan, PartData root) {
        plan.intonation().ifPresent(intonation -> {
            PartData node = root.object("intonation")
                    .put("stringLengthChange", intonation.lengthChange())
                    .put("cents", Sides.mean(intonation.centsChange()))
                    .sides("centsBySide", intonation.centsChange());
            intonation.setBack().ifPresent(back -> node.sides("setBack", back));
            intonation.compensation().forEach(each -> {
                node.item("compensation").put("string", each.string()).put("back", each.back());
                node.item("nut")
                        .put("string", each.string())
                        .put("forward", each.nut().forward())
                        .put("saddle", each.nut().saddle())
                        .list("sharp")
                        .addAll(each.nut().sharp());
            });
            intonation.line().ifPresent(line -> node.sides("saddleLine", line));
        });
    }
}
