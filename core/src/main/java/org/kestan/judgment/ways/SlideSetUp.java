package org.kestan.judgment.ways;

import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.PlayingStyle;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayTraits;

/** A raised nut for playing with a slide. */
final class SlideSetUp extends Way {

    private static final Finding.Kind HIGH_ENOUGH = Finding.kind("way.slide.high-enough");
    private static final Finding.Kind PLAYED = Finding.kind("way.slide.played");
    private static final Finding.Kind ONLY_IF = Finding.kind("way.slide.only-if");
    private static final Finding.Kind RAISED = Finding.kind("way.slide.raised", Distance.class, Said.class);

    SlideSetUp() {
        super(WayTraits.of("slide", Stage.NUT, Role.ALONE).costs(Standard.HOURS_SLIDE, Standard.PRICE_NUT));
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        double height = about.shop(Standard.ACTION_SLIDE);
        if (Math.min(from.nut().bass(), from.nut().treble()) >= height) {
            return noNeed(from, HIGH_ENOUGH.of());
        }
        Setup after = from.afterNut(new Sides<>(height, height));
        boolean plays =
                about.job().get(Lines.STYLE).filter(PlayingStyle.SLIDE::equals).isPresent();
        return can(
                after,
                (plays ? PLAYED : ONLY_IF).of(),
                RAISED.of(Quantity.length(height), JudgmentContext.action(after)));
    }
}
