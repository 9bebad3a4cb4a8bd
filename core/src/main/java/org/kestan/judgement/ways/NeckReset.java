package org.kestan.judgement.ways;

import java.util.ArrayList;
import java.util.List;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.finding.Quantity.Money;
import org.kestan.ground.finding.Quantity.Term;
import org.kestan.ground.standards.SchoolQuestion;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Fit;
import org.kestan.judgement.way.Outcome;

/** Taking the neck off and setting it back. */
final class NeckReset extends NeckTurned {

    private static final Finding.Kind THROUGH = Finding.kind("way.neck-reset.through");
    private static final Finding.Kind FLAT_POCKET = Finding.kind("way.neck-reset.flat-pocket");
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
    public Outcome take(Case about, Setup from) {
        if (about.joined(Joint.THROUGH)) {
            return not(THROUGH.of());
        }
        Outcome turned = turned(about, from);
        boolean bolted = about.joined(Joint.MORTISE_BOLT, Joint.POCKET_BOLT);
        return bolted && turned.fit() != Fit.NO_NEED
                ? turned.asNot((about.joined(Joint.MORTISE_BOLT) ? BOLTED : FLAT_POCKET).of())
                : turned;
    }

    @Override
    List<Finding> more(Case about) {
        List<Finding> more = new ArrayList<>();
        if (about.job().get(Lines.JOINT).isEmpty() || about.joined(Joint.UNKNOWN)) {
            more.add(FIND_JOINT.of());
        }
        if (about.looseDovetail()) {
            more.add(LOOSE_COMES_OFF.of());
        } else if (about.joined(Joint.DOVETAIL)) {
            more.add(RELEASED_BY.of(Quantity.term(about.shop().school(SchoolQuestion.RELEASE))));
        }
        switch (about.worth()) {
            case NO ->
                more.add(COSTS_MORE.of(
                        new Money(about.shop().cost(ShopStandards.RESET)),
                        new Money(about.job().get(Lines.VALUE).orElseThrow())));
            case ASK -> more.add(TALK_IT_OVER.of());
            case UNKNOWN -> more.add(SAY_VALUE.of());
            case YES -> {
                // Nothing to add: it is worth it.
            }
        }
        return more;
    }
}
