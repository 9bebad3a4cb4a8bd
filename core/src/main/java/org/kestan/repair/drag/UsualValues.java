package org.kestan.repair.drag;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.repair.plan.WorkPlan;

/** The heights at which a drag snaps: the shop's usual targets, and the present value. */
public final class UsualValues {

    private UsualValues() {}

    /**
     * Returns the usual values for a handle, in mm as {@link PlanDrag#move} takes them.
     *
     * @return the action the shop wants and the one measured; the crown as it is and over a saddle that stands out as
     *     far as the shop likes; the fret line as it is and level with the bridge's top; empty until something is
     *     measured
     */
    public static List<Double> of(WorkPlan plan, Handle handle) {
        Optional<Setup> measured = plan.measured();
        if (measured.isEmpty()) {
            return List.of();
        }
        Setup now = measured.get();
        ShopStandards shop = plan.shop();
        return switch (handle) {
            case ACTION_BASS -> actions(plan, now, Side.BASS);
            case ACTION_TREBLE -> actions(plan, now, Side.TREBLE);
            case SADDLE_CROWN ->
                now.protrusion().isEmpty()
                        ? List.of(now.supportHeight())
                        : List.of(now.supportHeight(), now.bridgeTop() + shop.get(Standard.PROTRUSION_FULL));
            case FRET_LINE -> List.of(now.projection(), now.bridgeTop());
        };
    }

    private static List<Double> actions(WorkPlan plan, Setup now, Side side) {
        Standard usual = side == Side.BASS ? Standard.ACTION_WANTED_BASS : Standard.ACTION_WANTED_TREBLE;
        double wanted = plan.shop().get(usual, plan.job().family());
        return Stream.of(wanted, now.action().get(side)).distinct().toList();
    }
}
