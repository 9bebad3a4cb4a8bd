package org.kestan.judgment.ways;

import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.standards.School;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.RodAdjustment;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayTraits;

/** Setting the relief with the truss rod. */
final class TurnRod extends Way {

    private static final Finding.Kind RIGHT = Finding.kind("way.truss-rod.right", Distance.class);
    private static final Finding.Kind COMES =
            Finding.kind("way.truss-rod.comes", Distance.class, Distance.class, Said.class);
    private static final Finding.Kind CANNOT =
            Finding.kind("way.truss-rod.cannot", Term.class, Distance.class, Distance.class);
    private static final Finding.Kind SLACKENED = Finding.kind("way.truss-rod.slackened");
    private static final Finding.Kind TUNED = Finding.kind("way.truss-rod.tuned");
    private static final Finding.Kind TRY_FIRST = Finding.kind("way.truss-rod.try-first", Said.class);

    TurnRod() {
        super(WayTraits.of("truss-rod", Stage.RELIEF, Role.PREPARATION)
                .costs(Standard.HOURS_ROD)
                .does(Effect.KEEPS_STRINGS_ON)
                .mends(GateId.RELIEF, GateId.ACTION));
    }

    @Override
    public boolean worthTrying(JudgmentContext context, Setup measured) {
        RodAdjustment rod = RodAdjustment.at(measured, context.job(), context.shop());
        // A requested relief is work to do, even if the action is right (§6).
        return rod.needed();
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        RodAdjustment rod = RodAdjustment.at(from, about.job(), about.shop());
        Distance now = Quantity.fine(from.reliefGap());
        Distance aim = Quantity.fine(rod.aim());
        if (!rod.needed()) {
            return noNeed(from, RIGHT.of(now));
        }
        if (!rod.can()) {
            return not(CANNOT.of(Quantity.term(rod.state().orElseThrow(Expect.present("state of the rod"))), now, aim));
        }
        Setup after = from.afterRelief(rod.aim());
        Finding comes = COMES.of(now, aim, JudgmentContext.action(after));
        Finding how = (about.shop().holds(School.ROD_SLACKENED) ? SLACKENED : TUNED).of();
        return rod.state().isEmpty() ? can(after, comes, TRY_FIRST.of(new Said(how))) : can(after, comes, how);
    }
}
