package org.kestan.repair.plan;

import java.util.EnumMap;
import java.util.Map;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.judgment.advice.Ways;

/** The figures of a work plan that are given with an uncertainty, mm. */
public enum PlanFigure {
    ACTION_BASS,
    ACTION_TREBLE,
    OFF_BASS,
    OFF_TREBLE,
    BRIDGE,
    RISE_BASS,
    RISE_TREBLE,
    PROJECTION,
    WEDGE,
    LENGTH;

    /** Works out how well each figure of a plan is known (JCGM 100:2008, about 95 %). */
    public static Map<PlanFigure, Uncertainty.Estimate> of(WorkPlan plan) {
        return Uncertainty.of(
                plan.sheetAnalysis(),
                PlanFigure.class,
                shifted -> figures(plan, WorkPlan.of(Ways.of(shifted), plan.ways())));
    }

    /**
     * The figures of a plan for an instrument that differs slightly from what was read; the action is the one that
     * results on it.
     */
    private static Map<PlanFigure, Double> figures(WorkPlan told, WorkPlan plan) {
        Map<PlanFigure, Double> figures = new EnumMap<>(PlanFigure.class);
        if (told.planned().isPresent() && plan.measured().isPresent()) {
            Sides<Double> action = ExecutedPlan.on(told, plan.sheetAnalysis()).action();
            figures.put(ACTION_BASS, action.bass());
            figures.put(ACTION_TREBLE, action.treble());
        }
        plan.planned().ifPresent(after -> figures.put(PROJECTION, after.projection()));
        PlanParts.ALL.forEach(part -> part.figures(plan, figures));
        return figures;
    }

    /** Returns one of two figures by its side. */
    static PlanFigure of(Side side, PlanFigure bass, PlanFigure treble) {
        return side == Side.BASS ? bass : treble;
    }
}
