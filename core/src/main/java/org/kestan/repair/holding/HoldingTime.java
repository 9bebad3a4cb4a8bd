package org.kestan.repair.holding;

import java.time.LocalDate;
import java.util.Collection;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Way;

/**
 * How long an instrument can be kept in spec after a repair, with the saddle or the bridge coming down as it folds,
 * and what that costs per year (§3.24).
 *
 * @param until the year the action is out of spec with nothing left to take
 * @param from the earliest such year, 8 in 10
 * @param to the latest such year, 8 in 10
 * @param pricePerYear in the shop's currency
 * @param farthest the horizon: a year equal to this one may stand for any later one
 */
public record HoldingTime(int until, int from, int to, double pricePerYear, int farthest) {

    /** Nobody plans farther ahead. */
    private static final double FARTHEST_YEARS = 60;

    /** A repair that holds for less costs its whole price. */
    private static final double LEAST_YEARS = 1;

    /**
     * Works it out.
     *
     * @param after the setup once the repair is done
     * @param by the ways that lead there
     * @param cost what they cost
     * @param done the day it is done
     */
    public static HoldingTime of(
            Job job, ShopStandards shop, Growth growth, Setup after, Collection<Way> by, double cost, LocalDate done) {
        double allowance = allowance(job, shop, after);
        boolean settles = by.stream().anyMatch(way -> way.has(Effect.CUTS_HEEL) || way.has(Effect.CHANGES_STRINGS));
        double slowing = settles ? shop.get(Standard.GROWTH_SLOWING) : Double.POSITIVE_INFINITY;
        double years = years(allowance, growth.usual(), slowing);
        return new HoldingTime(
                year(done, years),
                year(done, years(allowance, growth.most(), slowing)),
                year(done, years(allowance, growth.least(), slowing)),
                cost / Math.max(LEAST_YEARS, years),
                year(done, FARTHEST_YEARS));
    }

    /**
     * How much the action may still rise at fret 12: up to the limit of spec, and by what saddle or bridge can take
     * back, mm.
     */
    private static double allowance(Job job, ShopStandards shop, Setup after) {
        double limit = shop.get(Standard.ACTION_OUT_OF_SPEC, job.family());
        Sides<Double> action = after.action();
        double room = limit - Math.max(action.bass(), action.treble());
        double reserve = after.protrusion()
                .map(out -> Math.min(out.bass(), out.treble()) - SaddleReserve.least(after, shop))
                .orElseGet(() -> {
                    OptionalDouble lowest = job.millimeters(Reading.BRIDGE_LOWEST);
                    return lowest.isPresent() ? after.supportHeight() - lowest.getAsDouble() : 0;
                });
        double leverage = after.basis().saddle() / after.basis().actionAt();
        return Math.max(0, room + Math.max(0, reserve) / leverage);
    }

    /**
     * Years until the action has risen by an amount: linearly, or with the logarithm of the years, {@code r·τ·ln(1 +
     * t/τ)}.
     *
     * @param slowing τ, years; infinite for evenly
     */
    static double years(double allowance, double growth, double slowing) {
        if (growth < Tolerances.ARITHMETIC) {
            return FARTHEST_YEARS;
        }
        double even = allowance / growth;
        double years = Double.isInfinite(slowing) ? even : slowing * Math.expm1(even / slowing);
        return Math.min(FARTHEST_YEARS, years);
    }

    private static int year(LocalDate done, double years) {
        return done.plusDays(Math.round(years * 365.25)).getYear();
    }
}
