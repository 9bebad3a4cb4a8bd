package org.kestan.judgment.ways;

import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Percent;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.TargetReset;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/**
 * Shaving the braces for a freer top. A brace's stiffness varies with the cube of its height (Euler-Bernoulli beam,
 * any mechanics textbook): the body folds further by as much as the braces carried, and the action rises with it.
 */
final class ShaveBrace extends Way {

    private static final Finding.Kind RAISES =
            Finding.kind("way.shave-brace.raises", Percent.class, Distance.class, Said.class);
    private static final Finding.Kind ONLY_IF = Finding.kind("way.shave-brace.only-if");

    ShaveBrace() {
        super(WayTraits.of("shave-brace", Stage.BRIDGE, Role.ALONE)
                .irreversible()
                .costs(Standard.HOURS_BRACE));
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        double lower = about.shop(Standard.BRACE_SHAVED) / 100;
        double carried = about.shop(Standard.BRACE_SHARE);
        double softer = 1 / (1 - carried + carried * Math.pow(1 - lower, 3)) - 1;
        double rise = TargetReset.sink(about) * softer;
        Setup after = from.afterBodyFolds(rise);
        Outcome can = can(
                after,
                ONLY_IF.of(),
                RAISES.of(
                        new Percent(about.shop(Standard.BRACE_SHAVED)),
                        Quantity.fine(rise),
                        JudgmentContext.action(after)));
        return about.collectible() ? can.asNot(WayFinding.COLLECTIBLE_NOTHING_CUT.of()) : can;
    }
}
