package org.kestan.judgment.verdict;

import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;

/**
 * What the truss rod is asked for, from a given relief.
 *
 * @param gap the relief, mm
 * @param aim the relief to set, mm
 * @param inWindow whether the relief lies in the shop's window
 * @param asked whether the job asks for another relief than this
 * @param state the rod as far as it was tried
 */
public record RodAdjustment(double gap, double aim, boolean inWindow, boolean asked, Optional<TrussRod> state) {

    /**
     * What the rod is asked for on an instrument as it is set up. Where the job does not say which relief, the rod goes no
     * farther than the near edge of the shop's window if the action is right there and not in its middle (§6).
     */
    public static RodAdjustment at(Setup setup, Job job, ShopStandards shop) {
        RodAdjustment middle = at(setup.reliefGap(), job, shop);
        Targets wanted = Targets.of(job, shop);
        if (middle.inWindow || wanted.reliefSaid() || !middle.can()) {
            return middle;
        }
        double edge = shop.get(middle.tightens() ? Standard.RELIEF_MOST : Standard.RELIEF_LEAST);
        double reach = shop.get(Standard.ACTION_REACH);
        boolean enough = setup.afterRelief(edge).meets(wanted.action(), reach)
                && !setup.afterRelief(middle.aim).meets(wanted.action(), reach);
        return enough ? new RodAdjustment(middle.gap, edge, false, middle.asked, middle.state) : middle;
    }

    /** What the rod is asked for on a job's instrument at a relief. */
    public static RodAdjustment at(double gap, Job job, ShopStandards shop) {
        Targets wanted = Targets.of(job, shop);
        boolean inWindow = gap >= shop.get(Standard.RELIEF_LEAST) - Tolerances.ARITHMETIC
                && gap <= shop.get(Standard.RELIEF_MOST) + Tolerances.ARITHMETIC;
        boolean asked = wanted.reliefSaid() && Math.abs(gap - wanted.relief()) > Tolerances.LEAF;
        return new RodAdjustment(gap, wanted.relief(), inWindow, asked, job.get(Lines.TRUSS_ROD));
    }

    /** Tells whether the relief is to be changed at all. */
    public boolean needed() {
        return !inWindow || asked;
    }

    /** Tells whether relief has to come out of the neck. */
    public boolean tightens() {
        return gap > aim;
    }

    /** Tells whether the rod can do it; one that was not tried may. */
    public boolean can() {
        return state.map(TrussRod::canSet).orElse(true);
    }

    /** The setup once the rod has done what it is asked for and can. */
    public static Setup set(Setup from, Job job, ShopStandards shop) {
        RodAdjustment rod = at(from, job, shop);
        boolean read = job.visit().knowsRelief();
        return read && rod.needed() && rod.can() ? from.afterRelief(rod.aim()) : from;
    }
}
