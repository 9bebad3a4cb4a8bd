package org.kestan.judgement.ways;

import java.util.List;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.finding.Quantity.Distance;
import org.kestan.ground.finding.Quantity.Term;
import org.kestan.ground.standards.Standard;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.WayBefore;
import org.kestan.judgement.way.WayFinding;

/** Mending what is loose or cracked through. */
final class MendFirst extends WayBefore {

    private static final Finding.Kind MEND = Finding.kind("way.mend-first.mend", Term.class);
    private static final Finding.Kind FOLDS = Finding.kind("way.mend-first.folds", Distance.class);
    private static final Finding.Kind WITH_THE_NECK = Finding.kind("way.mend-first.with-the-neck");
    private static final Finding.Kind NOT_INSPECTED = Finding.kind("way.mend-first.not-inspected");
    private static final Finding.Kind NOTHING_LOOSE = Finding.kind("way.mend-first.nothing-loose");

    MendFirst() {
        super("mend-first", List.of(Standard.HOURS_MEND, Standard.PRICE_GLUE));
    }

    @Override
    protected Outcome judge(Case about) {
        if (about.foldsTooFar()) {
            return can(
                    FOLDS.of(Quantity.length(
                            about.reckoning().trajectory().orElseThrow().sink().getAsDouble())),
                    WayFinding.FIGURES_OF_TODAY.of());
        }
        if (about.broken().isEmpty() && about.looseDovetail()) {
            return noNeed(WITH_THE_NECK.of());
        }
        return about.broken()
                .map(found -> can(MEND.of(Quantity.term(found.what())), WayFinding.FIGURES_OF_TODAY.of()))
                .orElseGet(() ->
                        noNeed((about.job().visit().observations().isEmpty() ? NOT_INSPECTED : NOTHING_LOOSE).of()));
    }
}
