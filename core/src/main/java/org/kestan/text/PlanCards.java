package org.kestan.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Sides;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.PartCard;
import org.kestan.repair.plan.PlanFigure;
import org.kestan.repair.plan.PlanParts;
import org.kestan.repair.plan.WorkPlan;

/** The numbers of a work plan in words and bench units, grouped in working order. */
public final class PlanCards {

    /** A spread that a quarter of a sixty-fourth would not hide. */
    private static final double WORTH_SPREAD = 0.1;

    private final JobAnalysis analysis;
    private final WorkPlan plan;
    private final JobAnalysis.Spread spread;
    private final Wording words;
    private final Numbers numbers;

    private PlanCards(JobAnalysis analysis, WorkPlan plan, JobAnalysis.Spread spread, Wording words) {
        this.analysis = analysis;
        this.plan = plan;
        this.spread = spread;
        this.words = words;
        this.numbers = words.numbers();
    }

    /**
     * The cards of a plan, in working order; none if nothing is planned.
     *
     * @param spread how well the figures are known, {@link JobAnalysis.Spread#NONE} to leave that out
     */
    public static List<Card> of(JobAnalysis analysis, WorkPlan plan, JobAnalysis.Spread spread, Wording words) {
        return plan.planned()
                .map(after -> new PlanCards(analysis, plan, spread, words).cards())
                .orElse(List.of());
    }

    /** The cards of a job's plan, with the uncertainty of their figures if it is known already. */
    public static List<Card> of(JobAnalysis analysis, Wording words) {
        return of(
                analysis,
                analysis.plan(),
                analysis.spreadIsKnown() ? analysis.spread() : JobAnalysis.Spread.NONE,
                words);
    }

    /** Cards as plain text, one number per line, under the instrument's name. */
    public static String text(JobAnalysis analysis, List<Card> cards) {
        StringBuilder text = new StringBuilder();
        String name = analysis.job().name();
        if (!name.isEmpty()) {
            text.append(name).append('\n');
        }
        for (Card card : cards) {
            text.append('\n').append(card.title()).append('\n');
            for (Card.Row row : card.rows()) {
                text.append("  ").append(row.label()).append(": ").append(row.value());
                text.append(row.remark().isEmpty() ? "" : " (" + row.remark() + ")")
                        .append('\n');
            }
            text.append(card.note().isEmpty() ? "" : "  " + card.note() + '\n');
        }
        List<String> assumed = analysis.assumed();
        if (!assumed.isEmpty()) {
            text.append('\n')
                    .append(Wording.text("plan.assumed"))
                    .append(String.join(", ", assumed))
                    .append('\n');
        }
        return text.toString();
    }

    private List<Card> cards() {
        List<Card> cards = new ArrayList<>();
        if (plan.isCorrection()) {
            plan.correction()
                    .ifPresent(correction -> cards.addAll(
                            new CorrectionCards(analysis, correction, spread.correction(), numbers).cards()));
        }
        List<PartCard> parts = PlanParts.cards(plan);
        for (PartCard part : parts) {
            cards.add(card(part, !plan.isCorrection() && part == parts.get(0) ? cautions() : ""));
        }
        return cards;
    }

    private String cautions() {
        return plan.ways().stream()
                .flatMap(way -> Wording.cautions(way).stream())
                .distinct()
                .collect(Collectors.joining(" "));
    }

    private Card card(PartCard part, String more) {
        CardWriter card = new CardWriter(part.title(), plan.job());
        for (PartCard.Row row : part.rows()) {
            String label = words.say(row.label());
            String value = value(row.value());
            String remark = row.remark().stream().map(words::print).collect(Collectors.joining(", "));
            row.figure()
                    .ifPresentOrElse(
                            figure -> card.known(label, value, spread(figure), remark),
                            () -> card.labeled(label, value, remark));
        }
        String note = Stream.of(
                        words.say(part.notes()),
                        more,
                        part.worth().map(this::worthMeasuring).orElse(""))
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(" "));
        return card.card(note);
    }

    /** One length in both units; two as a pair; more of them with the unit after the last. */
    private String value(List<Quantity> value) {
        if (value.size() == 1) {
            return value.get(0) instanceof Quantity.Distance length && length.reading() != Quantity.Fineness.FAR
                    ? length.reading() == Quantity.Fineness.RULE
                            ? numbers.lengthBoth(length.millimeters())
                            : numbers.fineBoth(length.millimeters())
                    : words.print(value.get(0));
        }
        if (value.get(0) instanceof Quantity.Cents bass && value.get(1) instanceof Quantity.Cents treble) {
            return Numbers.cents(new Sides<>(bass.cents(), treble.cents()));
        }
        List<String> printed = value.stream().map(words::print).collect(Collectors.toCollection(ArrayList::new));
        if (printed.size() > 2) {
            printed.subList(0, printed.size() - 1).replaceAll(Numbers::bare);
        }
        return String.join(printed.size() > 2 ? " " : " / ", printed);
    }

    private Uncertainty.Estimate spread(PlanFigure figure) {
        return spread.plan().getOrDefault(figure, Uncertainty.Estimate.NONE);
    }

    /** How the figures with a spread could be known better, and by which reading. */
    private String worthMeasuring(PlanFigure figure) {
        return Optional.of(spread(figure))
                .filter(each -> each.expanded() >= WORTH_SPREAD)
                .flatMap(each -> each.dominating()
                        .map(reading -> Wording.text("plan.worth-measuring")
                                .replace("{0}", Wording.full(reading).toLowerCase(Locale.ROOT))
                                .replace("{1}", Long.toString(Math.round(each.share() * 100)))))
                .orElse("");
    }
}
