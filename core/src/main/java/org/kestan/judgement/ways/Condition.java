package org.kestan.judgement.ways;

import java.util.List;
import java.util.Optional;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity.Percent;
import org.kestan.ground.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.WayBefore;
import org.kestan.judgement.way.WayFinding;

/** Bringing the instrument into the right air. */
final class Condition extends WayBefore {

    private static final Finding.Kind READ = Finding.kind("way.condition.read");
    private static final Finding.Kind RIGHT = Finding.kind("way.condition.right", Percent.class);
    private static final Finding.Kind DAYS =
            Finding.kind("way.condition.days", Percent.class, Percent.class, Percent.class);

    Condition() {
        super("condition", List.of(Standard.HOURS_CONDITION));
    }

    @Override
    protected Outcome judge(Case about) {
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
