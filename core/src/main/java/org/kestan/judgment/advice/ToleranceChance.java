package org.kestan.judgment.advice;

import java.util.Collection;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.analysis.inputs.RodEffect;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Way;

/**
 * The chance that the action ends up out of the shop's tolerance on either side (§6): the predicted action with its
 * uncertainty (§3.17), normally distributed. What both sides share, such as the effect of the rod, is treated as one
 * quantity.
 */
final class ToleranceChance {

    private static final NormalDistribution NORMAL = new NormalDistribution(0, 1);

    /**
     * Simpson's rule over ±6 standard deviations of what the sides share, in steps narrower than each side's own
     * spread.
     */
    private static final int LEAST_STEPS = 24;

    private static final int MOST_STEPS = 2000;

    private static final double FAR = 6;

    /** A side known better than this counts as exact, mm. */
    private static final double EXACT = 1e-6;

    private final JudgmentContext context;
    private final Setup measured;

    ToleranceChance(JudgmentContext context, Setup measured) {
        this.context = context;
        this.measured = measured;
    }

    /**
     * The chance of ending up out of tolerance.
     *
     * @param after the setup predicted
     * @param by the ways that lead there
     * @return 0 to 1
     */
    double out(Setup after, Collection<Way> by) {
        double reach = context.shop(Standard.ACTION_REACH);
        Sides<Double> off = after.action().with(context.wanted().action(), (then, aim) -> then - aim);
        Sides<Double> own = Sides.of(side -> Math.max(EXACT, own(side)));
        Sides<Double> shared = shared(after, by);
        if (shared.bass() < EXACT && shared.treble() < EXACT) {
            return 1 - within(off, own, reach);
        }
        int steps = steps(own, shared);
        double within = 0;
        double width = 2 * FAR / steps;
        for (int i = 0; i <= steps; i++) {
            double at = -FAR + i * width;
            double weight = i == 0 || i == steps ? 1 : i % 2 == 0 ? 2 : 4;
            within += weight
                    * NORMAL.density(at)
                    * within(off.with(shared, (each, common) -> each + common * at), own, reach);
        }
        return Math.min(1, Math.max(0, 1 - within * width / 3));
    }

    /** An even number of steps, each at most half as wide as a side's own spread. */
    private static int steps(Sides<Double> own, Sides<Double> shared) {
        double finest = Math.max(shared.bass() / own.bass(), shared.treble() / own.treble());
        return Math.min(MOST_STEPS, Math.max(LEAST_STEPS, 2 * (int) Math.ceil(2 * FAR * finest)));
    }

    private static double within(Sides<Double> off, Sides<Double> standard, double reach) {
        return within(off.bass(), standard.bass(), reach) * within(off.treble(), standard.treble(), reach);
    }

    private static double within(double off, double standard, double reach) {
        return NORMAL.cumulativeProbability((reach - off) / standard)
                - NORMAL.cumulativeProbability((-reach - off) / standard);
    }

    /** Standard uncertainty of the present action, for each side by itself, mm. */
    private double own(Side side) {
        Reading reading = side == Side.BASS ? Reading.ACTION_BASS : Reading.ACTION_TREBLE;
        if (context.job().get(reading).isPresent()) {
            return standard(reading);
        }
        // Implied by the projection (§3.6a): an error there is halved at the frets.
        double projection = Math.hypot(standard(Reading.PROJECTION_SLACK), sinkStandard());
        return projection / leverage();
    }

    private double leverage() {
        return measured.basis().saddle() / measured.basis().actionAt();
    }

    private double standard(Reading reading) {
        return Repeatability.standard(context.job().visit(), reading, context.shop());
    }

    /** Zero if the sink was read or the shop ignores it, mm. */
    private double sinkStandard() {
        boolean known = context.sheetAnalysis()
                        .trajectory()
                        .filter(each -> each.sink().isPresent())
                        .isPresent()
                || context.shop().holds(School.IGNORE_SINK);
        return known ? 0 : context.shop(Standard.SINK_SPREAD) / Math.sqrt(3);
    }

    /** Standard uncertainty of what the ways change on both sides alike, mm. */
    private Sides<Double> shared(Setup after, Collection<Way> by) {
        boolean planed = by.stream().anyMatch(way -> way.has(Effect.PLANES_BOARD));
        RodEffect rod = RodEffect.of(context.job(), context.shop());
        double share = rod.standard() / rod.share();
        Sides<Double> bent = planed || after.reliefGap() == measured.reliefGap()
                ? new Sides<>(0.0, 0.0)
                : measured.afterRelief(after.reliefGap())
                        .action()
                        .with(measured.action(), (then, now) -> Math.abs(then - now) * share);
        double body = by.stream().anyMatch(way -> way.has(Effect.CUTS_HEEL))
                ? Math.hypot(standard(Reading.PROJECTION_SLACK), sinkStandard()) / leverage()
                : 0;
        return bent.map(each -> Math.hypot(each, body));
    }
}
