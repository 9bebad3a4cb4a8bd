package org.kestan.judgment.ways;

import java.util.stream.Stream;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayTraits;

/** Cutting or filling the nut's slots. */
final class CutNut extends Way {

    private static final Finding.Kind RIGHT = Finding.kind("way.nut.right");
    private static final Finding.Kind TO = Finding.kind("way.nut.to", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind UP = Finding.kind("way.nut.up");
    private static final Finding.Kind DOWN = Finding.kind("way.nut.down");

    CutNut() {
        super(WayTraits.of("nut", Stage.NUT, Role.PREPARATION)
                .costs(Standard.HOURS_NUT, Standard.PRICE_NUT)
                .mends(GateId.NUT, GateId.ACTION));
    }

    @Override
    public boolean worthTrying(JudgmentContext context, Setup measured) {
        double low = limit(context, Standard.NUT_LOW);
        double high = limit(context, Standard.NUT_HIGH);
        Sides<Double> nut = measured.nut();
        boolean right = Stream.of(nut.bass(), nut.treble()).allMatch(each -> each >= low && each <= high);
        return !context.met(measured) || !right;
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        Sides<Double> now = from.nut();
        Sides<Double> said = Sides.of(side -> wanted(about, side, now.get(side)));
        Sides<Double> change = said.with(now, (to, is) -> to - is);
        double most = Math.max(Math.abs(change.bass()), Math.abs(change.treble()));
        if (most <= Tolerances.LEAF) {
            return noNeed(from, RIGHT.of());
        }
        Setup after = from.afterNut(said);
        boolean up = change.bass() > Tolerances.LEAF || change.treble() > Tolerances.LEAF;
        return can(
                after,
                TO.of(Quantity.fine(said.bass()), Quantity.fine(said.treble()), JudgmentContext.action(after)),
                (up ? UP : DOWN).of());
    }

    private static double wanted(JudgmentContext about, Side side, double now) {
        boolean right = now <= limit(about, Standard.NUT_HIGH) && now >= limit(about, Standard.NUT_LOW);
        return about.length(Aim.nut(side)).orElse(right ? now : limit(about, Standard.NUT_HEIGHT));
    }

    private static double limit(JudgmentContext about, Standard standard) {
        return about.shop().get(standard, about.job().family());
    }
}
