package org.kestan.text;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.uncertainty.DerivedFigure;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.finding.Keyed;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.ProjectionPlan;
import org.kestan.repair.plan.WorkPlan;

/**
 * One of the few numbers you cut by, short enough to be printed large.
 *
 * @param value the number with its unit; a dash where there is none
 * @param note millimeters, ± and what is to be said of it; empty for nothing
 */
public record Headline(String value, String note) {

    /** The numbers to cut by. */
    public enum Kind implements Keyed {
        HEEL_CUT,
        NECK_ANGLE,
        STRAIGHTEDGE,
        SADDLE;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "headline";
        }
    }

    private static final Headline NONE = new Headline(Numbers.NONE, "");

    /** The numbers of a job's plan, all kinds. */
    public static Map<Kind, Headline> of(JobAnalysis analysis, Wording words) {
        return of(
                analysis.plan(),
                analysis.spreadIsKnown() ? analysis.spread().correction() : JobAnalysis.Spread.NONE.correction(),
                words);
    }

    /** The numbers of a plan, all kinds. */
    public static Map<Kind, Headline> of(WorkPlan plan, Uncertainty uncertainty, Wording words) {
        Map<Kind, Headline> all = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            all.put(kind, NONE);
        }
        plan.planned().ifPresent(planned -> {
            BenchUnit unit = words.numbers().unit();
            Optional<Correction> correction = plan.correction();
            boolean stays = Math.abs(planned.rotation().degrees()) < Tolerances.ARITHMETIC;
            Headline neckStays = new Headline(Numbers.NONE, Wording.text("headline.neck-stays"));
            all.put(
                    Kind.HEEL_CUT,
                    plan.heel()
                            .map(cut -> new Headline(
                                    unit.fine().format(cut.atCap()),
                                    millimeters(cut.atCap(), unit) + spread(uncertainty, DerivedFigure.HEEL_CUT)))
                            .orElse(stays ? neckStays : new Headline(Numbers.NONE, Wording.text("headline.no-heel"))));
            all.put(
                    Kind.NECK_ANGLE,
                    stays
                            ? neckStays
                            : correction
                                    .map(each -> new Headline(
                                            Numbers.angle(each.angle()),
                                            Wording.text(
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
                millimeters(plan.slackAsRead(), unit)
                        + Wording.text("headline.over-bridge").replace("{0}", unit.formatSigned(plan.overBridge())));
    }

    private static Headline saddle(Sides<Double> sides, BenchUnit unit) {
        return new Headline(
                Numbers.both(unit.format(sides.get(Side.BASS)), unit.format(sides.get(Side.TREBLE)), "  "),
                Wording.text("headline.out-of-bridge"));
    }

    private static Headline bridge(Setup planned, BenchUnit unit) {
        return new Headline(unit.format(planned.supportHeight()), Wording.text("headline.bridge-height"));
    }

    private static String millimeters(double value, BenchUnit unit) {
        return unit == BenchUnit.MILLIMETERS ? "" : BenchUnit.MILLIMETERS.format(value) + "  ";
    }

    private static String spread(Uncertainty uncertainty, DerivedFigure of) {
        return uncertainty
                .of(of)
                .map(each -> "\u00b1 " + BenchUnit.MILLIMETERS.format(each.expanded()))
                .orElse("");
    }
}
