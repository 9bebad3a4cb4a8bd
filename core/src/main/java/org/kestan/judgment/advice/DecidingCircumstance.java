package org.kestan.judgment.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;

/**
 * A circumstance that would change a recommendation.
 *
 * @param condition which
 * @param then what the shop would do then
 */
public record DecidingCircumstance(Finding condition, Recommendation then) {

    private record WhatIf(AdviceFinding condition, UnaryOperator<Job> change) {}

    /**
     * What would change a recommendation: each circumstance is put into the job and the whole judged again.
     *
     * @return those circumstances under which the ways differ
     */
    public static List<DecidingCircumstance> of(Recommendation now, SheetAnalysis sheetAnalysis) {
        double cost = sheetAnalysis.standards().cost(ShopStandards.RESET);
        List<WhatIf> circumstances = List.of(
                new WhatIf(AdviceFinding.IF_HANDMADE, job -> job.with(Lines.HANDMADE, true)),
                new WhatIf(AdviceFinding.IF_COLLECTIBLE, job -> job.with(Lines.COLLECTIBLE, true)),
                new WhatIf(AdviceFinding.IF_WORTH_LESS, job -> plain(job).with(Lines.VALUE, cost / 2)),
                new WhatIf(AdviceFinding.IF_WORTH_MORE, job -> plain(job).with(Lines.VALUE, cost * 10)),
                new WhatIf(AdviceFinding.IF_FLAT_POCKET, job -> job.with(Lines.JOINT, Joint.POCKET_BOLT)),
                new WhatIf(AdviceFinding.IF_ROD_WORKED, job -> job.with(Lines.TRUSS_ROD, TrussRod.WORKS)),
                new WhatIf(AdviceFinding.IF_ROD_DEAD, job -> job.with(Lines.TRUSS_ROD, TrussRod.DEAD)));
        List<DecidingCircumstance> changes = new ArrayList<>();
        for (WhatIf each : circumstances) {
            Job changed = each.change().apply(sheetAnalysis.job());
            Recommendation then = Recommendation.brief(Ways.of(SheetAnalysis.of(changed, sheetAnalysis.standards())));
            if (!then.ways().equals(now.ways())) {
                changes.add(new DecidingCircumstance(each.condition().of(), then));
            }
        }
        return List.copyOf(changes);
    }

    /** Value decides only if nothing else protects the instrument. */
    private static Job plain(Job job) {
        return job.with(Lines.COLLECTIBLE, false);
    }
}
