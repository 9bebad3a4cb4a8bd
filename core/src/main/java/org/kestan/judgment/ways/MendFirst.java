package org.kestan.judgment.ways;

import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.WayBefore;
import org.kestan.judgment.way.WayFinding;

/** Repairing what is loose or cracked through. */
final class MendFirst extends WayBefore {

    private static final Finding.Kind MEND = Finding.kind("way.mend-first.mend", Term.class);
    private static final Finding.Kind FOLDS = Finding.kind("way.mend-first.folds", Distance.class);
    private static final Finding.Kind WITH_THE_NECK = Finding.kind("way.mend-first.with-the-neck");
    private static final Finding.Kind NOT_INSPECTED = Finding.kind("way.mend-first.not-inspected");
    private static final Finding.Kind NOTHING_LOOSE = Finding.kind("way.mend-first.nothing-loose");

    MendFirst() {
        super("mend-first", GateId.SOUNDNESS, Standard.HOURS_MEND, Standard.PRICE_GLUE);
    }

    @Override
    public boolean comesFirst(JudgmentContext context) {
        return context.broken().isPresent() || context.foldsTooFar();
    }

    @Override
    protected Outcome judge(JudgmentContext about) {
        if (about.foldsTooFar()) {
            return can(
                    FOLDS.of(Quantity.length(about.sheetAnalysis()
                            .trajectory()
                            .orElseThrow(Expect.present("complete sheet"))
                            .judgedSink(about.job().visit())
                            .getAsDouble())),
                    WayFinding.FIGURES_OF_TODAY.of());
        }
        if (about.broken().isEmpty() && about.neckComesOff()) {
            return noNeed(WITH_THE_NECK.of());
        }
        return about.broken()
                .map(found -> can(MEND.of(Quantity.term(found.what())), WayFinding.FIGURES_OF_TODAY.of()))
                .orElseGet(() ->
                        noNeed((about.job().visit().observations().isEmpty() ? NOT_INSPECTED : NOTHING_LOOSE).of()));
    }
}
