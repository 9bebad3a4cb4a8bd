package org.kestan.judgment.verdict;

import java.util.Optional;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.Pluck;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;

/**
 * The adjustment needed from the truss rod, from a given relief.
 *
 * @param gap the relief, mm
 * @param aim the relief to set, mm
 * @param inWindow whether the relief lies in the shop's window
 * @param clean whether it plays clean with less relief than that window asks for, and the shop leaves such a neck alone
 * @param asked whether the job asks for another relief than this
 * @param state the state of the rod, as far as it was tried
 */
public record RodAdjustment(
        double gap, double aim, boolean inWindow, boolean clean, boolean asked, Optional<TrussRod> state) {

    /**
     * The adjustment needed from the rod on an instrument as it is set up. If the job does not specify a relief, the
     * rod goes no farther than the near edge of the shop's window if the action is right there and not in its middle
     * (§6).
     */
    public static RodAdjustment at(Setup setup, Job job, ShopStandards shop) {
        RodAdjustment middle = at(setup.reliefGap(), job, shop);
        Targets wanted = Targets.of(job, shop);
        if (middle.inWindow || wanted.reliefSaid()) {
            return middle;
        }
        if (!middle.tightens() && shop.holds(School.CLEAN_STAYS) && playsClean(setup, wanted, job, shop)) {
            return new RodAdjustment(middle.gap, middle.aim, false, true, false, middle.state);
        }
        if (!middle.can()) {
            return middle;
        }
        double edge = shop.get(middle.tightens() ? Standard.RELIEF_MOST : Standard.RELIEF_LEAST);
        double reach = shop.get(Standard.ACTION_REACH);
        boolean enough = setup.afterRelief(edge).meets(wanted.action(), reach)
                && !setup.afterRelief(middle.aim).meets(wanted.action(), reach);
        return enough ? new RodAdjustment(middle.gap, edge, false, false, middle.asked, middle.state) : middle;
    }

    /**
     * Whether nothing buzzes at the target action with the present relief (§3.22); unknown without both outer strings.
     */
    private static boolean playsClean(Setup setup, Targets wanted, Job job, ShopStandards shop) {
        Setup there = setup.afterSaddleRaised(setup.crownRiseFor(wanted.action()));
        return StringLoads.of(job, shop)
                .map(loads -> Swing.of(
                        there,
                        loads,
                        FretCrowns.of(there, job, FretCrowns.fall(job)),
                        Pluck.of(job, StringClearance.hand(job), shop)))
                .filter(Swing::knowsBothSides)
                .flatMap(Swing::worst)
                .filter(worst -> worst.least().clearance() >= -shop.get(Standard.SWING_TOUCH))
                .isPresent();
    }

    /** The adjustment needed from the rod on a job's instrument at a given relief. */
    public static RodAdjustment at(double gap, Job job, ShopStandards shop) {
        Targets wanted = Targets.of(job, shop);
        boolean inWindow = gap >= shop.get(Standard.RELIEF_LEAST) - Tolerances.ARITHMETIC
                && gap <= shop.get(Standard.RELIEF_MOST) + Tolerances.ARITHMETIC;
        boolean asked = wanted.reliefSaid() && Math.abs(gap - wanted.relief()) > Tolerances.LEAF;
        return new RodAdjustment(gap, wanted.relief(), inWindow, false, asked, job.get(Lines.TRUSS_ROD));
    }

    /** Returns whether the relief has to change at all. */
    public boolean needed() {
        return !inWindow && !clean || asked;
    }

    /** Returns whether relief has to come out of the neck. */
    public boolean tightens() {
        return gap > aim;
    }

    /** Returns whether the rod can do it; one that was not tried may. */
    public boolean can() {
        return state.map(TrussRod::canSet).orElse(true);
    }

    /** The setup after the rod has done what is needed and possible. */
    public static Setup set(Setup from, Job job, ShopStandards shop) {
        RodAdjustment rod = at(from, job, shop);
        boolean read = job.visit().knowsRelief();
        return read && rod.needed() && rod.can() ? from.afterRelief(rod.aim()) : from;
    }
}
