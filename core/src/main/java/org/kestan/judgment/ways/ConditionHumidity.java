package org.kestan.judgment.ways;

import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Percent;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.WayBefore;
import org.kestan.judgment.way.WayFinding;

/** Conditioning the instrument at the right humidity. */
final class ConditionHumidity extends WayBefore {

    private static final Finding.Kind READ = Finding.kind("way.condition.read");
    private static final Finding.Kind RIGHT = Finding.kind("way.condition.right", Percent.class);
    private static final Finding.Kind DAYS =
            Finding.kind("way.condition.days", Percent.class, Percent.class, Percent.class);

    ConditionHumidity() {
        super("condition", GateId.SOUNDNESS, Standard.HOURS_CONDITION);
    }

    @Override
    public boolean comesFirst(JudgmentContext context) {
        return context.dryOrDamp();
    }

    @Override
    protected Outcome judge(JudgmentContext about) {
        Optional<Double> humidity = about.job().get(Lines.HUMIDITY);
        if (humidity.isEmpty()) {
            return unknown(READ.of());
        }
        Percent now = new Percent(humidity.get());
        if (!about.dryOrDamp()) {
            return noNeed(RIGHT.of(now));
        }
        return can(
                DAYS.of(
                        now,
                        new Percent(about.shop(Standard.HUMIDITY_LEAST)),
                        new Percent(about.shop(Standard.HUMIDITY_MOST))),
                WayFinding.FIGURES_OF_TODAY.of());
    }
}
