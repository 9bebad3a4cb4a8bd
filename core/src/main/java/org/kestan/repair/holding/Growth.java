package org.kestan.repair.holding;

import java.time.LocalDate;
import java.util.Optional;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.repair.history.History;
import org.kestan.repair.history.Trend;

/**
 * How fast the action rises as the body folds, mm per year at fret 12, with the band that holds 8 in 10.
 *
 * @param usual what is most likely, not negative
 * @param least the lower end of the band, not negative
 * @param most the upper end
 */
public record Growth(double usual, double least, double most) {

    /** The half-width of 80 % in half-widths of 95 %, both of a normal distribution. */
    private static final double EIGHTY = 1.2816 / 1.96;

    /** From this instrument's own visits if they show it, or else the shop's usual rate. */
    public static Growth of(Job job, ShopStandards shop) {
        return Optional.ofNullable(History.of(job, shop).trends().get(History.Quantity.ACTION))
                .filter(Trend::moves)
                .map(Growth::of)
                .filter(own -> own.usual > 0)
                .orElseGet(() -> new Growth(
                        shop.get(Standard.GROWTH), shop.get(Standard.GROWTH_LEAST), shop.get(Standard.GROWTH_MOST)));
    }

    private static Growth of(Trend trend) {
        LocalDate last = trend.points().get(trend.points().size() - 1).day();
        LocalDate later = last.plusYears(1);
        double slope = trend.at(later) - trend.at(last);
        double half = EIGHTY * Math.abs(trend.slopeHalfWidth(later));
        return new Growth(slope, Math.max(0, slope - half), slope + half);
    }
}
