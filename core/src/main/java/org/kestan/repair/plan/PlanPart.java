package org.kestan.repair.plan;

import java.util.EnumMap;
import java.util.Map;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.sheet.Sides;
import org.kestan.judgment.advice.Ways;

/** The figures of a work plan that are given with an uncertainty, mm. */
public enum PlanPart {
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
    public static Map<PlanPart, Uncertainty.Estimate> of(WorkPlan plan) {
        return Uncertainty.of(
                plan.job(),
                plan.shop(),
                PlanPart.class,
                sheetAnalysis -> figures(plan, WorkPlan.of(Ways.of(sheetAnalysis), plan.ways())));
    }

    /** The figures of a plan for an instrument that is not quite what was read; the action is what was told comes to on it. */
    private static Map<PlanPart, Double> figures(WorkPlan told, WorkPlan plan) {
        Map<PlanPart, Double> figures = new EnumMap<>(PlanPart.class);
        if (told.planned().isPresent() && plan.measured().isPresent()) {
            Sides<Double> action = ExecutedPlan.on(told, plan.sheetAnalysis()).action();
            figures.put(ACTION_BASS, action.bass());
            figures.put(ACTION_TREBLE, action.treble());
        }
        plan.planned().ifPresent(after -> figures.put(PROJECTION, after.projection()));
        plan.saddle().ifPresent(saddle -> {
            figures.put(OFF_BASS, saddle.off().bass());
            figures.put(OFF_TREBLE, saddle.off().treble());
        });
        plan.bridge().ifPresent(bridge -> {
            figures.put(BRIDGE, bridge.after());
            figures.put(RISE_BASS, bridge.sides().bass());
            figures.put(RISE_TREBLE, bridge.sides().treble());
        });
        plan.wedge().ifPresent(wedge -> figures.put(WEDGE, wedge.end()));
        plan.intonation().ifPresent(intonation -> figures.put(LENGTH, intonation.lengthChange()));
        return figures;
    }
}
