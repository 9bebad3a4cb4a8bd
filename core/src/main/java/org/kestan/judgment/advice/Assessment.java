package org.kestan.judgment.advice;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayKind;

/**
 * A way judged for one instrument.
 *
 * @param way which
 * @param fit whether it is for this instrument
 * @param reasons why, the weightiest first
 * @param predicted the instrument afterward; empty if the sheet is not complete enough or the way can't be taken
 * @param reaches whether the target action is reached
 * @param reversible whether it can be undone
 * @param kind how heavy it is
 * @param outOfTolerance the chance that the action ends out of tolerance, 0 to 1; empty if the outcome is unknown, or
 *     for a step of several
 * @param price what it costs
 * @param spent what it takes of the instrument's reserves
 */
public record Assessment(
        Way way,
        Suitability fit,
        List<Finding> reasons,
        Optional<StrungSetup> predicted,
        boolean reaches,
        boolean reversible,
        WayKind kind,
        OptionalDouble outOfTolerance,
        Price price,
        List<MaterialUsed> spent) {

    /**
     * What a way costs, in the shop's currency.
     *
     * @param hours hours of work
     * @param parts price of the parts
     * @param cost hours at the shop's rate, and parts
     */
    public record Price(double hours, double parts, double cost) {

        static Price of(List<Standard> prices, ShopStandards shop) {
            return new Price(shop.hours(prices), shop.parts(prices), shop.cost(prices));
        }
    }

    /** Takes unmodifiable copies. */
    public Assessment {
        reasons = List.copyOf(reasons);
        spent = List.copyOf(spent);
    }

    /** The same with a chance of missing. */
    Assessment withOutOfTolerance(OptionalDouble chance) {
        return new Assessment(way, fit, reasons, predicted, reaches, reversible, kind, chance, price, spent);
    }

    /** Returns whether it can be done here and leads somewhere. */
    public boolean possible() {
        return fit == Suitability.POSSIBLE;
    }
}
