package org.kestan.judgment.verdict;

import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;

/** What a saddle can give, between the least and the most it may stand out of the bridge. */
public final class SaddleReserve {

    private SaddleReserve() {}

    /**
     * A wanted change of a saddle's crown held within the shop's limits; a saddle that is outside them already is not made
     * worse, nor is it brought back.
     *
     * @param change positive to raise, each side, mm
     * @param stands how far it stands out now, each side, mm
     */
    public static Sides<Double> within(Sides<Double> change, Sides<Double> stands, ShopStandards shop) {
        double least = shop.get(Standard.PROTRUSION_LEAST);
        double most = shop.get(Standard.PROTRUSION_MOST);
        return change.with(
                stands, (each, now) -> Math.min(Math.max(each, Math.min(0, least - now)), Math.max(0, most - now)));
    }
}
