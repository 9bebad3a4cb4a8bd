package org.kestan.repair.heel;

import java.util.List;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;

/**
 * What a pull usually takes off at the cap, by the grit of the paper: the shop's own values, interpolated on a log
 * scale.
 */
public final class HeelRates {

    /** The papers of a fitting, from the coarsest. */
    public static final List<Integer> GRITS = List.of(80, 120, 180);

    private final double[] usual;

    /** The rates of a shop. */
    public HeelRates(ShopStandards shop) {
        usual = new double[] {shop.get(Standard.PULL_80), shop.get(Standard.PULL_120), shop.get(Standard.PULL_180)};
    }

    /** What a pull usually takes, mm. */
    public double usual(int grit) {
        int upper = grit <= GRITS.get(1) ? 1 : 2;
        double from = Math.log(GRITS.get(upper - 1));
        double share = (Math.log(grit) - from) / (Math.log(GRITS.get(upper)) - from);
        double low = Math.log(Math.max(1e-4, usual[upper - 1]));
        return Math.exp(low + share * (Math.log(Math.max(1e-4, usual[upper])) - low));
    }

    /** The index of the paper closest to a grit. */
    int nearest(int grit) {
        return grit <= 98 ? 0 : grit <= 147 ? 1 : 2;
    }

    /** The next finer paper of a fitting; the finest stays. */
    static int finer(int grit) {
        return GRITS.stream().filter(each -> each > grit).findFirst().orElse(GRITS.get(GRITS.size() - 1));
    }
}
