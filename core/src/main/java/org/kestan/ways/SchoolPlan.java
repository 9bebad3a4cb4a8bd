package org.kestan.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.SchoolQuestion;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/**
 * What a school of projection comes to on this instrument (§4): the same action with another saddle, and so another neck
 * angle. Millimetres.
 *
 * @param school which
 * @param after the set-up it leads to
 * @param removalAtCap heel cut at the cap; empty when the heel was not read
 * @param targetStrung where the straightedge is to arrive at the saddle at pitch, over the soundboard
 * @param targetSlack the same with the strings slack
 */
public record SchoolPlan(
        School school, Setup after, OptionalDouble removalAtCap, double targetStrung, double targetSlack) {

    /** Saddle that is left at the centre, mm. */
    public double protrusion() {
        return Sides.mean(after.protrusion().orElseThrow());
    }

    /** The projection schools side by side; none for a floating bridge or where the sheet does not say enough. */
    public static List<SchoolPlan> of(Reckoning reckoning) {
        Case about = Case.of(reckoning, BenchUnit.MILLIMETRES);
        List<SchoolPlan> plans = new ArrayList<>();
        about.measured().filter(setup -> setup.protrusion().isPresent()).ifPresent(setup -> {
            for (School school : SchoolQuestion.PROJECTION.schools()) {
                plan(about, setup, school).ifPresent(plans::add);
            }
        });
        return List.copyOf(plans);
    }

    private static Optional<SchoolPlan> plan(Case about, Setup from, School school) {
        double sink = sink(about);
        OptionalDouble heel = about.reading(Reading.HEEL_HEIGHT);
        return reset(about, from, school).map(after -> {
            double strung = after.projection();
            OptionalDouble cut =
                    heel.isPresent() ? OptionalDouble.of(heel.getAsDouble() * Math.tan(after.rotation())) : heel;
            return new SchoolPlan(school, after, cut, strung, strung + sink);
        });
    }

    private static double sink(Case about) {
        return about.reckoning().trajectory().orElseThrow().sinkTaken(about.shop());
    }

    /**
     * The neck turned for the whole target of the job: relief, nut and bridge as it asks, and the saddle as a school would
     * have it where the job does not say. A floating bridge keeps its height unless the job says another.
     *
     * @return empty when no neck angle brings the strings there
     */
    static Optional<Setup> reset(Case about, Setup from, School school) {
        Sides<Double> nut = new Sides<>(
                about.aim(Aim.NUT_BASS).orElse(from.nut().bass()),
                about.aim(Aim.NUT_TREBLE).orElse(from.nut().treble()));
        double gap = about.aim(Aim.RELIEF).orElse(from.reliefGap());
        Sides<Double> action = about.wanted().action();
        if (from.protrusion().isEmpty()) {
            double rise = about.aim(Aim.BRIDGE_HEIGHT).orElse(from.supportHeight()) - from.supportHeight();
            return from.reset(action, gap, nut, rise, 0);
        }
        double thickness = from.bridgeThickness().orElseThrow();
        double thickening = about.aim(Aim.BRIDGE_THICKNESS).orElse(thickness) - thickness;
        double mean = Sides.mean(from.protrusion().get());
        // The crown's height over the fret line follows from the action alone, whatever the saddle: so plan once
        // without.
        return from.reset(action, gap, nut, 0, thickening).flatMap(plain -> {
            double crown = Sides.mean(plain.crown());
            double stands = protrusion(about, school, mean, crown);
            return from.reset(action, gap, nut, stands - mean, thickening);
        });
    }

    /** The protrusion at the centre that a school leads to: projection over the bridge plus the crown over the fret line. */
    private static double protrusion(Case about, School school, double now, double crown) {
        ShopStandards shop = about.shop();
        double sink = sink(about);
        return switch (school) {
            case KISSES -> crown - sink;
            case LITTLE_ABOVE -> shop.get(Standard.ABOVE_BRIDGE_SLACK) - sink + crown;
            case OVERSHOOT -> shop.get(Standard.OVERSHOOT_SLACK) - sink + crown;
            case SADDLE_LEFT -> shop.get(Standard.SADDLE_LEFT);
            default -> about.aim(Aim.SADDLE).orElse(now);
        };
    }

    /** The school by which a reset is planned: the job's own saddle where it says one, else the shop's choice. */
    static School chosen(Case about) {
        return about.aim(Aim.SADDLE).isPresent()
                ? School.DROP_SUM
                : about.shop().school(SchoolQuestion.PROJECTION);
    }
}
