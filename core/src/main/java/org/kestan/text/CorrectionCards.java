package org.kestan.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.correction.Extension;
import org.kestan.analysis.uncertainty.DerivedFigure;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Straightedge;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.overview.JobAnalysis;

/** The numbers of the correction by the target, grouped in working order. */
final class CorrectionCards {

    private static final double WORTH_GAIN = 1.2;

    private final JobAnalysis analysis;
    private final Job job;
    private final Correction plan;
    private final Uncertainty uncertainty;
    private final Numbers numbers;

    CorrectionCards(JobAnalysis analysis, Correction plan, Uncertainty uncertainty, Numbers numbers) {
        this.analysis = analysis;
        this.job = analysis.job();
        this.plan = plan;
        this.uncertainty = uncertainty;
        this.numbers = numbers;
    }

    List<Card> cards() {
        List<Card> cards = new ArrayList<>(List.of(relief(), neck(), projection()));
        cards.add(plan.protrusion().map(this::saddle).orElseGet(this::floatingBridge));
        plan.extension().ifPresent(extension -> cards.add(extension(extension)));
        return cards;
    }

    private CardWriter card(Card.Id id) {
        return new CardWriter(id, job);
    }

    private Card relief() {
        double deepest = plan.neck().deepest();
        double now = plan.trajectory().neck().middle().deepest();
        CardWriter card = card(Card.Id.RELIEF);
        card.row("deepest", numbers.fineBoth(deepest), now(numbers.fine(now)));
        for (Side side : Side.values()) {
            card.known(
                    card.words("action-then", Wording.label(side)),
                    numbers.lengthBoth(plan.actionAfterRelief(side)),
                    known(side == Side.BASS ? DerivedFigure.ACTION_BASS : DerivedFigure.ACTION_TREBLE),
                    "");
        }
        double gap = plan.planned().reliefGap();
        double aimed = job.millimeters(Aim.RELIEF).orElse(gap);
        boolean cannot = plan.trajectory().basis().reliefStays() && Math.abs(aimed - gap) > Tolerances.LEAF;
        if (cannot) {
            return card.card(card.words("no-rod", numbers.fine(gap), numbers.fine(aimed)));
        }
        return card.card(card.words(Math.abs(deepest - now) < Tolerances.ARITHMETIC ? "stays" : "estimate"));
    }

    private static String now(String value) {
        return Wording.text("plan.now").replace("{0}", value);
    }

    private Card neck() {
        CardWriter card = card(Card.Id.NECK);
        double angle = plan.angle().radians();
        card.knownAngle(
                card.words("correction"),
                Numbers.angle(plan.angle()),
                known(DerivedFigure.NECK_ANGLE),
                angle > 0 ? card.words("set-back") : angle < 0 ? card.words("forward") : "");
        card.knownAngle(
                card.words("pitch"),
                told(plan.plannedPitch()),
                known(DerivedFigure.PLANNED_PITCH),
                now(told(plan.trajectory().pitch())));
        card.known(card.words("drop"), numbers.lengthBoth(plan.meanSaddleDrop()), known(DerivedFigure.SADDLE_DROP), "");
        if (plan.heel().isEmpty()) {
            return card.row("cut", Numbers.NONE, card.words("read-heel")).card();
        }
        HeelCut heel = plan.heel().get();
        card.known(
                card.words("cut"),
                numbers.fineBoth(heel.atCap()),
                known(DerivedFigure.HEEL_CUT),
                heel.atCap() < 0 ? card.words("wood-missing") : "");
        if (plan.trajectory().basis().reconciled().isPresent()) {
            single(card, "by-strings", plan.heelByStrings(), DerivedFigure.HEEL_BY_STRINGS);
            single(card, "by-straightedge", plan.heelByStraightedge(), DerivedFigure.HEEL_BY_STRAIGHTEDGE);
        }
        card.row(
                "rule",
                numbers.fineBoth(heel.ruleOfThumb()),
                card.words("differs", numbers.fine(Math.abs(heel.atCap() - heel.ruleOfThumb()))));
        return card.card(card.words("cautions") + worthMeasuring(card));
    }

    private boolean foldsTooFar() {
        return plan.trajectory().judgedSink(job.visit()).orElse(0) > shop().get(Standard.SINK_MOST);
    }

    /** The result of one of the two estimates by itself. */
    private void single(CardWriter card, String row, OptionalDouble cut, DerivedFigure figure) {
        cut.ifPresent(mm -> card.known(card.words(row), numbers.fineBoth(mm), known(figure), ""));
    }

    /** There is no pitch without a reading of the board's thickness. */
    private static String told(Optional<Angle> pitch) {
        return pitch.map(Numbers::angle).orElse(Numbers.NONE);
    }

