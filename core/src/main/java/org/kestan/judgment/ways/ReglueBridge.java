package org.kestan.judgment.ways;

import org.kestan.base.finding.Finding;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.WayBefore;
import org.kestan.judgment.way.WayFinding;

/** Gluing a lifted bridge again. */
final class ReglueBridge extends WayBefore {

    private static final Finding.Kind NOT_GLUED = Finding.kind("way.reglue-bridge.not-glued");
    private static final Finding.Kind NOT_LIFTED = Finding.kind("way.reglue-bridge.not-lifted");
    private static final Finding.Kind LIFTED = Finding.kind("way.reglue-bridge.lifted");

    ReglueBridge() {
        super("reglue-bridge", GateId.SOUNDNESS, Standard.HOURS_REGLUE, Standard.PRICE_GLUE);
    }

    @Override
    public boolean comesFirst(JudgmentContext context) {
        return context.lifted();
    }

    @Override
    protected Outcome judge(JudgmentContext about) {
        if (about.job().floating()) {
            return not(NOT_GLUED.of());
        }
        return about.lifted() ? can(LIFTED.of(), WayFinding.FIGURES_OF_TODAY.of()) : noNeed(NOT_LIFTED.of());
    }
}
