package org.kestan.judgement.ways;

import java.util.List;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.standards.Standard;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.WayBefore;
import org.kestan.judgement.way.WayFinding;

/** Gluing a lifted bridge again. */
final class ReglueBridge extends WayBefore {

    private static final Finding.Kind NOT_GLUED = Finding.kind("way.reglue-bridge.not-glued");
    private static final Finding.Kind NOT_LIFTED = Finding.kind("way.reglue-bridge.not-lifted");
    private static final Finding.Kind LIFTED = Finding.kind("way.reglue-bridge.lifted");

    ReglueBridge() {
        super("reglue-bridge", List.of(Standard.HOURS_REGLUE, Standard.PRICE_GLUE));
    }

    @Override
    protected Outcome judge(Case about) {
        if (about.job().floating()) {
            return not(NOT_GLUED.of());
        }
        return about.lifted() ? can(LIFTED.of(), WayFinding.FIGURES_OF_TODAY.of()) : noNeed(NOT_LIFTED.of());
    }
}
