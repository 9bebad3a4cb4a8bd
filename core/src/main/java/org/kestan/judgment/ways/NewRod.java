package org.kestan.judgment.ways;

import java.util.ArrayList;
import java.util.List;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.RodAdjustment;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** A new truss rod under the board, if the old one is dead or at its end, or if there never was one. */
final class NewRod extends Way {

    private static final Finding.Kind RIGHT = Finding.kind("way.new-rod.right", Distance.class);
    private static final Finding.Kind ROD_CAN = Finding.kind("way.new-rod.rod-can");
    private static final Finding.Kind SETS = Finding.kind("way.new-rod.sets", Distance.class, Said.class);
    private static final Finding.Kind OR_ON_THE_BOARD = Finding.kind("way.new-rod.or-on-the-board");

    NewRod() {
        super(WayTraits.of("new-rod", Stage.RELIEF, Role.ALONE)
                .irreversible()
                .costs(Standard.HOURS_ROD_NEW, Standard.PRICE_ROD, Standard.HOURS_REFRET, Standard.PRICE_FRET_SET)
                .does(Effect.OPENS_BOARD)
                .mends(GateId.RELIEF));
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        RodAdjustment rod = RodAdjustment.at(from, about.job(), about.shop());
        Distance now = Quantity.fine(from.reliefGap());
        if (!rod.needed()) {
            return noNeed(from, RIGHT.of(now));
        }
        if (rod.can()) {
            return noNeed(from, ROD_CAN.of());
        }
        Setup after = from.afterRelief(rod.aim());
        List<Finding> reasons = new ArrayList<>();
        reasons.add(SETS.of(Quantity.fine(rod.aim()), JudgmentContext.action(after)));
        if (about.job().get(Lines.TRUSS_ROD).filter(TrussRod.NONE::equals).isEmpty()) {
            reasons.add(OR_ON_THE_BOARD.of());
        }
        Outcome can = can(after, reasons);
        return about.collectible() ? can.asNot(WayFinding.COLLECTIBLE_NOTHING_CUT.of()) : can;
    }
}