    private Card projection() {
        boolean assumed = analysis.sheetAnalysis().isAssumed("survey.projection");
        double bridge = plan.bridgeThickness().orElse(plan.supportHeight());
        Straightedge straightedge = plan.planned().basis().straightedge();
        boolean middle = straightedge.middleOverEdge() != 0;
        CardWriter card = card(Card.Id.PROJECTION);
        return card.known(
                        card.words("slack"),
                        numbers.fineBoth(plan.slackAsRead()),
                        known(DerivedFigure.SLACK_AS_READ),
                        card.words("dry-fit"))
                .row("over-bridge", numbers.signedBoth(plan.slackAsRead() - bridge), "")
                .known(
                        card.words("strung"),
                        numbers.fineBoth(plan.strungAsRead()),
                        known(DerivedFigure.STRUNG_AS_READ),
                        card.words("at-pitch"))
                .row(
                        "at-saddle",
                        numbers.fine(plan.targetSlack()) + " / " + numbers.fine(plan.targetStrung()),
                        card.words("under-outer-strings"))
                .known(
                        card.words("sink"),
                        numbers.fineBoth(plan.sink()),
                        known(DerivedFigure.SINK),
                        card.words(assumed ? "assumed" : "slack-less-strung"))
                .card(card.words(middle ? "read-in-middle" : "read-at-edge", numbers.length(straightedge.bridgeFront()))
                        + card.words(foldsTooFar() ? "sinks-too-far" : "overshoot"));
    }

    private Card saddle(Sides<Double> after) {
        Sides<Double> now = plan.trajectory().basis().protrusion().orElseThrow(Expect.present("saddle protrusion"));
        CardWriter card = card(Card.Id.SADDLE);
        for (Side side : Side.values()) {
            card.known(
                    card.words("out", Wording.label(side)),
                    numbers.lengthBoth(after.get(side)),
                    known(side == Side.BASS ? DerivedFigure.SADDLE_BASS : DerivedFigure.SADDLE_TREBLE),
                    change(after.get(side) - now.get(side)));
        }
        OptionalDouble thickness = plan.bridgeThickness();
        if (thickness.isPresent()) {
            double was = plan.trajectory().basis().bridgeThickness().orElse(thickness.getAsDouble());
            card.row("bridge", numbers.lengthBoth(thickness.getAsDouble()), change(thickness.getAsDouble() - was));
        }
        return card.card();
    }

    private Card floatingBridge() {
        double change = plan.supportHeight() - plan.trajectory().basis().supportHeight();
        double tilt = plan.saddleDrop(Side.BASS) - plan.saddleDrop(Side.TREBLE);
        CardWriter card = card(Card.Id.FLOATING_BRIDGE);
        return card.row("height", numbers.lengthBoth(plan.supportHeight()), change(change))
                .row(
                        "tilt",
                        numbers.lengthBoth(-tilt),
                        card.words(
                                Math.abs(tilt) < Tolerances.SHOWN ? "no-tilt" : tilt > 0 ? "bass-more" : "treble-more"))
                .card();
    }

    private Card extension(Extension extension) {
        OptionalDouble read = job.millimeters(Reading.EXTENSION_FALL_AWAY);
        boolean rises = extension.rises() > shop().get(Standard.EXTENSION_RISE);
        CardWriter card = card(Card.Id.EXTENSION);
        return card.known(
                        card.words("fall-away"),
                        numbers.fineBoth(extension.fallAwayAfter()),
                        known(DerivedFigure.FALL_AWAY),
                        read.isPresent() ? now(numbers.fine(read.getAsDouble())) : "")
                .known(
                        card.words(rises ? "plane" : "wedge"),
                        numbers.fineBoth(rises ? extension.rises() : extension.wedge()),
                        known(DerivedFigure.WEDGE),
                        card.words(rises ? "at-its-end" : "nothing-at-joint"))
                .card(rises ? card.words("rises") : "");
    }

    /** What would make the heel cut better known: the dominating reading, and a better tool for it. */
    private String worthMeasuring(CardWriter card) {
        Optional<Uncertainty.Estimate> cut = uncertainty.of(DerivedFigure.HEEL_CUT);
        if (cut.isEmpty() || cut.get().dominating().isEmpty()) {
            return "";
        }
        Reading reading = cut.get().dominating().get();
        Tool tool = job.visit().tool(reading);
        double gain = cut.get().gain(tool, Tool.DIAL);
        return card.words(
                gain >= WORTH_GAIN ? "worth-dial" : "worth",
                Wording.full(reading).toLowerCase(Locale.ROOT),
                Wording.label(tool),
                Numbers.decimals(gain, 1));
    }

    private String change(double by) {
        if (Math.abs(by) < Tolerances.SHOWN) {
            return Wording.text("plan.as-it-is");
        }
        return Wording.text(by < 0 ? "plan.off" : "plan.more").replace("{0}", numbers.length(Math.abs(by)));
    }

    private ShopStandards shop() {
        return analysis.shop();
    }

    private Uncertainty.Estimate known(DerivedFigure figure) {
        return uncertainty.of(figure).orElse(Uncertainty.Estimate.NONE);
    }
}
