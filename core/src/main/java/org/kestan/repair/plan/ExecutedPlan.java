package org.kestan.repair.plan;

import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Sides;
import org.kestan.judgment.way.Effect;

/**
 * A plan carried out by its numbers on an instrument that differs slightly from what was read, and the resulting
 * action. It shows how well a predicted action is known.
 */
final class ExecutedPlan {

    private ExecutedPlan() {}

    /**
     * Carries out a plan: the relief set, the nut, saddle and bridge changed by the planned amounts, the neck turned
     * by the planned angle.
     *
     * @param told the plan
     * @param on the instrument, one whose trajectory is known
     */
    static Setup on(WorkPlan told, SheetAnalysis on) {
        Setup before = told.measured().orElseThrow(Expect.present("measured setup"));
        Setup after = told.planned().orElseThrow(Expect.present("planned setup"));
        Setup relievedAsTold = told.relieved().orElseThrow(Expect.present("relieved setup"));
        Setup there = relieved(told, on.measured().orElseThrow(Expect.present("measured setup")), before, after);
        Sides<Double> slots = after.strings().with(relievedAsTold.strings(), (then, now) -> then.atNut() - now.atNut());
        Sides<Double> crowns = crowns(after, relievedAsTold, after.rotation());
        Setup turned = there.afterNeckTurned(after.rotation());
        return turned.withStrings(turned.strings()
                .with(
                        slots,
                        (line, slot) -> line.shifted(slot, 0, turned.basis().saddle()))
                .with(
                        crowns,
                        (line, rise) -> line.shifted(0, rise, turned.basis().saddle())));
    }

    private static Setup relieved(WorkPlan told, Setup measured, Setup before, Setup after) {
        double change = after.reliefGap() - before.reliefGap();
        if (change == 0) {
            return measured;
        }
        double gap = measured.reliefGap() + change;
        return told.has(Effect.PLANES_BOARD) ? measured.afterBoardPlaned(gap) : measured.afterRelief(after.reliefGap());
    }

    /** What saddle and bridge change on each side beyond what turning the neck does. */
    private static Sides<Double> crowns(Setup after, Setup relieved, Angle turned) {
        Setup neckAlone = relieved.afterNeckTurned(turned);
        return after.crown().with(neckAlone.crown(), (then, now) -> then - now);
    }
}
