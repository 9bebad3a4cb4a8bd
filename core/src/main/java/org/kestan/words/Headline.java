package org.kestan.words;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.kestan.dossier.Dossier;
import org.kestan.following.correction.Correction;
import org.kestan.following.setup.Setup;
import org.kestan.following.uncertainty.Derived;
import org.kestan.following.uncertainty.Uncertainty;
import org.kestan.ground.finding.Keyed;
import org.kestan.ground.geometry.Tolerances;
import org.kestan.ground.sheet.Side;
import org.kestan.ground.sheet.Sides;
import org.kestan.work.plan.ProjectionPlan;
import org.kestan.work.plan.WorkPlan;

/**
 * One of the few numbers that one cuts by, short enough to be printed large.
 *
 * @param value the number with its unit; a dash where there is none
 * @param note millimetres, ± and what is to be said of it; empty for nothing
 */
public record Headline(String value, String note) {

    /** The numbers one cuts by. */
    public enum Kind implements Keyed {
        HEEL_CUT,
        NECK_ANGLE,
        STRAIGHTEDGE,
        SADDLE;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        @Override
        public String family() {
            return "headline";
        }
    }

    private static final Headline NONE = new Headline(Numbers.NONE, "");

    /** The numbers of a job's plan, all kinds. */
    public static Map<Kind, Headline> of(Dossier dossier, Words words) {
        return of(
                dossier.plan(),
                dossier.spreadIsKnown() ? dossier.spread().correction() : Dossier.Spread.NONE.correction(),
                words);
    }

    /** The numbers of a plan, all kinds. */
    public static Map<Kind, Headline> of(WorkPlan plan, Uncertainty uncertainty, Words words) {
        Map<Kind, Headline> all = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            all.put(kind, NONE);
        }
        plan.planned().ifPresent(planned -> {
            BenchUnit unit = words.numbers().unit();
            Optional<Correction> correction = plan.correction();
            boolean stays = Math.abs(planned.rotation().degrees()) < Tolerances.ARITHMETIC;
            Headline neckStays = new Headline(Numbers.NONE, Words.text("headline.neck-stays"));
            all.put(
                    Kind.HEEL_CUT,
                    plan.heel()
                            .map(cut -> new Headline(
                                    unit.fine().format(cut.atCap()),
                                    millimetres(cut.atCap(), unit) + spread(uncertainty, Derived.HEEL_CUT)))
                            .orElse(stays ? neckStays : new Headline(Numbers.NONE, Words.text("headline.no-heel"))));
            all.put(
                    Kind.NECK_ANGLE,
                    stays
                            ? neckStays
                            : correction
                                    .map(each -> new Headline(
                                            Numbers.angle(each.angle()),
                                            Words.text(
                                                    each.angle().radians() > 0 ? "headline.back" : "headline.forward")))
                                    .orElse(NONE));
            all.put(
                    Kind.STRAIGHTEDGE,
                    plan.projection().map(each -> projection(each, unit)).orElse(NONE));
            all.put(
                    Kind.SADDLE,
                    planned.protrusion().map(sides -> saddle(sides, unit)).orElseGet(() -> bridge(planned, unit)));
        });
        return all;
    }

    private static Headline projection(ProjectionPlan plan, BenchUnit unit) {
        return new Headline(
                unit.format(plan.slackAsRead()),
                millimetres(plan.slackAsRead(), unit)
                        + Words.text("headline.over-bridge").replace("{0}", unit.formatSigned(plan.overBridge())));
    }

    private static Headline saddle(Sides<Double> sides, BenchUnit unit) {
        return new Headline(
                Numbers.bare(unit.format(sides.get(Side.BASS))) + "  " + unit.format(sides.get(Side.TREBLE)),
                Words.text("headline.out-of-bridge"));
    }

    private static Headline bridge(Setup planned, BenchUnit unit) {
        return new Headline(unit.format(planned.supportHeight()), Words.text("headline.bridge-height"));
    }

    private static String millimetres(double value, BenchUnit unit) {
        return unit == BenchUnit.MILLIMETRES ? "" : BenchUnit.MILLIMETRES.format(value) + "  ";
    }

    private static String spread(Uncertainty uncertainty, Derived of) {
        return uncertainty
                .of(of)
                .map(each -> "\u00b1 " + BenchUnit.MILLIMETRES.format(each.expanded()))
                .orElse("");
    }
}
