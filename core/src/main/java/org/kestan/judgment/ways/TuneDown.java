package org.kestan.judgment.ways;

import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Count;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Percent;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/**
 * Tuning down lets the body rise by the share of its sink that the load decreases. The relief, which decreases as
 * well, is left alone, because nothing on the sheet tells by how much.
 */
final class TuneDown extends Way {

    private static final Finding.Kind TAKES =
            Finding.kind("way.tune-down.takes", Count.class, Percent.class, Distance.class, Said.class);
    private static final Finding.Kind SINK_READ = Finding.kind("way.tune-down.sink-read");
    private static final Finding.Kind SINK_USUAL = Finding.kind("way.tune-down.sink-usual");

    TuneDown() {
        super(WayTraits.of("tune-down", Stage.NECK, Role.ALONE)
                .costs(Standard.HOURS_STRINGS, Standard.PRICE_STRINGS)
                .does(Effect.SLACKENS_STRINGS, Effect.KEEPS_STRINGS_ON)
                .mends(GateId.ACTION));
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (about.over(from) <= about.shop(Standard.ACTION_REACH)) {
            return noNeed(from, WayFinding.ACTION_NOT_TOO_HIGH.of());
        }
        double steps = about.shop(Standard.TUNE_DOWN);
        double share = 1 - Math.pow(2, -steps / 6);
        OptionalDouble read = about.sheetAnalysis()
                .trajectory()
                .orElseThrow(Expect.present("complete sheet"))
                .sink();
        double rise = about.sink() * share;
        Setup after = from.afterTunedDown(steps, rise);
        return can(
                after,
                TAKES.of(
                        Quantity.count(Math.round(steps)),
                        new Percent(share * 100),
                        Quantity.fine(rise),
                        JudgmentContext.action(after)),
                (read.isPresent() ? SINK_READ : SINK_USUAL).of());
    }
}
