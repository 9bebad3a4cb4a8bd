package org.kestan.analysis.setup;

import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;

/** How far a saddle can be lowered or raised, between the least and the most it may stand out of the bridge. */
public final class SaddleReserve {

    private SaddleReserve() {}

    /**
     * The least the saddle of a setup may stand out: the shop's rule, or, if its school goes by the break angle, as
     * little as leaves a good one. Without a pin distance that was read, there is no break angle to go by.
     *
     * @return mm
     */
    public static double least(Setup setup, ShopStandards shop) {
        double rule = shop.get(Standard.PROTRUSION_LEAST);
        if (!shop.holds(School.SADDLE_BY_BREAK_ANGLE)
                || setup.protrusion().isEmpty()
                || setup.anchorage().pinDistanceAssumed()) {
            return rule;
        }
        double bent = setup.protrusionFor(shop.angle(Standard.BREAK_ANGLE_GOOD));
        return Math.min(rule, Math.max(shop.get(Standard.PROTRUSION_PLAYED), bent));
    }

    /**
     * A wanted change of a saddle's crown, limited to the shop's range; a saddle that is already outside it is neither
     * made worse nor brought back.
     *
     * @param change positive to raise, each side, mm
     * @param from the setup, with a saddle that stands out of a bridge
     */
    public static Sides<Double> within(Sides<Double> change, Setup from, ShopStandards shop) {
        Sides<Double> stands = from.protrusion().orElseThrow(Expect.present("saddle protrusion"));
        double least = least(from, shop);
        double most = shop.get(Standard.PROTRUSION_MOST);
        return change.with(
                stands, (each, now) -> Math.min(Math.max(each, Math.min(0, least - now)), Math.max(0, most - now)));
    }
}
