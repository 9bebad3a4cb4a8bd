package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.List;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Money;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Suitability;

/** Taking the neck off and resetting it. */
final class NeckReset extends NeckAngleWay {

    private static final Finding.Kind THROUGH = Finding.kind("way.neck-reset.through");
    private static final Finding.Kind FLAT_POCKET = Finding.kind("way.neck-reset.flat-pocket");
    private static final Finding.Kind HAS_SCREW = Finding.kind("way.neck-reset.has-screw");
    private static final Finding.Kind BOLTED = Finding.kind("way.neck-reset.bolted");
    private static final Finding.Kind LOOSE_COMES_OFF = Finding.kind("way.neck-reset.loose-comes-off");
    private static final Finding.Kind FIND_JOINT = Finding.kind("way.neck-reset.find-joint");
    private static final Finding.Kind RELEASED_BY = Finding.kind("way.neck-reset.released-by", Term.class);
    private static final Finding.Kind COSTS_MORE = Finding.kind("way.neck-reset.costs-more", Money.class, Money.class);
    private static final Finding.Kind TALK_IT_OVER = Finding.kind("way.neck-reset.talk-it-over");
    private static final Finding.Kind SAY_VALUE = Finding.kind("way.neck-reset.say-value");

    NeckReset() {
        super("neck-reset", ShopStandards.RESET);
    }

    @Override
    public boolean fitsJoint(Job job) {
        return !job.joined(Joint.THROUGH, Joint.POCKET_BOLT, Joint.MORTISE_BOLT, Joint.TILT_SCREW);
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (about.joined(Joint.THROUGH)) {
            return not(THROUGH.of());
        }
        Outcome turned = turned(about, from);
        boolean bolted = about.joined(Joint.MORTISE_BOLT, Joint.POCKET_BOLT, Joint.TILT_SCREW);
        return bolted && turned.fit() != Suitability.NO_NEED
                ? turned.asNot((about.joined(Joint.TILT_SCREW)
                                ? HAS_SCREW
                                : about.joined(Joint.MORTISE_BOLT) ? BOLTED : FLAT_POCKET)
                        .of())
                : turned;
    }

    @Override
    List<Finding> more(JudgmentContext about) {
        List<Finding> more = new ArrayList<>();
        if (about.job().get(Lines.JOINT).isEmpty() || about.joined(Joint.UNKNOWN)) {
            more.add(FIND_JOINT.of());
        }
        if (about.neckComesOff()) {
            more.add(LOOSE_COMES_OFF.of());
        } else if (about.joined(Joint.DOVETAIL)) {
            more.add(RELEASED_BY.of(Quantity.term(about.shop().school(SchoolQuestion.RELEASE))));
        }
        switch (about.worth()) {
            case NO ->
                more.add(COSTS_MORE.of(
                        new Money(about.shop().cost(ShopStandards.RESET)),
                        new Money(about.job().get(Lines.VALUE).orElseThrow(Expect.present("value")))));
            case ASK -> more.add(TALK_IT_OVER.of());
            case UNKNOWN -> more.add(SAY_VALUE.of());
            case YES -> {
                // No further remark: it is worth it.
            }
        }
        return more;
    }
}
