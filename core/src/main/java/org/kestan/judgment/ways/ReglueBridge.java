package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.sheet.Row;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.LiftPlace;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.WayBefore;
import org.kestan.judgment.way.WayFinding;

/** Regluing a lifted bridge. */
final class ReglueBridge extends WayBefore {

    private static final Finding.Kind NOT_GLUED = Finding.kind("way.reglue-bridge.not-glued");
    private static final Finding.Kind NOT_LIFTED = Finding.kind("way.reglue-bridge.not-lifted");
    private static final Finding.Kind LIFTS_AT = Finding.kind("way.reglue-bridge.lifts-at", Term.class, Distance.class);
    private static final Finding.Kind GOES_IN =
            Finding.kind("way.reglue-bridge.goes-in", Term.class, Distance.class, Distance.class);
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
        if (!about.lifted()) {
            return noNeed(NOT_LIFTED.of());
        }
        List<Finding> reasons = new ArrayList<>();
        reasons.add(LIFTED.of());
        for (Row row : about.job().get(Lines.BRIDGE_LIFT_AT).orElse(List.of())) {
            Quantity where = Quantity.term(row.choice("where", LiftPlace.class).orElseThrow(Expect.present("place")));
            Quantity leaf = Quantity.fine(row.millimeters("leaf"));
            reasons.add(
                    row.has("depth")
                            ? GOES_IN.of(where, leaf, Quantity.length(row.millimeters("depth")))
                            : LIFTS_AT.of(where, leaf));
        }
        reasons.add(WayFinding.FIGURES_OF_TODAY.of());
        return can(reasons.toArray(Finding[]::new));
    }
}
