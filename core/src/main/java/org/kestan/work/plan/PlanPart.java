package org.kestan.work.plan;

import java.util.EnumMap;
import java.util.Map;
import org.kestan.following.uncertainty.Uncertainty;
import org.kestan.ground.sheet.Side;
import org.kestan.judgement.advice.Ways;

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

    /** Works out how well each figure of a plan is known (JCGM 100:2008, k = 2). */
    public static Map<PlanPart, Uncertainty.Estimate> of(WorkPlan plan) {
        return Uncertainty.of(
                plan.job(),
                plan.shop(),
                PlanPart.class,
                reckoning -> figures(WorkPlan.of(Ways.of(reckoning), plan.ways())));
    }

    private static Map<PlanPart, Double> figures(WorkPlan plan) {
        Map<PlanPart, Double> figures = new EnumMap<>(PlanPart.class);
        plan.planned().ifPresent(after -> {
            figures.put(ACTION_BASS, after.action().get(Side.BASS));
            figures.put(ACTION_TREBLE, after.action().get(Side.TREBLE));
            figures.put(PROJECTION, after.projection());
        });
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
