package org.kestan.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.swing.Levelling;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.School;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.Effect;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.BridgePlan;
import org.kestan.repair.plan.Clearance;
import org.kestan.repair.plan.Intonation;
import org.kestan.repair.plan.JointPlan;
import org.kestan.repair.plan.PlanPart;
import org.kestan.repair.plan.SaddlePlan;
import org.kestan.repair.plan.WorkPlan;

/** The numbers of a work plan in words and bench units, grouped as they are worked. */
public final class PlanCards {

    /** A spread that a quarter of a sixty-fourth can't hide. */
    private static final double WORTH_SPREAD = 0.1;

    private static final double THOU = 0.0254;

    /** A stack that is off by more than this marks nothing, mm. */
    private static final double FAR = 0.1;

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
     * The cards of a plan, in working order; none while nothing is planned.
     *
     * @param spread how well the figures are known, {@link JobAnalysis.Spread#NONE} to leave that out
     */
    public static List<Card> of(JobAnalysis analysis, WorkPlan plan, JobAnalysis.Spread spread, Wording words) {
        return plan.planned()
                .map(after -> new PlanCards(analysis, plan, spread, words)
                        .cards(plan.measured().orElseThrow(), after))
                .orElse(List.of());
    }

    /** The cards of a job's plan, with how well their figures are known where that is known already. */
    public static List<Card> of(JobAnalysis analysis, Wording words) {
        return of(
                analysis,
                analysis.plan(),
                analysis.spreadIsKnown() ? analysis.spread() : JobAnalysis.Spread.NONE,
                words);
    }

    /** Cards as plain text, one number a line, under the instrument's name. */
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

    private List<Card> cards(Setup before, Setup after) {
        List<Card> cards = new ArrayList<>();
        Optional<Correction> correction = plan.correction();
        if (correction.isPresent() && (plan.ways().isEmpty() || plan.heel().isPresent())) {
            cards.addAll(new CorrectionCards(analysis, correction.get(), spread.correction(), numbers).cards());
            cards.add(action(card(Card.Id.AFTERWARDS), before, after).card());
        } else {
            cards.add(afterward(before, after));
        }
        joint().ifPresent(cards::add);
        plan.saddle().ifPresent(saddle -> cards.add(saddle(saddle)));
        plan.bridge().filter(BridgePlan::changes).ifPresent(bridge -> cards.add(bridge(bridge)));
        plan.clearance().ifPresent(clearance -> cards.add(clearance(clearance)));
        plan.intonation().ifPresent(intonation -> cards.add(intonation(intonation)));
        cards.add(nutAndFrets(before, after));
        plan.levelling().ifPresent(levelling -> cards.add(levelling(levelling)));
        return cards;
    }

    private Card levelling(Levelling levelling) {
        CardWriter card = card(Card.Id.LEVELLING);
        levelling.off().stream()
                .filter(each -> each.off() >= Tolerances.SHOWN)
                .forEach(each -> card.labeled(
                        card.words("fret", Integer.toString(each.fret())), numbers.fineBoth(each.off()), ""));
        OptionalDouble height = plan.job().millimeters(Reading.FRET_HEIGHT);
        if (height.isEmpty()) {
            return card.card(card.words("read-height"));
        }
        double least = plan.shop().get(Standard.FRET_LEAST);
        List<Integer> replace = levelling.tooLow(height.getAsDouble(), least);
        return card.card(
                replace.isEmpty()
                        ? card.words("height-left", numbers.fine(least))
                        : card.words(
                                "replace",
                                replace.stream().map(String::valueOf).collect(Collectors.joining(", ")),
                                numbers.fine(least)));
    }

    private CardWriter card(Card.Id id) {
        return new CardWriter(id, plan.job());
    }

    private Uncertainty.Estimate spread(PlanPart part) {
        return spread.plan().getOrDefault(part, Uncertainty.Estimate.NONE);
    }

    /** Where the figures with a spread would be known better, and by which reading. */
    private String worthMeasuring(PlanPart part) {
        return Optional.of(spread(part))
                .filter(each -> each.expanded() >= WORTH_SPREAD)
                .flatMap(each -> each.dominating()
                        .map(reading -> Wording.text("plan.worth-measuring")
                                .replace("{0}", Wording.full(reading).toLowerCase(Locale.ROOT))
                                .replace("{1}", Long.toString(Math.round(each.share() * 100)))))
                .orElse("");
    }

    private CardWriter action(CardWriter card, Setup before, Setup after) {
        for (Side side : Side.values()) {
            card.known(
                    card.words("action-then", Wording.label(side)),
                    numbers.lengthBoth(after.action().get(side)),
                    spread(side == Side.BASS ? PlanPart.ACTION_BASS : PlanPart.ACTION_TREBLE),
                    numbers.change(after.action().get(side) - before.action().get(side)));
        }
        return card;
    }

    private Card afterward(Setup before, Setup after) {
        CardWriter card = action(card(Card.Id.AFTERWARDS), before, after);
        card.row("relief", numbers.fineBoth(after.reliefGap()), numbers.change(after.reliefGap() - before.reliefGap()));
        plan.projection()
                .ifPresent(projection ->
                        card.row("strung", numbers.lengthBoth(projection.strung()), card.words("at-pitch")));
        return card.card(plan.ways().stream()
                .flatMap(way -> Wording.cautions(way).stream())
                .distinct()
                .collect(Collectors.joining(" ")));
    }

    private Optional<Card> joint() {
        JointPlan joint = plan.joint();
        CardWriter card = card(Card.Id.JOINT);
        joint.scribe().ifPresent(cheeks -> scribe(card, cheeks));
        joint.cheekShim().ifPresent(cap -> card.row("tail-shim", numbers.fineBoth(cap), card.words("at-cap")));
        joint.pocketShim().ifPresent(shim -> {
            card.row(
                    "pocket-shim",
                    Numbers.angle(shim.angle()),
                    card.words(shim.angle().radians() > 0 ? "toward-bridge" : "toward-nut"));
            card.row(
                    "thick-end",
                    shim.thick().isPresent() ? numbers.fineBoth(shim.thick().getAsDouble()) : card.words("read-pocket"),
                    "");
            shim.choices()
                    .forEach(choice -> card.labeled(
                            card.words("with", Numbers.angle(choice.angle())),
                            numbers.sides(choice.after().action()),
                            card.words("action")));
        });
        joint.kerfFiller().ifPresent(kerf -> card.row("kerf", numbers.fineBoth(kerf), ""));
        Card made = card.card(words.say(joint.warnings()));
        return made.rows().isEmpty() ? Optional.empty() : Optional.of(made);
    }

    /** One line where both cheeks lose the same. */
    private void scribe(CardWriter card, Sides<JointPlan.Scribe> cheeks) {
        boolean alike = Math.abs(cheeks.bass().thickness() - cheeks.treble().thickness()) < Tolerances.SHOWN;
        for (Side side : alike ? List.of(Side.BASS) : List.of(Side.values())) {
            JointPlan.Scribe cheek = cheeks.get(side);
            card.labeled(
                    alike ? card.words("scribe") : card.words("scribe-on", Wording.label(side)),
                    leaves(cheek.stack()),
                    card.words("for", numbers.fine(cheek.thickness())));
        }
    }

    private Card saddle(SaddlePlan saddle) {
        CardWriter card = card(Card.Id.SADDLE_TO_MAKE);
        for (Side side : Side.values()) {
            off(card, saddle, side);
        }
        saddle.blank().ifPresent(blank -> {
            card.row("blank", numbers.sides(blank.height()), card.words("bottom-to-crown"));
            card.row(
                    "long-thick",
                    print(blank.length().stream(), numbers::length) + " \u00d7 "
                            + print(blank.thickness().stream(), numbers::fine),
                    card.words("as-slot"));
            card.row("in-slot", numbers.lengthBoth(blank.slot()), "");
        });
        saddle.crown()
                .ifPresent(crown -> crown.strings()
                        .forEach(point -> card.labeled(
                                card.words("crown-at", Integer.toString(point.string())),
                                numbers.lengthBoth(point.height()),
                                point.groove().isPresent()
                                        ? card.words(
                                                "groove",
                                                numbers.fine(point.groove().getAsDouble()))
                                        : "")));
        if (!saddle.needs().isEmpty()) {
            card.row("read-more", saddle.needs().stream().map(Wording::label).collect(Collectors.joining(", ")), "");
        }
        String warnings = words.say(saddle.warnings());
        return card.card(warnings
                + (warnings.isEmpty() ? "" : " ")
                + card.words(plan.shop().holds(School.THROUGH_GLUED) ? "glued" : "snug")
                + worthMeasuring(PlanPart.OFF_BASS));
    }

    private void off(CardWriter card, SaddlePlan saddle, Side side) {
        double off = saddle.off().get(side);
        Uncertainty.Estimate known = spread(side == Side.BASS ? PlanPart.OFF_BASS : PlanPart.OFF_TREBLE);
        if (off >= Tolerances.SHOWN) {
            FeelerSet.Stack stack = saddle.leaves().get(side);
            card.known(
                    card.words("off", Wording.label(side)),
                    numbers.fineBoth(off),
                    known,
                    leaves(stack)
                            + (stack.leaves().isEmpty() || Math.abs(stack.error()) > FAR ? "" : ", " + error(stack)));
        } else if (off <= -Tolerances.SHOWN) {
            card.known(card.words("taller", Wording.label(side)), numbers.fineBoth(-off), known, card.words("new-one"));
        } else {
            card.labeled(card.words("saddle", Wording.label(side)), card.words("stays"), "");
        }
    }

    private Card bridge(BridgePlan bridge) {
        return bridge.floating() ? floatingBridge(bridge) : pinBridge(bridge);
    }

    private Card pinBridge(BridgePlan bridge) {
        CardWriter card = card(Card.Id.BRIDGE_TO_PLANE);
        return card.known(
                        card.words("thickness"),
                        numbers.lengthBoth(bridge.after()),
                        spread(PlanPart.BRIDGE),
                        numbers.change(bridge.after() - bridge.before()))
                .row("edges", "\u00d7 " + Numbers.decimals(bridge.proportion(), 3), card.words("in-proportion"))
                .card(card.words(bridge.after() > bridge.before() ? "new-bridge" : "cautions"));
    }

    private Card floatingBridge(BridgePlan bridge) {
        CardWriter card = card(Card.Id.BRIDGE_TO_FIT);
        card.known(
                card.words("height"),
                numbers.lengthBoth(bridge.after()),
                spread(PlanPart.BRIDGE),
                numbers.change(bridge.after() - bridge.before()));
        for (Side side : Side.values()) {
            card.known(
                    card.words("side", Wording.label(side)),
                    numbers.signed(bridge.sides().get(side)),
                    spread(side == Side.BASS ? PlanPart.RISE_BASS : PlanPart.RISE_TREBLE),
                    card.words(bridge.sides().get(side) > 0 ? "up" : "down"));
        }
        if (bridge.lower()) {
            card.row("lower", numbers.lengthBoth(bridge.after()), card.words("keep-old"));
        }
        if (bridge.trim() > Tolerances.SHOWN) {
            card.row("trim", numbers.fineBoth(bridge.trim()), card.words("past-wheels"));
        }
        if (bridge.riser() > Tolerances.SHOWN) {
            card.row("strips", numbers.fineBoth(bridge.riser()), "");
        }
        bridge.adjuster().ifPresent(up -> card.row("wheels", numbers.lengthBoth(up), card.words("above-lowest")));
        return card.card(card.words("fit-feet") + worthMeasuring(PlanPart.RISE_BASS));
    }

    private Card clearance(Clearance clearance) {
        CardWriter card = card(Card.Id.CLEARANCE);
        return card.row(
                        "fret-line",
                        numbers.signed(clearance.fretLineAfter()),
                        now(numbers.signed(clearance.fretLineBefore())))
                .row("string", numbers.signed(clearance.stringAfter()), now(numbers.signed(clearance.stringBefore())))
                .row("rotation", Numbers.angle(clearance.leastRotation()), card.words("from-now"))
                .card(clearance.fretLineAfter() < 0 || clearance.stringAfter() < 0 ? card.words("in-the-way") : "");
    }

    private static String now(String value) {
        return Wording.text("plan.now").replace("{0}", value);
    }

    private Card intonation(Intonation intonation) {
        CardWriter card = card(Card.Id.INTONATION);
        card.row("length", numbers.far(intonation.lengthAfter()), numbers.change(intonation.lengthChange()));
        card.row(
                "octave",
                Numbers.cents(intonation.centsChange()),
                card.words(intonation.stringsKnown() ? "change-both" : "by-lengths"));
        intonation
                .setBack()
                .ifPresent(back -> card.row("back", numbers.fineSides(back), card.words("to-sound-octave")));
        if (!intonation.compensation().isEmpty()) {
            card.row(
                    "compensation",
                    intonation.compensation().stream()
                            .map(each -> Numbers.bare(numbers.fine(each.back())))
                            .collect(Collectors.joining(" ")),
                    card.words("bass-to-treble", numbers.unit().fine().label()));
        }
        intonation
                .line()
                .ifPresent(line -> card.row(
                        "new-line",
                        numbers.far(line.bass()) + " / " + numbers.far(line.treble()),
                        card.words(intonation.setBack().isPresent() ? "by-the-cents" : "the-least")));
        return card.card(card.words(intonation.setBack().isPresent() ? "plugged" : "read-octave"));
    }

    private Card nutAndFrets(Setup before, Setup after) {
        CardWriter card = card(Card.Id.NUT_AND_FRETS);
        for (Side side : Side.values()) {
            card.labeled(
                    card.words("over-first", Wording.label(side)),
                    numbers.fineBoth(after.nut().get(side)),
                    numbers.change(after.nut().get(side) - before.nut().get(side)));
        }
        double low = Math.min(after.nut().bass(), after.nut().treble());
        double least = plan.shop().get(Standard.NUT_LOW, plan.job().family());
        String nut = low < least - Tolerances.SHOWN
                ? card.words("nut-too-low", numbers.fineBoth(least - low))
                : card.words("nut-again");
        String frets = plan.wedge()
                .map(wedge -> wedge.end() > Tolerances.SHOWN
                        ? card.words("wedge-moves")
                        : wedge.rises() > 0
                                ? card.words("plane", numbers.fine(wedge.rises()))
                                : card.words("no-wedge", numbers.fine(wedge.fallAway())))
                .orElseGet(() -> card.words(
                        plan.turnsNeck() && !plan.has(Effect.SLACKENS_STRINGS) ? "read-extension" : "frets-stay"));
        return card.card(nut + " " + frets);
    }

    static String leaves(FeelerSet.Stack stack) {
        if (!stack.leaves().isEmpty() && Math.abs(stack.error()) > FAR) {
            return Wording.text("plan.no-stack");
        }
        return stack.leaves().isEmpty()
                ? Wording.text("plan.no-leaf")
                : stack.leaves().stream().map(Length::text).collect(Collectors.joining(" + "));
    }

    private static String error(FeelerSet.Stack stack) {
        double thou = stack.error() / THOU;
        return Math.abs(thou) < 0.05
                ? Wording.text("plan.to-the-mark")
                : String.format(Locale.ROOT, "%+.1f thou", thou).replace('-', '\u2212');
    }

    private static String print(DoubleStream one, DoubleFunction<String> printer) {
        return one.mapToObj(printer).findFirst().orElse("?");
    }
}
