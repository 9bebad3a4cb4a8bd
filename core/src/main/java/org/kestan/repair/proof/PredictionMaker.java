package org.kestan.repair.proof;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.proof.Prediction;
import org.kestan.job.proof.Prediction.Predicted;
import org.kestan.job.tree.Tree;
import org.kestan.judgment.way.Way;
import org.kestan.repair.plan.PlanFigure;
import org.kestan.repair.plan.ProjectionPlan;
import org.kestan.repair.plan.WorkPlan;

/** Makes a prediction from a plan. */
public final class PredictionMaker {

    /** A rod can be set to within a thousandth of an inch. Common practice, no source, like the next. */
    private static final double RELIEF_WITHIN = 0.0254;

    private static final double NUT_WITHIN = 0.05;

    private PredictionMaker() {}

    /**
     * Predicts the readings from the plan as it is today.
     *
     * @param known the uncertainties of the plan's figures; empty if they were not worked out
     * @return empty until something is planned
     */
    public static Optional<Prediction> of(WorkPlan plan, Map<PlanFigure, Uncertainty.Estimate> known, LocalDate today) {
        return plan.planned()
                .map(planned -> new Prediction(
                        today,
                        plan.ways().stream().map(Way::key).toList(),
                        predicted(plan, planned, known),
                        plan.projection().map(ProjectionPlan::sink),
                        standards(plan.shop())));
    }

    private static Map<Reading, Predicted> predicted(
            WorkPlan plan, Setup planned, Map<PlanFigure, Uncertainty.Estimate> known) {
        Map<Reading, Predicted> all = new EnumMap<>(Reading.class);
        all.put(Reading.RELIEF, new Predicted(planned.reliefGap(), RELIEF_WITHIN));
        all.put(Reading.NUT_BASS, new Predicted(planned.nut().bass(), NUT_WITHIN));
        all.put(Reading.NUT_TREBLE, new Predicted(planned.nut().treble(), NUT_WITHIN));
        all.put(Reading.ACTION_BASS, new Predicted(planned.action().bass(), spread(known, PlanFigure.ACTION_BASS)));
        all.put(
                Reading.ACTION_TREBLE,
                new Predicted(planned.action().treble(), spread(known, PlanFigure.ACTION_TREBLE)));
        planned.protrusion().ifPresent(out -> {
            all.put(Reading.SADDLE_BASS, new Predicted(out.bass(), spread(known, PlanFigure.OFF_BASS)));
            all.put(Reading.SADDLE_TREBLE, new Predicted(out.treble(), spread(known, PlanFigure.OFF_TREBLE)));
        });
        all.put(
                plan.job().fitting() == Fitting.FLOATING_BRIDGE ? Reading.BRIDGE_HEIGHT : Reading.BRIDGE_THICKNESS,
                new Predicted(planned.bridgeTop(), spread(known, PlanFigure.BRIDGE)));
        plan.projection().ifPresent(projection -> {
            double within = spread(known, PlanFigure.PROJECTION);
            all.put(Reading.PROJECTION_STRUNG, new Predicted(projection.strungAsRead(), within));
            all.put(Reading.PROJECTION_SLACK, new Predicted(projection.slackAsRead(), within));
        });
        return all;
    }

    private static double spread(Map<PlanFigure, Uncertainty.Estimate> known, PlanFigure part) {
        return known.getOrDefault(part, Uncertainty.Estimate.NONE).expanded();
    }

    /** The standards of the day, each by its key and as it is written. */
    private static Tree.Entries standards(ShopStandards shop) {
        Map<String, Tree> values = new LinkedHashMap<>();
        for (Standard standard : Standard.values()) {
            values.put(standard.key(), Tree.text(shop.text(standard)));
        }
        Map<String, Tree> schools = new LinkedHashMap<>();
        for (SchoolQuestion question : SchoolQuestion.values()) {
            schools.put(question.key(), Tree.text(shop.school(question).key()));
        }
        return new Tree.Draft()
                .put("values", new Tree.Entries(values))
                .put("schools", new Tree.Entries(schools))
                .entries();
    }
}
