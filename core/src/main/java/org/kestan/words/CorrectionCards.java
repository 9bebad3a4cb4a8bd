package org.kestan.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.dossier.Dossier;
import org.kestan.following.correction.Correction;
import org.kestan.following.correction.Extension;
import org.kestan.following.uncertainty.Derived;
import org.kestan.following.uncertainty.Uncertainty;
import org.kestan.ground.geometry.Angle;
import org.kestan.ground.geometry.HeelCut;
import org.kestan.ground.geometry.Straightedge;
import org.kestan.ground.geometry.Tolerances;
import org.kestan.ground.sheet.Aim;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.sheet.Side;
import org.kestan.ground.sheet.Sides;
import org.kestan.ground.sheet.Tool;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.ground.standards.Standard;
import org.kestan.job.Job;

/** The numbers of the correction by the target, grouped as they are worked. */
final class CorrectionCards {

    private static final double WORTH_GAIN = 1.2;

    private final Dossier dossier;
    private final Job job;
    private final Correction plan;
    private final Uncertainty uncertainty;
    private final Numbers numbers;

    CorrectionCards(Dossier dossier, Correction plan, Uncertainty uncertainty, Numbers numbers) {
        this.dossier = dossier;
        this.job = dossier.job();
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
                    card.words("action-then", Words.label(side)),
                    numbers.lengthBoth(plan.actionAfterRelief(side)),
                    known(side == Side.BASS ? Derived.ACTION_BASS : Derived.ACTION_TREBLE),
                    "");
        }
        double gap = plan.planned().reliefGap();
        double aimed = job.millimetres(Aim.RELIEF).orElse(gap);
        boolean cannot = plan.trajectory().basis().reliefStays() && Math.abs(aimed - gap) > Tolerances.LEAF;
        if (cannot) {
            return card.card(card.words("no-rod", numbers.fine(gap), numbers.fine(aimed)));
        }
        return card.card(card.words(Math.abs(deepest - now) < Tolerances.ARITHMETIC ? "stays" : "estimate"));
    }

    private static String now(String value) {
        return Words.text("plan.now").replace("{0}", value);
    }

    private Card neck() {
        CardWriter card = card(Card.Id.NECK);
        double angle = plan.angle().radians();
        card.knownAngle(
                card.words("correction"),
                Numbers.angle(plan.angle()),
                known(Derived.NECK_ANGLE),
                angle > 0 ? card.words("set-back") : angle < 0 ? card.words("forward") : "");
        card.knownAngle(
                card.words("pitch"),
                told(plan.plannedPitch()),
                known(Derived.PLANNED_PITCH),
                now(told(plan.trajectory().pitch())));
        card.known(card.words("drop"), numbers.lengthBoth(plan.meanSaddleDrop()), known(Derived.SADDLE_DROP), "");
        if (plan.heel().isEmpty()) {
            return card.row("cut", Numbers.NONE, card.words("read-heel")).card();
        }
        HeelCut heel = plan.heel().get();
        card.known(
                card.words("cut"),
                numbers.fineBoth(heel.atCap()),
                known(Derived.HEEL_CUT),
                heel.atCap() < 0 ? card.words("wood-missing") : "");
        card.row(
                "rule",
                numbers.fineBoth(heel.ruleOfThumb()),
                card.words("differs", numbers.fine(Math.abs(heel.atCap() - heel.ruleOfThumb()))));
        return card.card(card.words("cautions") + worthMeasuring(card));
    }

    /** A pitch from a board thickness that was not read is none. */
    private static String told(Optional<Angle> pitch) {
        return pitch.map(Numbers::angle).orElse(Numbers.NONE);
    }

    private Card projection() {
        boolean assumed = dossier.reckoning().isAssumed("survey.projection");
        double bridge = plan.bridgeThickness().orElse(plan.supportHeight());
        Straightedge straightedge = plan.planned().basis().straightedge();
        boolean middle = straightedge.middleOverEdge() != 0;
        CardWriter card = card(Card.Id.PROJECTION);
        return card.known(
                        card.words("slack"),
                        numbers.lengthBoth(plan.slackAsRead()),
                        known(Derived.SLACK_AS_READ),
                        card.words("dry-fit"))
                .row("over-bridge", numbers.signedBoth(plan.slackAsRead() - bridge), "")
                .known(
                        card.words("strung"),
                        numbers.lengthBoth(plan.strungAsRead()),
                        known(Derived.STRUNG_AS_READ),
                        card.words("at-pitch"))
                .row(
                        "at-saddle",
                        numbers.length(plan.targetSlack()) + " / " + numbers.length(plan.targetStrung()),
                        card.words("under-outer-strings"))
                .known(
                        card.words("sink"),
                        numbers.fineBoth(plan.sink()),
                        known(Derived.SINK),
                        card.words(assumed ? "assumed" : "slack-less-strung"))
                .card(card.words(middle ? "read-in-middle" : "read-at-edge", numbers.length(straightedge.bridgeFront()))
                        + card.words(plan.sink() > shop().get(Standard.SINK_MOST) ? "sinks-too-far" : "overshoot"));
    }

    private Card saddle(Sides<Double> after) {
        Sides<Double> now = plan.trajectory().basis().protrusion().orElseThrow();
        CardWriter card = card(Card.Id.SADDLE);
        for (Side side : Side.values()) {
            card.known(
                    card.words("out", Words.label(side)),
                    numbers.lengthBoth(after.get(side)),
                    known(side == Side.BASS ? Derived.SADDLE_BASS : Derived.SADDLE_TREBLE),
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
        OptionalDouble read = job.millimetres(Reading.EXTENSION_FALL_AWAY);
        boolean rises = extension.rises() > shop().get(Standard.EXTENSION_RISE);
        CardWriter card = card(Card.Id.EXTENSION);
        return card.known(
                        card.words("fall-away"),
                        numbers.fineBoth(extension.fallAwayAfter()),
                        known(Derived.FALL_AWAY),
                        read.isPresent() ? now(numbers.fine(read.getAsDouble())) : "")
                .known(
                        card.words(rises ? "plane" : "wedge"),
                        numbers.fineBoth(rises ? extension.rises() : extension.wedge()),
                        known(Derived.WEDGE),
                        card.words(rises ? "at-its-end" : "nothing-at-joint"))
                .card(rises ? card.words("rises") : "");
    }

    /** What would make the heel cut better known: the reading that dominates, and a better tool for it. */
    private String worthMeasuring(CardWriter card) {
        Optional<Uncertainty.Estimate> cut = uncertainty.of(Derived.HEEL_CUT);
        if (cut.isEmpty() || cut.get().dominating().isEmpty()) {
            return "";
        }
        Reading reading = cut.get().dominating().get();
        Tool tool = job.visit().tool(reading);
        double gain = cut.get().gain(tool, Tool.DIAL);
        return card.words(
                gain >= WORTH_GAIN ? "worth-dial" : "worth",
                Words.full(reading).toLowerCase(Locale.ROOT),
                Words.label(tool),
                Numbers.decimals(gain, 1));
    }

    private String change(double by) {
        if (Math.abs(by) < Tolerances.SHOWN) {
            return Words.text("plan.as-it-is");
        }
        return Words.text(by < 0 ? "plan.off" : "plan.more").replace("{0}", numbers.length(Math.abs(by)));
    }

    private ShopStandards shop() {
        return dossier.shop();
    }

    private Uncertainty.Estimate known(Derived figure) {
        return uncertainty.of(figure).orElse(Uncertainty.Estimate.NONE);
    }
}
