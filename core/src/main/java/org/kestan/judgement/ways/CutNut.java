package org.kestan.judgement.ways;

import java.util.List;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.finding.Quantity.Distance;
import org.kestan.ground.finding.Quantity.Said;
import org.kestan.ground.geometry.Tolerances;
import org.kestan.ground.sheet.Aim;
import org.kestan.ground.sheet.Side;
import org.kestan.ground.sheet.Sides;
import org.kestan.ground.standards.Standard;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.Stage;
import org.kestan.judgement.way.Way;

/** Cutting or filling the nut's slots. */
final class CutNut extends Way {

    private static final Finding.Kind RIGHT = Finding.kind("way.nut.right");
    private static final Finding.Kind TO = Finding.kind("way.nut.to", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind UP = Finding.kind("way.nut.up");
    private static final Finding.Kind DOWN = Finding.kind("way.nut.down");

    CutNut() {
        super("nut", Stage.NUT, true, List.of(Standard.HOURS_NUT, Standard.PRICE_NUT));
    }

    @Override
    public Outcome take(Case about, Setup from) {
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
                TO.of(Quantity.fine(said.bass()), Quantity.fine(said.treble()), Case.action(after)),
                (up ? UP : DOWN).of());
    }

    private static double wanted(Case about, Side side, double now) {
        boolean right = now <= limit(about, Standard.NUT_HIGH) && now >= limit(about, Standard.NUT_LOW);
        return about.length(Aim.nut(side)).orElse(right ? now : limit(about, Standard.NUT_HEIGHT));
    }

    private static double limit(Case about, Standard standard) {
        return about.shop().get(standard, about.job().family());
    }
}
