package org.kestan.judgment.way;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import org.kestan.analysis.setup.Obstacle;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;

/** The neck turned for the whole target of a job, with the saddle as a school of projection wants it (§4). */
public final class TargetReset {

    private static final int SECANTS = 4;

    private TargetReset() {}

    /**
     * Turns the neck: relief, nut and bridge as the job asks, and the saddle as a school wants it if the job does not
     * say. A floating bridge keeps its height unless the job says otherwise.
     *
     * @return empty if no neck angle brings the strings there
     */
    public static Optional<Setup> by(School school, JudgmentContext about, Setup from) {
        Sides<OptionalDouble> nut = Sides.of(side -> about.length(Aim.nut(side)));
        // If no rod can set the relief, it is as the previous ways leave it (§3.5).
        double gap = from.basis().reliefStays()
                ? from.reliefGap()
                : about.length(Aim.RELIEF).orElse(from.reliefGap());
        Sides<Double> action = about.wanted().action();
        if (from.protrusion().isEmpty()) {
            double rise = about.length(Aim.BRIDGE_HEIGHT).orElseGet(() -> withinRange(about, from.supportHeight()))
                    - from.supportHeight();
            double most = about.length(Aim.BRIDGE_HEIGHT).isPresent()
                    ? rise
                    : Math.max(
                            rise,
                            about.length(Reading.BRIDGE_HIGHEST).orElse(from.supportHeight() + rise)
                                    - from.supportHeight());
            return clearing(about, rise, most, each -> from.afterReset(action, gap, nut, each, 0));
        }
        double thickness = from.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
        double thickening = about.length(Aim.BRIDGE_THICKNESS).orElse(thickness) - thickness;
        double mean = Sides.mean(from.protrusion().get());
        // The crown's height over the fret line follows from the action alone, whatever the saddle, so plan once
        // without it.
        return from.afterReset(action, gap, nut, 0, thickening).flatMap(plain -> {
            double stands = protrusion(about, school, mean, plain);
            double most = about.length(Aim.SADDLE).isPresent() ? stands : Math.max(stands, tallest(about, plain));
            return clearing(
                    about, stands - mean, most - mean, each -> from.afterReset(action, gap, nut, each, thickening));
        });
    }

    /**
     * A bridge or saddle as tall as the requested clearance needs, with the neck following it, up to the allowed
     * maximum. The strings over an obstacle rise with it linearly, closely enough for a few secant steps (§3.19).
     *
     * @param rise how much it would rise without the obstacle, mm
     * @param most the most it may rise, mm
     */
    private static Optional<Setup> clearing(
            JudgmentContext about, double rise, double most, DoubleFunction<Optional<Setup>> reset) {
        OptionalDouble asked = about.length(Aim.CLEARANCE);
        Optional<Obstacle> obstacle = about.obstacle();
        if (asked.isEmpty() || obstacle.isEmpty() || most <= rise) {
            return reset.apply(rise);
        }
        double at = rise;
        for (int turn = 0; turn < SECANTS; turn++) {
            Optional<Setup> here = reset.apply(at);
            Optional<Setup> there = reset.apply(most);
            if (here.isEmpty() || there.isEmpty()) {
                return reset.apply(rise);
            }
            double clears = obstacle.get().underStrings(here.get());
            double lacking = asked.getAsDouble() - clears;
            double gain = (obstacle.get().underStrings(there.get()) - clears) / (most - at);
            if (lacking <= Tolerances.ARITHMETIC || gain <= 0) {
                break;
            }
            at = Math.min(most, at + lacking / gain);
            if (at == most) {
                break;
            }
        }
        return reset.apply(at);
    }

    /** The mean protrusion at which the taller side reaches the maximum, mm. */
    private static double tallest(JudgmentContext about, Setup plain) {
        Sides<Double> out = plain.protrusion().orElseThrow(Expect.present("saddle protrusion"));
        return about.most() - (Math.max(out.bass(), out.treble()) - Sides.mean(out));
    }

    /** A bridge that is beyond the range of its wheels comes back within it. */
    private static double withinRange(JudgmentContext about, double height) {
        double least = about.length(Reading.BRIDGE_LOWEST).orElse(height);
        double most = about.length(Reading.BRIDGE_HIGHEST).orElse(height);
        return Math.max(least, Math.min(Math.max(least, most), height));
    }

    /** The mean protrusion that results from a school. A worn-down or too tall saddle is never the target. */
    private static double protrusion(JudgmentContext about, School school, double now, Setup plain) {
        ShopStandards shop = about.shop();
        double tall = shop.get(Standard.SADDLE_LEFT);
        double sound = now > Math.max(tall, about.most()) ? tall : Math.max(now, shop.get(Standard.PROTRUSION_FULL));
        return switch (school) {
            case KISSES -> landing(about, plain, 0);
            case LITTLE_ABOVE -> landing(about, plain, shop.get(Standard.ABOVE_BRIDGE_SLACK));
            case OVERSHOOT -> landing(about, plain, shop.get(Standard.OVERSHOOT_SLACK));
            case SADDLE_LEFT -> shop.get(Standard.SADDLE_LEFT);
            default -> about.length(Aim.SADDLE).orElseGet(() -> clearing(about, sound, plain));
        };
    }

    /**
     * The mean nearest to the wanted one at which neither side is too low; nor too tall, as far as both are possible.
     */
    private static double clearing(JudgmentContext about, double wish, Setup plain) {
        Sides<Double> out = plain.protrusion().orElseThrow(Expect.present("saddle protrusion"));
        double mean = Sides.mean(out);
        double least = about.least(plain) + mean - Math.min(out.bass(), out.treble());
        double most = about.most() - (Math.max(out.bass(), out.treble()) - mean);
        return Math.max(least, Math.min(most, wish));
    }

    /**
     * The mean protrusion with which the straightedge, as it reads with the strings slack, lands at the given height
     * over the bridge's top, from the projection over the bridge and the crown over the fret line.
     */
    private static double landing(JudgmentContext about, Setup plain, double overBridge) {
        double top = plain.bridgeTop();
        // A bridge that was cut before counts at its old height if the shop follows that school.
        double reference = about.shop().holds(School.BRIDGE_AS_MADE)
                ? Math.max(top, about.bridgeAsMade().orElse(top))
                : top;
        double strung = plain.basis().straightedge().atSaddle(reference + overBridge) - sink(about);
        return strung - top + Sides.mean(plain.crown());
    }

    /** Returns how far the body is taken to fold up, mm. */
    public static double sink(JudgmentContext about) {
        return about.sheetAnalysis()
                .trajectory()
                .orElseThrow(Expect.present("complete sheet"))
                .sinkTaken(about.shop());
    }

    /** Returns the school for planning a reset: the job's own saddle if it names one, or else the shop's choice. */
    public static School chosen(JudgmentContext about) {
        return about.length(Aim.SADDLE).isPresent()
                ? School.DROP_SUM
                : about.shop().school(SchoolQuestion.PROJECTION);
    }
}
