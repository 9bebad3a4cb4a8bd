package org.kestan.judgment.advice;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.TargetReset;

/**
 * The result of a school of projection on this instrument (§4): the same action with another saddle, and so another
 * neck angle. Millimeters.
 *
 * @param school which
 * @param after the setup it leads to
 * @param removalAtCap heel cut at the cap; empty if the heel was not read
 * @param targetStrung where the fret line under the outer strings is to arrive at the saddle at pitch, over the soundboard
 * @param targetSlack the same with the strings slack
 */
public record SchoolPlan(
        School school, Setup after, OptionalDouble removalAtCap, double targetStrung, double targetSlack) {

    /** Where the straightedge has to land with the strings slack, as it reads on this sheet (§3.4), mm. */
    public double slackAsRead() {
        return after.basis().straightedge().asRead(targetSlack);
    }

    /** Where the straightedge has to land at pitch, as it reads on this sheet, mm. */
    public double strungAsRead() {
        return after.basis().straightedge().asRead(targetStrung);
    }

    /** Saddle left at the center, mm. */
    public double protrusion() {
        return Sides.mean(after.protrusion().orElseThrow(Expect.present("saddle protrusion")));
    }

    /** The projection schools side by side; none for a floating bridge or if the sheet is not complete enough. */
    public static List<SchoolPlan> of(SheetAnalysis sheetAnalysis) {
        JudgmentContext about = JudgmentContext.of(sheetAnalysis);
        return about.measured()
                .filter(setup -> setup.protrusion().isPresent())
                .map(setup -> SchoolQuestion.PROJECTION.schools().stream()
                        .flatMap(school -> plan(about, setup, school).stream())
                        .toList())
                .orElse(List.of());
    }

    private static Optional<SchoolPlan> plan(JudgmentContext about, Setup from, School school) {
        double sink = TargetReset.sink(about);
        OptionalDouble heel = about.length(Reading.HEEL_HEIGHT);
        return TargetReset.by(school, about, from).map(after -> {
            double strung = after.projection();
            OptionalDouble cut = heel.isPresent()
                    ? OptionalDouble.of(heel.getAsDouble() * after.rotation().tan())
                    : heel;
            return new SchoolPlan(school, after, cut, strung, strung + sink);
        });
    }
}
